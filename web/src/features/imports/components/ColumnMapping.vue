<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, unwrap, type Import } from '@/shared/api/client'

const props = defineProps<{ brought: Import }>()
const emit = defineEmits<{ read: [next: Import] }>()

const table = props.brought.columns
const columns = ref<string[]>([...(table?.guessed ?? [])])
const { data: meanings } = useQuery({
  queryKey: ['columns'],
  staleTime: Infinity,
  queryFn: () => unwrap(api.GET('/api/imports/columns')),
})
const problem = ref(table?.missing ? `Rows cannot become entries yet: ${table.missing}.` : '')
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
  <section v-if="table">
    <h2>What do the columns of {{ brought.name }} mean?</h2>
    <p class="quiet">
      {{
        table.remembered
          ? 'This is what you said for the same headings before.'
          : 'Guessed from the headings and from the values themselves; put right what is wrong.'
      }}
    </p>
    <div class="scroll" tabindex="0" role="region" aria-label="Columns and first rows">
      <table>
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
            <td>
              <select
                :value="columns[i]"
                :aria-label="`Meaning of ${heading}`"
                @change="mean(i, ($event.target as HTMLSelectElement).value)"
              >
                <option value="">leave out</option>
                <option v-for="each in meanings" :key="each.id" :value="each.id">{{ each.words }}</option>
              </select>
            </td>
            <td v-for="(row, j) in table.sample" :key="j" class="mono">{{ (row[i] ?? '').slice(0, 40) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-if="problem" role="alert" class="wrong">{{ problem }}</p>
    <v-btn color="primary" variant="flat" :loading="busy" @click="read">Read the rows</v-btn>
  </section>
</template>

<style scoped>
.scroll {
  overflow: auto;
  max-height: 60vh;
  margin: 10px 0;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--surface);
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  padding: 5px 10px;
  border-bottom: 1px solid var(--line);
  white-space: nowrap;
  font-weight: 400;
}
thead th {
  color: var(--quiet);
  font-size: 12.5px;
  position: sticky;
  top: 0;
  background: var(--surface);
}
tbody th {
  font-weight: 600;
}
select {
  height: 34px;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  padding: 0 8px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
}
.wrong {
  color: var(--error);
}
</style>
