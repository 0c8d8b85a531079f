<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, unwrap, type Import } from '@/shared/api/client'
import SeverityMark from '@/shared/components/SeverityMark.vue'
import ColumnTable from '@/shared/table/ColumnTable.vue'
import type { AskedColumn } from '@/shared/table/columns'

const props = defineProps<{ brought: Import }>()
const emit = defineEmits<{ read: [next: Import] }>()

const table = props.brought.columns
const columns = ref<string[]>([...(table?.guessed ?? [])])
const side = ref<number | null>(null)
const asked: AskedColumn[] = (table?.headings ?? []).map((heading, i) => ({
  heading,
  unknown: table?.open.includes(heading) ?? false,
  cells: table?.sample.map((row) => row[i] ?? '') ?? [],
}))
const problem = ref(
  table?.missing && !table.question ? `Rows cannot become entries yet: ${table.missing}.` : '',
)
watch(columns, () => (problem.value = ''))
/** Columns that nobody understood and that are left out so far. */
const open = computed(() =>
  (table?.headings ?? []).filter((heading, i) => table?.open.includes(heading) && !columns.value[i]),
)
const waits = computed(
  () => Boolean(table?.question) && side.value === null && !columns.value.includes('OUTPUT'),
)
const busy = ref(false)

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
            ? 'You chose these meanings for the same headings before.'
            : 'Guessed from the headings and the cells. Correct what is wrong.'
        }}
      </p>
    </div>
    <ColumnTable v-model="columns" v-model:side="side" :columns="asked" :sides="table.question" />
    <p v-if="open.length" role="status">
      <SeverityMark severity="doubt" />
      Not understood, and left out so far: {{ open.map((each) => `"${each}"`).join(', ') }}. Choose a meaning
      if it belongs to a channel.
    </p>
    <p v-if="problem" role="alert" class="wrong">{{ problem }}</p>
    <div>
      <v-btn color="primary" variant="flat" :loading="busy" :disabled="waits" @click="read">Read rows</v-btn>
    </div>
  </section>
</template>
