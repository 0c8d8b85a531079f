<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import SheetTable from '@/shared/ui/SheetTable.vue'
import { counted } from '@/shared/words'

/** The first rows of a table, and what it would lose: that is known because it was read back. */
defineProps<{ preview: Schemas['TablePreview'] }>()
</script>

<template>
  <section class="stack" aria-label="What goes out">
    <p role="status">
      <b>{{ preview.written }} of {{ counted(preview.channels, 'channel') }} go out.</b>
      <template v-if="!preview.leftOut.length && !preview.changed.length">
        Read back, every one is as it is in the list.
      </template>
    </p>
    <ul v-if="preview.changed.length" class="lost" aria-label="What would come back otherwise">
      <li v-for="each in preview.changed" :key="each.part">
        The {{ each.part }} of {{ counted(each.channels, 'channel') }} would not come back:
        {{ each.labels.join(', ') }}{{ each.channels > each.labels.length ? ' and more' : '' }}.
      </li>
    </ul>
    <ul v-if="preview.leftOut.length" class="lost" aria-label="What does not go out">
      <li v-for="each in preview.leftOut" :key="each.slot">
        <b>{{ each.label }}</b> (slot {{ each.slot }}) is left out: {{ each.why }}.
      </li>
    </ul>
    <SheetTable class="rows" label="The first rows">
      <thead>
        <tr>
          <th v-for="(heading, i) in preview.headings" :key="i" scope="col">{{ heading }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, i) in preview.rows" :key="i">
          <td v-for="(cell, j) in row" :key="j" class="mono">{{ cell }}</td>
        </tr>
      </tbody>
    </SheetTable>
  </section>
</template>

<style scoped>
.rows :is(th, td) {
  white-space: nowrap;
}
.lost {
  margin: 0;
  padding-left: 20px;
  color: var(--doubt);
  max-height: 22vh;
  overflow: auto;
}
</style>
