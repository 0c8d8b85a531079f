<script setup lang="ts">
import { nextTick, watch } from 'vue'
import { focusWork, focusWorkGently } from '../keys/useScreen'

defineProps<{ title: string; width?: number }>()
const open = defineModel<boolean>({ required: true })
/** The second click of a double click comes after the first one has opened the dialog, and is meant for nothing in it. */
const SECOND_CLICK_MS = 500
let openedAt = -Infinity
let passesBy = false
const justOpened = () => performance.now() - openedAt < SECOND_CLICK_MS
function inside(event: MouseEvent) {
  if (event.detail > 1 && justOpened()) event.stopPropagation()
}
function outside() {
  passesBy = justOpened()
}
function set(now: boolean) {
  if (!passesBy) open.value = now
  passesBy = false
}
watch(open, async (now) => {
  if (now) {
    openedAt = performance.now()
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
    :max-width="width ?? 460"
    scrollable
    :aria-label="title"
    @update:model-value="set"
    @after-leave="focusWorkGently"
    @click:outside="outside"
  >
    <div class="sheet" @click.capture="inside">
      <h1>{{ title }}</h1>
      <slot />
    </div>
  </v-dialog>
</template>

<style scoped>
.sheet {
  background: var(--ground);
  color: var(--ink);
  border-radius: 6px;
  padding: 20px;
  overflow: auto;
}
</style>
