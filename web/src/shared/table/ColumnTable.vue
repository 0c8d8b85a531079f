<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import SeverityMark from '@/shared/components/SeverityMark.vue'
import SheetTable from '@/shared/ui/SheetTable.vue'
import {
  describeSides,
  withMeaning,
  withSides,
  type AskedColumn,
  type AskedSides,
  type Meanings,
} from './columns'

/** What the columns of a table mean: guessed, and to be corrected or completed by a person. */
const props = defineProps<{ columns: AskedColumn[]; sides: AskedSides | null }>()
const meanings = defineModel<Meanings>({ required: true })
/** The index of the reading that was chosen; null while it is open. */
const side = defineModel<number | null>('side', { required: true })

const { data: known } = useQuery({
  queryKey: ['columns'],
  staleTime: Infinity,
  queryFn: () => unwrap(api.GET('/api/imports/columns')),
})
const choices = computed(() => [
  { value: '', title: 'Leave out' },
  ...(known.value ?? []).map((each) => ({ value: each.id, title: each.words })),
])
const name = (column: AskedColumn, i: number) => column.heading || `Column ${i + 1}`
const longest = computed(() => Math.max(...props.columns.map((each) => each.cells.length), 0))

function choose(index: number | null) {
  const chosen = index === null ? undefined : props.sides?.readings[index]
  side.value = index
  if (props.sides && chosen) meanings.value = withSides(meanings.value, props.sides, chosen)
}
function mean(i: number, meaning: string) {
  meanings.value = withMeaning(meanings.value, i, meaning)
  // Whoever says it column by column has answered the question.
  if (props.sides && ['OUTPUT', 'INPUT'].every((each) => meanings.value.includes(each))) {
    const same = props.sides.readings.findIndex((reading) =>
      ['OUTPUT', 'INPUT'].every((each) => reading.indexOf(each) === meanings.value.indexOf(each)),
    )
    side.value = same < 0 ? null : same
  }
}
</script>

<template>
  <fieldset v-if="sides" class="sides">
    <legend><SeverityMark severity="doubt" /> Which frequency do you receive?</legend>
    <p class="quiet">{{ sides.why }}.</p>
    <v-radio-group
      :model-value="side"
      hide-details
      aria-label="Frequency you receive"
      @update:model-value="(index) => choose(index as number | null)"
    >
      <v-radio
        v-for="(reading, i) in sides.readings"
        :key="i"
        :value="i"
        :label="describeSides(columns, reading)"
      />
    </v-radio-group>
  </fieldset>
  <SheetTable class="columns" label="Columns and first rows">
    <thead>
      <tr>
        <th scope="col">Heading</th>
        <th scope="col">Meaning</th>
        <th v-for="i in longest" :key="i" scope="col">Row {{ i }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(column, i) in columns" :key="i">
        <th scope="row">
          <SeverityMark v-if="column.unknown && !meanings[i]" severity="doubt" />
          {{ name(column, i) }}
        </th>
        <td class="means">
          <v-select
            :model-value="meanings[i]"
            :items="choices"
            :label="`Meaning of ${name(column, i)}`"
            single-line
            @update:model-value="(meaning: string) => mean(i, meaning)"
          />
        </td>
        <td v-for="j in longest" :key="j" class="mono">{{ (column.cells[j - 1] ?? '').slice(0, 40) }}</td>
      </tr>
    </tbody>
  </SheetTable>
</template>

<style scoped>
.sides {
  border: 1px solid var(--line);
  border-radius: 6px;
  padding: 8px 14px 12px;
}
.sides legend {
  font-weight: 600;
  padding: 0 6px;
}
/* On a small or magnified screen the page scrolls, and the table keeps its height. */
.columns {
  min-height: max-content;
}
.means {
  min-width: 230px;
}
th,
td {
  vertical-align: middle !important;
}
</style>
