<script setup lang="ts">
import type { Import } from '@/shared/api/client'
import { moment } from '@/shared/words'

/** What was brought before, newest first, and how far each got. */
defineProps<{ imports: Import[] }>()
const WORDS: Record<Import['state'], string> = {
  mapping: 'waits for its columns',
  reading: 'is being read',
  broken_off: 'broke off',
  read: 'waits to be taken',
  taken: 'taken',
  taken_back: 'taken back',
  given_up: 'given up',
}
</script>

<template>
  <v-list tag="nav" role="navigation" density="compact" aria-label="Brought before" class="brought">
    <v-list-item
      v-for="each in imports"
      :key="each.id"
      :to="{ name: 'sources', params: { id: each.id } }"
      :title="each.name"
      :subtitle="`${WORDS[each.state]}, ${moment(each.begunAt)}`"
    />
  </v-list>
</template>

<style scoped>
.brought {
  border: 1px solid var(--line);
  border-radius: 6px;
  max-height: 280px;
  padding: 0;
}
</style>
