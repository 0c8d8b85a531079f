<script setup lang="ts">
import type { Import } from '@/shared/api/client'
import KindToggle from '@/shared/ui/KindToggle.vue'
import SheetTable from '@/shared/ui/SheetTable.vue'
import { useStagedRows } from '../composables/useStagedRows'
import { grouped } from '@/shared/words'

/** What each row would do, before any of it is done. */
const props = defineProps<{ brought: Import }>()
const { kind, kinds, settled, rows, more, error, fetchNextPage, isFetchingNextPage } = useStagedRows(
  () => props.brought,
)
</script>

<template>
  <div v-if="settled" class="stack">
    <KindToggle v-model="kind" :kinds="kinds" label="Show rows" always />
    <p v-if="error" role="alert" class="wrong">{{ error.message }}</p>
    <SheetTable v-if="rows?.length" class="rows" label="Rows">
      <thead>
        <tr>
          <th scope="col" class="figure">Line</th>
          <th scope="col">{{ kind === 'bad' ? 'Row as it stands' : 'Repeater' }}</th>
          <template v-if="kind !== 'bad'">
            <th scope="col">Output</th>
            <th scope="col">Input</th>
            <th scope="col">Opens with</th>
            <th scope="col">Sends</th>
            <th scope="col">Mode</th>
          </template>
          <th scope="col">{{ kind === 'bad' ? 'Why it is left out' : 'What there is to say' }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, i) in rows" :key="i">
          <td class="figure">{{ row.line || '' }}</td>
          <td class="label">{{ row.label }}</td>
          <template v-if="kind !== 'bad'">
            <td class="mono">{{ row.signals?.output }}</td>
            <td class="mono">{{ row.signals?.input }}</td>
            <td class="mono">{{ row.signals?.talkTone }}</td>
            <td class="mono">{{ row.signals?.listenTone }}</td>
            <td>{{ row.signals?.mode }}</td>
          </template>
          <td class="says">{{ row.says }}</td>
        </tr>
      </tbody>
    </SheetTable>
    <p v-if="rows && more" class="quiet">
      The first {{ grouped(rows.length) }} are shown.
      <v-btn size="small" :loading="isFetchingNextPage" @click="fetchNextPage()">Show more</v-btn>
    </p>
    <p v-if="brought.counts.bad">
      <a :href="`/api/imports/${brought.id}/bad.csv`" download>
        Save the {{ grouped(brought.counts.bad) }} bad rows as a file, with the reason on each
      </a>
    </p>
  </div>
</template>

<style scoped>
.rows {
  max-height: 50vh;
}
.label,
.says {
  overflow-wrap: anywhere;
  min-width: 140px;
}
</style>
