<script setup lang="ts">
import {
  mdiFormatListNumbered,
  mdiInformationOutline,
  mdiMapSearchOutline,
  mdiTableLarge,
  mdiTrayArrowDown,
  mdiViewGridOutline,
  mdiWeatherNight,
  mdiWeatherSunny,
} from '@mdi/js'
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useTheme } from 'vuetify'
import ReckonLine from './features/reckon/components/ReckonLine.vue'
import NewListDialog from './features/arrange/components/NewListDialog.vue'
import RunningJobs from './features/load/components/RunningJobs.vue'
import { useNotice } from './shared/composables/useNotice'
import { useOpenList } from './shared/composables/useOpenList'
import KeysDialog from './shared/components/KeysDialog.vue'
import { currentScreen, focusWork, isScreens, toScreen } from './shared/keys/useScreen'
import { counted } from './shared/words'
import { rememberTheme } from './theme'

const STEPS = [
  { name: 'find', word: 'Find', icon: mdiMapSearchOutline, key: '1' },
  { name: 'arrange', word: 'Arrange', icon: mdiFormatListNumbered, key: '2' },
  { name: 'fit', word: 'Fit', icon: mdiViewGridOutline, key: '3' },
  { name: 'load', word: 'Load', icon: mdiTrayArrowDown, key: '4' },
]

const TABLES = { name: 'tables', key: '9' }
const SCREENS: Record<string, string> = {
  find: 'Find',
  sources: 'Sources',
  arrange: 'Arrange',
  review: 'Lines to review',
  fit: 'Fit',
  load: 'Load',
  tables: 'Tables',
  about: 'About',
}
const KEYS: [string, string][] = [
  ['/', 'to the Reckon line'],
  ['Alt+1 2 3 4', 'to Find, Arrange, Fit, Load'],
  ['Alt+9', 'to the tables'],
  ['Tab', 'through what is on the screen'],
]

const theme = useTheme()
const dark = computed(() => theme.global.current.value.dark)
function turnTheme() {
  const next = dark.value ? 'light' : 'dark'
  theme.change(next)
  rememberTheme(next)
}

const { open, lists, choose } = useOpenList()
const NEW = 'new'
const naming = ref(false)
function pick(select: HTMLSelectElement) {
  if (select.value === NEW) {
    select.value = open.value?.id ?? ''
    naming.value = true
  } else choose(select.value)
}
const { notice } = useNotice()
const router = useRouter()
const reckonLine = ref<InstanceType<typeof ReckonLine> | null>(null)

const keysOpen = ref(false)
function onKey(event: KeyboardEvent) {
  const step = event.altKey ? [...STEPS, TABLES].find((each) => each.key === event.key) : undefined
  if (step) {
    event.preventDefault()
    void router.push({ name: step.name })
    return
  }
  if (!isScreens(event)) return
  if (reckonLine.value?.typeAhead(event)) return
  if (event.key === '/' && !event.ctrlKey && !event.metaKey) {
    event.preventDefault()
    reckonLine.value?.focus()
    return
  }
  if (event.key === '?' && !currentScreen()?.showKeys) {
    event.preventDefault()
    keysOpen.value = true
    return
  }
  toScreen(event, (text) => reckonLine.value?.type(text))
}

const route = useRoute()
const screen = computed(() => SCREENS[String(route.name)] ?? 'Nowhere')
watch(
  [screen, () => open.value?.name],
  ([word, list]) => (document.title = [word, list, 'Reckonrod'].filter(Boolean).join(' · ')),
  { immediate: true },
)
/** Past the header and the rail, to where the person works. */
function skip() {
  document.querySelector<HTMLElement>('main.step')?.focus()
  focusWork()
}
onMounted(() => addEventListener('keydown', onKey))
onBeforeUnmount(() => removeEventListener('keydown', onKey))
</script>

<template>
  <div>
    <a class="skip" href="#work" @click.prevent="skip">To the work</a>
    <div class="frame">
      <header class="top">
        <div class="brand">
          <svg width="14" height="30" viewBox="0 0 14 30" aria-hidden="true">
            <rect width="14" height="30" rx="2" fill="#E9DDBF" />
            <path d="M14 3H5M14 7H9M14 11H9M14 15H5M14 19H9M14 23H9M14 27H5" stroke="#6B5A28" />
          </svg>
          <span class="word">Reckonrod</span>
        </div>
        <div class="list">
          <template v-if="open">
            <label>
              <span class="unseen">Open list</span>
              <select :value="open.id" @change="pick($event.target as HTMLSelectElement)">
                <option v-for="each in lists" :key="each.id" :value="each.id">{{ each.name }}</option>
                <option :value="NEW">New list…</option>
              </select>
            </label>
            <span>{{ counted(open.channels, 'channel') }}</span>
          </template>
          <v-btn v-else-if="lists" size="small" @click="naming = true">New list</v-btn>
        </div>
        <div class="line"><ReckonLine ref="reckonLine" /></div>
        <div class="right">
          <RunningJobs />
          <button
            type="button"
            class="turn"
            :aria-label="dark ? 'Light colours' : 'Dark colours'"
            :title="dark ? 'Light colours' : 'Dark colours'"
            @click="turnTheme"
          >
            <v-icon :icon="dark ? mdiWeatherSunny : mdiWeatherNight" size="20" />
          </button>
        </div>
      </header>
      <nav class="rail" aria-label="Steps">
        <router-link
          v-for="step in STEPS"
          :key="step.name"
          :to="{ name: step.name }"
          :title="`Alt+${step.key}`"
          :aria-current="
            $route.name === step.name ||
            (step.name === 'arrange' && $route.name === 'review') ||
            (step.name === 'find' && $route.name === 'sources')
              ? 'page'
              : undefined
          "
        >
          <v-icon :icon="step.icon" size="22" />
          <span>{{ step.word }}</span>
        </router-link>
        <router-link
          class="below"
          :to="{ name: 'tables' }"
          title="Alt+9"
          :aria-current="$route.name === 'tables' ? 'page' : undefined"
        >
          <v-icon :icon="mdiTableLarge" size="22" />
          <span>Tables</span>
        </router-link>
        <router-link :to="{ name: 'about' }" :aria-current="$route.name === 'about' ? 'page' : undefined">
          <v-icon :icon="mdiInformationOutline" size="22" />
          <span>About</span>
        </router-link>
      </nav>
      <main id="work" class="step" tabindex="-1"><router-view /></main>
      <div class="notice" :class="{ grave: notice?.grave }">
        <p :role="notice?.grave ? 'alert' : 'status'">{{ notice?.text }}</p>
        <v-btn v-if="notice" size="small" variant="text" @click="notice = null">Close</v-btn>
      </div>
    </div>
    <NewListDialog v-model="naming" @made="choose" />
    <KeysDialog v-model="keysOpen" title="Keys" :keys="KEYS" />
  </div>
</template>

<style scoped>
.frame {
  display: grid;
  grid-template: 'top top' 56px 'rail step' minmax(0, 1fr) 'rail notice' auto / 76px minmax(0, 1fr);
  height: 100vh;
  height: 100dvh;
  background: var(--ground);
  color: var(--ink);
}
.top {
  grid-area: top;
  display: flex;
  align-items: center;
  gap: 16px;
  padding: 0 16px;
  background: var(--bar);
  color: var(--bar-ink);
}
.brand {
  display: flex;
  gap: 10px;
  align-items: center;
  font-weight: 640;
  font-size: 18px;
  width: 150px;
}
.list {
  width: 150px;
  border-left: 1px solid #3a4a45;
  padding-left: 16px;
  font-size: 13.5px;
  color: var(--bar-quiet);
  line-height: 1.3;
}
.list select {
  color: #fff;
  display: block;
  font: inherit;
  font-weight: 560;
  max-width: 134px;
  height: 24px;
  padding-right: 16px;
  background:
    linear-gradient(45deg, transparent 50%, #c9d6cf 50%) right 7px center / 5px 5px no-repeat,
    linear-gradient(-45deg, transparent 50%, #c9d6cf 50%) right 2px center / 5px 5px no-repeat,
    var(--bar);
  border: 0;
  border-radius: 4px;
  appearance: none;
  cursor: pointer;
}
.list option {
  color: #16211e;
}
.line {
  flex: 1;
  max-width: 600px;
}
.right {
  margin-left: auto;
  display: flex;
  gap: 14px;
  align-items: center;
  font-size: 13px;
  color: var(--bar-quiet);
}
.turn {
  color: inherit;
  background: none;
  border: 0;
  width: 36px;
  height: 36px;
  border-radius: 6px;
  cursor: pointer;
}
.top :focus-visible {
  outline-color: #6cc2b4;
}
.rail {
  grid-area: rail;
  background: var(--rail);
  border-right: 1px solid var(--line);
  padding: 8px 0;
  display: flex;
  flex-direction: column;
}
.rail a {
  position: relative;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 3px;
  padding: 9px 0;
  color: var(--quiet);
  font-size: 12.5px;
  text-decoration: none;
}
.rail .below {
  margin-top: 8px;
  border-top: 1px solid var(--line);
  padding-top: 17px;
}
.rail a[aria-current] {
  color: var(--primary);
  font-weight: 640;
}
.rail a[aria-current]::before {
  content: '';
  position: absolute;
  left: 0;
  top: 8px;
  bottom: 8px;
  width: 4px;
  background: var(--primary);
  border-radius: 0 3px 3px 0;
}
.step {
  grid-area: step;
  min-height: 0;
  min-width: 0;
  overflow: auto;
}
.step:focus {
  outline: none;
}
.skip {
  position: absolute;
  left: 8px;
  top: -60px;
  z-index: 30;
  padding: 8px 14px;
  border-radius: 6px;
  background: var(--surface);
  color: var(--primary);
}
.skip:focus {
  top: 8px;
}
/* A row of its own, so that it covers nothing. */
.notice {
  grid-area: notice;
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 0 20px;
  background: var(--bar);
  color: var(--bar-ink);
  font-size: 13.5px;
}
.notice p {
  margin: 0;
  padding: 6px 0;
  flex: 1;
}
.notice p:empty {
  padding: 0;
}
.notice.grave {
  border-left: 4px solid var(--error);
}
@media print {
  .notice,
  .skip,
  .top,
  .rail {
    display: none;
  }
  .frame {
    display: block;
    height: auto;
    background: none;
  }
  .step {
    overflow: visible;
  }
}
@media (max-width: 720px) {
  .frame {
    grid-template: 'top' auto 'step' minmax(0, 1fr) 'notice' auto 'rail' 56px / minmax(0, 1fr);
  }
  .top {
    flex-wrap: wrap;
    gap: 8px;
    padding: 8px 12px;
  }
  .brand .word {
    display: none;
  }
  .brand {
    width: auto;
  }
  .list {
    width: auto;
    border: 0;
    padding: 0;
  }
  .line {
    order: 3;
    flex: 0 0 100%;
    max-width: none;
  }
  .rail {
    flex-direction: row;
    justify-content: space-around;
    border: 0;
    border-top: 1px solid var(--line);
    padding: 0;
  }
  .rail a,
  .rail .below {
    flex: 1;
    margin: 0;
    border: 0;
    padding: 6px 0;
  }
  .rail a[aria-current]::before {
    left: 20%;
    right: 20%;
    top: 0;
    bottom: auto;
    width: auto;
    height: 3px;
  }
}
/* 200 % zoom of a small window: the height is what is scarce. */
@media (max-width: 720px) and (max-height: 520px) {
  .frame {
    grid-template: 'top top' 48px 'rail step' minmax(0, 1fr) 'rail notice' auto / 52px minmax(0, 1fr);
  }
  .top {
    flex-wrap: nowrap;
    padding: 0 8px;
  }
  .list > span {
    display: none;
  }
  .line {
    order: 0;
    flex: 1;
  }
  .rail {
    flex-direction: column;
    justify-content: flex-start;
    border: 0;
    border-right: 1px solid var(--line);
    overflow-y: auto;
  }
  .rail a,
  .rail .below {
    flex: none;
    padding: 6px 0;
    font-size: 11.5px;
  }
  .rail a[aria-current]::before {
    left: 0;
    right: auto;
    top: 4px;
    bottom: 4px;
    width: 3px;
    height: auto;
  }
}
</style>
