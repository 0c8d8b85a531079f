<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ListView, Row } from '@/shared/api/client'
import FitMark from '@/shared/components/FitMark.vue'
import KeyedGrid from '@/shared/ui/KeyedGrid.vue'
import type { Column, Focusable } from '@/shared/ui/grid'

/** Channels against radios: what each makes of each, and what it changes. */
const props = defineProps<{ rows: Row[]; radios: ListView['radios'] }>()
const emit = defineEmits<{ tap: [] }>()
const at = defineModel<number>('at', { required: true })
const columns = computed<Column[]>(() => [
  { key: 'slot', head: 'Slot', width: '48px', end: true },
  { key: 'name', head: 'Channel', width: 'minmax(96px, 1.2fr)' },
  ...props.radios.map((each) => ({ key: each.id, head: each.name, width: 'minmax(84px, 1fr)' })),
])
const fitOf = (row: Row, radio: string) => row.fits.find((each) => each.radioId === radio)
/** What is changed, as briefly as a column has room for. */
function brief(row: Row, radio: string) {
  const fit = fitOf(row, radio)
  if (!fit || fit.mark === 'exact') return ''
  const reason = fit.reasons[0]
  if (reason?.field === 'line') return 'on purpose'
  if (reason?.field === 'slot') return fit.mark === 'left_out' ? 'no slot' : 'banks'
  return reason?.after || reason?.field || ''
}
const grid = ref<Focusable | null>(null)
defineExpose({ focus: () => grid.value?.focus() })
</script>

<template>
  <KeyedGrid
    ref="grid"
    v-model:at="at"
    class="matrix"
    label="Channels and radios"
    :items="rows"
    :columns="columns"
    :item-key="(row) => row.id"
    :height="34"
    :row="(row) => ({ 'data-slot': row.slot })"
    @tap="emit('tap')"
  >
    <template #slot="{ item }"
      ><span class="mono">{{ item.slot }}</span></template
    >
    <template #name="{ item }"
      ><b>{{ item.label }}</b></template
    >
    <template v-for="radio in radios" :key="radio.id" #[radio.id]="{ item }">
      <span
        class="cell"
        :title="
          fitOf(item, radio.id)
            ?.reasons.map((each) => each.why)
            .join(' ')
        "
      >
        <FitMark :mark="fitOf(item, radio.id)?.mark ?? 'left_out'" :radio="radio.name" />
        <span class="small mono">{{ brief(item, radio.id) }}</span>
      </span>
    </template>
  </KeyedGrid>
</template>

<style scoped>
.cell {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  max-width: 100%;
  overflow: hidden;
  white-space: nowrap;
}
@media (max-width: 720px) {
  .matrix {
    overflow-x: auto;
  }
  .matrix :deep(:is(.row, [role='row'])) {
    min-width: calc(150px + 90px * v-bind('radios.length'));
  }
}
</style>
