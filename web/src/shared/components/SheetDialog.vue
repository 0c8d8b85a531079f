<script setup lang="ts">
import { nextTick, watch } from 'vue'
import { focusWork } from '../keys/useScreen'

defineProps<{ title: string; width?: number }>()
const open = defineModel<boolean>({ required: true })
watch(open, async (now) => {
  if (now) return
  await nextTick()
  // After the dialog has given the focus back to whatever had it.
  setTimeout(focusWork)
})
</script>

<template>
  <v-dialog v-model="open" :max-width="width ?? 460" scrollable :aria-label="title">
    <div class="sheet">
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
