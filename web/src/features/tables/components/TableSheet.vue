<script setup lang="ts">
import { mdiMagnify } from '@mdi/js'
import SheetTable from '@/shared/ui/SheetTable.vue'

/** A table to look things up in, with what explains it beside it. */
defineProps<{ label: string; found: number; of: number; hint: string }>()
const search = defineModel<string>({ required: true })
</script>

<template>
  <div class="sheet">
    <div class="search acts no-print">
      <v-text-field
        v-model="search"
        type="search"
        :label="`Search ${label}`"
        :placeholder="hint"
        persistent-placeholder
        :prepend-inner-icon="mdiMagnify"
        clearable
        @update:model-value="(text: string | null) => (search = text ?? '')"
      />
      <span class="quiet" role="status">{{ found }} of {{ of }}</span>
    </div>
    <SheetTable class="table" :label="label"><slot /></SheetTable>
    <div class="beside stack no-print"><slot name="beside" /></div>
  </div>
</template>

<style scoped>
.sheet {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template: auto minmax(0, 1fr) / minmax(0, 1fr) 320px;
  gap: 12px 24px;
  padding: 4px 20px 16px;
}
.search :deep(.v-input) {
  flex: 0 1 360px;
}
.table {
  grid-row: 2;
  max-height: 100%;
  align-self: start;
}
.beside {
  grid-area: 1 / 2 / 3;
  overflow: auto;
  gap: 10px;
  font-size: 13.5px;
}
@media (max-width: 720px) {
  .sheet {
    grid-template: auto minmax(0, 1fr) / minmax(0, 1fr);
    padding: 4px 12px;
  }
  .beside {
    display: none;
  }
}
@media print {
  .sheet {
    display: block;
  }
}
</style>
