<script setup lang="ts">
import { mdiWeatherNight, mdiWeatherSunny } from '@mdi/js'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useDisplay, useTheme } from 'vuetify'
import ReckonLine from './features/reckon/components/ReckonLine.vue'
import ListPicker from './frame/ListPicker.vue'
import NoticeRow from './frame/NoticeRow.vue'
import RunningJobs from './frame/RunningJobs.vue'
import ServerRow from './frame/ServerRow.vue'
import StepRail from './frame/StepRail.vue'
import { titleOf } from './frame/steps'
import { useFrameKeys } from './frame/useFrameKeys'
import { useOpenList } from './shared/composables/useOpenList'
import { focusWork } from './shared/keys/useScreen'
import { useAsked } from './shared/ui/useAsked'
import { rememberedTheme, rememberTheme } from './theme'

const KeysDialog = defineAsyncComponent(() => import('./shared/keys/KeysDialog.vue'))

const theme = useTheme()
const dark = computed(() => theme.global.current.value.dark)
const other = computed(() => (dark.value ? 'Light colours' : 'Dark colours'))
function turnTheme() {
  const next = dark.value ? 'light' : 'dark'
  theme.change(next)
  rememberTheme(next)
}
// Whoever has chosen neither goes with the machine, also when that turns dark in the evening.
matchMedia('(prefers-color-scheme: dark)').addEventListener('change', () => theme.change(rememberedTheme()))

const { mobile, height } = useDisplay()
/** A phone held upright has room below; a window at 200 % zoom has none to give away. */
const upright = computed(() => mobile.value && height.value > 520)

const reckonLine = ref<InstanceType<typeof ReckonLine> | null>(null)
const keysOpen = ref(false)
const keysAsked = useAsked(keysOpen)
useFrameKeys(
  () => reckonLine.value,
  () => (keysOpen.value = true),
)

const route = useRoute()
const { open } = useOpenList()
watch(
  [() => titleOf(String(route.name)), () => open.value?.name],
  ([word, list]) => (document.title = [word, list, 'Reckonrod'].filter(Boolean).join(' · ')),
  { immediate: true },
)
/** Past the bar and the rail, to where the person works. */
function skip() {
  document.querySelector<HTMLElement>('#work')?.focus()
  focusWork()
}
</script>

<template>
  <a class="skip" href="#work" @click.prevent="skip">To the work</a>
  <v-app-bar color="bar" :height="56" flat class="top" :extension-height="48">
    <svg class="mark" width="14" height="30" viewBox="0 0 14 30" aria-hidden="true">
      <rect width="14" height="30" rx="2" />
      <path d="M14 3H5M14 7H9M14 11H9M14 15H5M14 19H9M14 23H9M14 27H5" />
    </svg>
    <span v-if="!mobile" class="brand">Reckonrod</span>
    <ListPicker />
    <div v-if="!upright" class="line"><ReckonLine ref="reckonLine" /></div>
    <v-spacer />
    <RunningJobs />
    <v-btn
      :icon="dark ? mdiWeatherSunny : mdiWeatherNight"
      variant="text"
      size="small"
      :aria-label="other"
      :title="other"
      @click="turnTheme"
    />
    <template v-if="upright" #extension>
      <div class="line"><ReckonLine ref="reckonLine" /></div>
    </template>
  </v-app-bar>
  <StepRail :foot="upright" />
  <v-main scrollable>
    <div class="step">
      <ServerRow />
      <div id="work" class="page" tabindex="-1"><router-view /></div>
      <NoticeRow />
    </div>
  </v-main>
  <KeysDialog v-if="keysAsked" v-model="keysOpen" />
</template>

<style scoped>
.skip {
  position: absolute;
  left: 8px;
  top: -60px;
  z-index: 3000;
  padding: 8px 14px;
  border-radius: 6px;
  background: var(--surface);
}
.skip:focus {
  top: 8px;
}
.top {
  color: var(--bar-quiet);
}
.top :deep(.v-toolbar__content) {
  gap: 14px;
  padding: 0 16px;
  overflow: visible;
}
.top :deep(.v-toolbar__extension) {
  padding: 0 12px 10px;
  overflow: visible;
}
.top :deep(:focus-visible) {
  outline-color: var(--bar-focus);
}
.mark {
  flex: none;
  fill: rgb(var(--v-theme-bar-rod));
  stroke: rgb(var(--v-theme-bar-mark));
}
.mark rect {
  stroke: none;
}
.brand {
  font-weight: 640;
  font-size: 18px;
  color: var(--bar-ink);
}
.line {
  flex: 1 1 320px;
  max-width: 600px;
}
.step {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--ground);
}
.page {
  flex: 1;
  min-height: 0;
  overflow: auto;
}
@media (max-width: 720px) {
  .top :deep(.v-toolbar__content) {
    gap: 8px;
    padding: 0 10px;
  }
  .line {
    max-width: none;
  }
}
@media print {
  .skip {
    display: none;
  }
  .step,
  .page {
    height: auto;
    overflow: visible;
    background: none;
  }
}
</style>
