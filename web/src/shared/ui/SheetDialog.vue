<script setup lang="ts">
import { nextTick, ref, watch } from 'vue'
import { focusWork, focusWorkGently } from '../keys/useScreen'

/**
 * A question or a sheet over the screen. It is a form: its submit button stands among the acts below. A field with `data-first`
 * has the focus when it opens.
 */
defineProps<{ title: string; width?: number }>()
const emit = defineEmits<{ submit: [] }>()
const open = defineModel<boolean>({ required: true })
/**
 * The second click of a double click comes after the first one has opened the dialog, and is meant for nothing in it. What counts is
 * when it was made: on a busy machine it is heard long after. A dialog that is fetched when it is first wanted is open as it begins.
 */
const SECOND_CLICK_MS = 500
let openedAt = open.value ? performance.now() : -Infinity
let passesBy = false
const justOpened = (event: Event) => event.timeStamp - openedAt < SECOND_CLICK_MS
function inside(event: MouseEvent) {
  if (event.detail > 1 && justOpened(event)) event.stopPropagation()
}
function outside(event: MouseEvent) {
  passesBy = event.detail > 1 || justOpened(event)
}
function set(now: boolean) {
  if (!passesBy) open.value = now
  passesBy = false
}
const sheet = ref<{ $el: HTMLElement } | null>(null)
/** The first field has the focus at once, and never takes it from another that somebody has gone into already. */
function begin() {
  if (!sheet.value || sheet.value.$el.contains(document.activeElement)) return
  sheet.value.$el.querySelector<HTMLElement>('[data-first] :is(input, textarea), button[data-first]')?.focus()
}
watch(sheet, (now) => now && begin())
watch(open, async (now) => {
  if (now) {
    openedAt = performance.now()
    await nextTick()
    begin()
    return
  }
  await nextTick()
  // After the dialog has given the focus back to whatever had it.
  setTimeout(focusWork)
})
</script>

<template>
  <v-dialog
    :model-value="open"
    :max-width="width ?? 480"
    scrollable
    :aria-label="title"
    @update:model-value="set"
    @after-leave="focusWorkGently"
    @click:outside="outside"
  >
    <v-card ref="sheet" tag="form" class="sheet" @click.capture="inside" @submit.prevent="emit('submit')">
      <v-card-title tag="h1">{{ title }}</v-card-title>
      <v-card-text class="stack" tabindex="0" role="region" :aria-label="title"><slot /></v-card-text>
      <div v-if="$slots.acts" class="acts"><slot name="acts" /></div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.sheet {
  background: var(--ground);
}
.sheet .v-card-title {
  font-size: 20px;
  font-weight: 620;
  padding: 16px 20px 8px;
  white-space: normal;
}
.sheet .v-card-text {
  padding: 4px 20px 12px;
  gap: 12px;
}
.sheet > .acts {
  padding: 8px 20px 16px;
}
</style>
