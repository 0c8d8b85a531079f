<script setup lang="ts">
import type { ListView } from '@/shared/api/client'
import { counted } from '@/shared/words'

defineProps<{ list: ListView; counts: string }>()
const emit = defineEmits<{ findings: [] }>()
</script>

<template>
  <footer>
    <span>{{ list.rows.length }} of {{ counted(list.lastSlot - list.firstSlot + 1, 'slot') }}</span>
    <button v-if="counts" class="counts link" type="button" @click="emit('findings')">{{ counts }}</button>
    <span v-else>no findings</span>
    <v-spacer />
    <span
      ><kbd>Enter</kbd> edits · <kbd>[</kbd> <kbd>]</kbd> move · <kbd>f</kbd> mends · <kbd>?</kbd> all
      keys</span
    >
  </footer>
</template>

<style scoped>
footer {
  display: flex;
  gap: 18px;
  align-items: center;
  min-height: 32px;
  padding: 0 20px;
  border-top: 1px solid var(--line);
  font-size: 12.5px;
  color: var(--quiet);
}
</style>
