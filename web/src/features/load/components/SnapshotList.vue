<script setup lang="ts">
import { toRef } from 'vue'
import { useSnapshots } from '../composables/useDifference'

const props = defineProps<{ radioId: string; busy: boolean }>()
const emit = defineEmits<{ restore: [id: string] }>()
const { data: snapshots } = useSnapshots(toRef(() => props.radioId))
const when = (at: string) =>
  new Date(at).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'medium' })
</script>

<template>
  <details v-if="snapshots?.length" class="snapshots">
    <summary>{{ snapshots.length }} {{ snapshots.length === 1 ? 'snapshot' : 'snapshots' }} kept</summary>
    <ul>
      <li v-for="each in snapshots" :key="each.id">
        <span>{{ when(each.takenAt) }}</span>
        <span class="quiet">{{ each.reason }}, {{ each.channels }} channels</span>
        <v-btn size="small" :disabled="busy" @click="emit('restore', each.id)">Put back</v-btn>
      </li>
    </ul>
  </details>
</template>

<style scoped>
summary {
  cursor: pointer;
  color: var(--primary);
}
ul {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 200px 1fr auto;
  gap: 12px;
  align-items: center;
  min-height: 36px;
  border-bottom: 1px solid var(--line);
}
@media (max-width: 720px) {
  li {
    grid-template-columns: 1fr auto;
  }
  li .quiet {
    grid-row: 2;
  }
}
</style>
