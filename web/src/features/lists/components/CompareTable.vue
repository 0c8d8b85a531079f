<script setup lang="ts">
import SheetTable from '@/shared/ui/SheetTable.vue'
import type { CompareRow } from '../composables/useCompare'

/** What differs, channel by channel. */
defineProps<{ rows: CompareRow[]; other: string; chosen: Set<string>; can: (row: CompareRow) => boolean }>()
const emit = defineEmits<{ choose: [row: CompareRow] }>()
const WORDS = { only_there: 'only there', only_here: 'only here', changed: 'changed', moved: 'elsewhere' }
</script>

<template>
  <SheetTable label="What differs">
    <thead>
      <tr>
        <th scope="col">Take</th>
        <th scope="col">Channel</th>
        <th scope="col">How</th>
        <th scope="col" class="figure">Slot here</th>
        <th scope="col" class="figure">Slot there</th>
        <th scope="col">Here → {{ other }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.key" class="middle">
        <td>
          <v-checkbox-btn
            v-if="can(row)"
            :model-value="chosen.has(row.key)"
            :aria-label="row.kind === 'only_here' ? `Take ${row.label} away` : `Take ${row.label} over`"
            @update:model-value="emit('choose', row)"
          />
        </td>
        <th scope="row">{{ row.label }}</th>
        <td :class="row.kind">{{ WORDS[row.kind] }}</td>
        <td class="figure">{{ row.hereSlot }}</td>
        <td class="figure">{{ row.thereSlot }}</td>
        <td>
          <span v-for="part in row.parts" :key="part.part" class="part">
            {{ part.part }} <span class="mono">{{ part.here || 'none' }}</span> →
            <span class="mono">{{ part.there || 'none' }}</span>
          </span>
          <span v-if="row.kind === 'only_there' || row.kind === 'only_here'" class="mono">{{
            row.line
          }}</span>
        </td>
      </tr>
    </tbody>
  </SheetTable>
</template>
