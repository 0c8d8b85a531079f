<script setup lang="ts">
import SheetTable from '@/shared/ui/SheetTable.vue'
import { moment } from '@/shared/words'
import type { BinnedList } from '../composables/useAllLists'

defineProps<{ binned: BinnedList[] }>()
const emit = defineEmits<{ bringBack: [list: BinnedList] }>()
</script>

<template>
  <SheetTable label="In the bin">
    <thead>
      <tr>
        <th scope="col">In the bin</th>
        <th scope="col" class="figure">Channels</th>
        <th scope="col" class="roomy">Deleted</th>
        <th scope="col">Goes for good</th>
        <th scope="col"><span class="unseen">What to do</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="list in binned" :key="list.id" class="middle">
        <th scope="row">{{ list.name }}</th>
        <td class="figure">{{ list.channels }}</td>
        <td class="roomy mono">{{ moment(list.binnedAt) }}</td>
        <td class="mono">{{ moment(list.goneAt) }}</td>
        <td class="end">
          <v-btn size="small" :aria-label="`Bring ${list.name} back`" @click="emit('bringBack', list)"
            >Bring back</v-btn
          >
        </td>
      </tr>
    </tbody>
  </SheetTable>
</template>

<style scoped>
@media (max-width: 720px) {
  .roomy {
    display: none;
  }
}
</style>
