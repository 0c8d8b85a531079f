<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'
import SheetTable from '@/shared/ui/SheetTable.vue'
import OutcomeMark from './OutcomeMark.vue'

type Cell = Schemas['DryCellView']

/** What opens where: a table of words for a few places, a strip of marks along a way. */
const props = defineProps<{ run: Schemas['DryRunView']; rows: Schemas['DryRowView'][] }>()
const picked = defineModel<{ row: number; column: number } | null>('picked', { required: true })
const emit = defineEmits<{ mend: [channel: string, line: string, name: string] }>()
const words = (cell: Cell) => props.run.outcomes[cell.outcome]?.words ?? cell.outcome
const why = (cell: Cell) => (cell.why === null ? '' : (props.run.reasons[cell.why] ?? ''))
/** Many columns are a strip of marks; few have their words. */
const strip = computed(() => props.run.columns.length > 8)
const detail = computed(() => {
  const at = picked.value
  const row = at && props.run.rows[at.row]
  const cell = row && row.cells[at.column]
  return cell ? { row, cell, column: props.run.columns[at.column] } : null
})
const indexOf = (row: Schemas['DryRowView']) => props.run.rows.indexOf(row)
</script>

<template>
  <div v-if="detail" class="detail" role="status">
    <b>{{ detail.row?.name }}</b> with {{ detail.column?.radio }} at {{ detail.column?.place }}:
    {{ run.outcomes[detail.cell.outcome]?.meaning }}
    <template v-if="why(detail.cell)"> {{ detail.row?.repeater ?? 'It' }}: {{ why(detail.cell) }}.</template>
    <template v-if="detail.cell.margin !== null">
      {{ detail.cell.margin }} dB to spare at the worse end.</template
    >
  </div>
  <SheetTable label="What opens where">
    <thead>
      <tr>
        <th scope="col" class="figure">Slot</th>
        <th scope="col">Channel</th>
        <th v-for="(each, index) in run.columns" :key="index" scope="col" :class="{ thin: strip }">
          <template v-if="strip"
            ><span class="unseen">{{ each.radio }}, {{ each.place }}</span
            ><span aria-hidden="true">{{
              index % 10 === 0 ? Math.round(each.kilometre) : ''
            }}</span></template
          >
          <template v-else
            >{{ each.radio }}<span class="quiet small at">{{ each.place }}</span></template
          >
        </th>
        <th scope="col"><span class="unseen">What to mend</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.channelId">
        <td class="figure">{{ row.slot }}</td>
        <th scope="row">
          {{ row.name }}<span class="quiet small at">{{ row.repeater ?? '' }}</span>
        </th>
        <td v-for="(cell, column) in row.cells" :key="column" :class="{ thin: strip }">
          <button
            type="button"
            class="cell"
            :aria-pressed="picked?.row === indexOf(row) && picked?.column === column"
            @click="picked = { row: indexOf(row), column }"
          >
            <OutcomeMark :outcome="cell.outcome" :words="words(cell)" :short="strip" />
            <span v-if="!strip && why(cell)" class="quiet small at">{{ why(cell) }}</span>
          </button>
        </td>
        <td>
          <v-btn
            v-if="row.mend"
            size="small"
            :aria-label="`Mend ${row.name}: ${row.mend}`"
            @click="emit('mend', row.channelId, row.mend, row.name)"
            >Mend: <span class="mono">{{ row.mend }}</span></v-btn
          >
        </td>
      </tr>
    </tbody>
  </SheetTable>
</template>

<style scoped>
th[scope='row'] {
  min-width: 14ch;
}
.at {
  display: block;
  font-weight: 400;
  white-space: normal;
  max-width: 34ch;
}
.cell {
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  padding: 2px 4px;
  min-height: 24px;
  min-width: 24px;
  text-align: left;
  cursor: pointer;
  border-radius: 4px;
}
.cell[aria-pressed='true'] {
  background: var(--picked);
}
.thin {
  padding-inline: 0 !important;
  min-width: 24px;
  text-align: center;
}
.detail {
  border-left: 4px solid var(--primary);
  padding: 4px 12px;
}
</style>
