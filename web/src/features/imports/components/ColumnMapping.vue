<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, unwrap, type Import } from '@/shared/api/client'
import SeverityMark from '@/shared/components/SeverityMark.vue'
import SheetTable from '@/shared/ui/SheetTable.vue'

const props = defineProps<{ brought: Import }>()
const emit = defineEmits<{ read: [next: Import] }>()

const table = props.brought.columns
const columns = ref<string[]>([...(table?.guessed ?? [])])
const { data: meanings } = useQuery({
  queryKey: ['columns'],
  staleTime: Infinity,
  queryFn: () => unwrap(api.GET('/api/imports/columns')),
})
const choices = computed(() => [
  { value: '', title: 'leave out' },
  ...(meanings.value ?? []).map((each) => ({ value: each.id, title: each.words })),
])
const problem = ref(table?.missing ? `Rows cannot become entries yet: ${table.missing}.` : '')
/** Columns that speak of a tone or a shift and are left out all the same; a channel would go without. */
const open = computed(() =>
  (table?.headings ?? []).filter((heading, i) => table?.open.includes(heading) && !columns.value[i]),
)
const busy = ref(false)

/** A meaning stands at one column: given to another, it leaves the one it had. */
function mean(i: number, meaning: string) {
  columns.value = columns.value.map((each, at) => (at === i ? meaning : each === meaning ? '' : each))
  problem.value = ''
}
async function read() {
  busy.value = true
  try {
    emit(
      'read',
      await unwrap(
        api.PUT('/api/imports/{id}/columns', {
          params: { path: { id: props.brought.id } },
          body: { columns: columns.value },
        }),
      ),
    )
  } catch (cause) {
    problem.value = cause instanceof Error ? cause.message : String(cause)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <section v-if="table" class="stack">
    <div>
      <h2>What do the columns of {{ brought.name }} mean?</h2>
      <p class="quiet">
        {{
          table.remembered
            ? 'This is what you said for the same headings before.'
            : 'Guessed from the headings and from the values themselves; put right what is wrong.'
        }}
      </p>
    </div>
    <SheetTable label="Columns and first rows">
      <thead>
        <tr>
          <th scope="col">Heading</th>
          <th scope="col">Means</th>
          <th v-for="i in table.sample.length" :key="i" scope="col">Row {{ i }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(heading, i) in table.headings" :key="i">
          <th scope="row">{{ heading || `(column ${i + 1})` }}</th>
          <td class="means">
            <v-select
              :model-value="columns[i]"
              :items="choices"
              :label="`Meaning of ${heading}`"
              single-line
              @update:model-value="(meaning: string) => mean(i, meaning)"
            />
          </td>
          <td v-for="(row, j) in table.sample" :key="j" class="mono">{{ (row[i] ?? '').slice(0, 40) }}</td>
        </tr>
      </tbody>
    </SheetTable>
    <p v-if="open.length" role="status">
      <SeverityMark severity="doubt" />
      {{ open.map((each) => `"${each}"`).join(', ') }}: nobody could tell which side is meant, so
      {{ open.length === 1 ? 'it is' : 'they are' }} left out. Say what
      {{ open.length === 1 ? 'it means' : 'they mean' }}, if it matters.
    </p>
    <p v-if="problem" role="alert" class="wrong">{{ problem }}</p>
    <div><v-btn color="primary" variant="flat" :loading="busy" @click="read">Read the rows</v-btn></div>
  </section>
</template>

<style scoped>
.means {
  min-width: 230px;
}
th,
td {
  vertical-align: middle !important;
}
</style>
