<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Edit, ListView, Row } from '@/shared/api/client'
import KeyedGrid from '@/shared/ui/KeyedGrid.vue'
import type { Column } from '@/shared/ui/grid'

/** Channels against banks: a cell is put in or taken out by Space or a click. The first column is the scan. */
const props = defineProps<{ list: ListView; cursor: number }>()
const emit = defineEmits<{ change: [edit: Edit] }>()
const at = ref(0)
const column = ref(0)
watch(
  () => props.cursor,
  (slot) =>
    (at.value = Math.max(
      0,
      props.list.rows.findIndex((each) => each.slot >= slot),
    )),
  { immediate: true },
)
const banks = computed(() => props.list.banks.banks)
const skipped = computed(() => new Map(props.list.banks.skipped.map((each) => [each.channel, each.why])))
const inside = computed(() => banks.value.map((each) => new Set(each.channels)))
const byHand = computed(() => banks.value.map((each) => new Map(each.byHand.map((id, i) => [id, i + 1]))))
const columns = computed<Column[]>(() => [
  { key: 'slot', head: 'Slot', width: '44px', end: true },
  { key: 'name', head: 'Name', width: 'minmax(110px, 1fr)' },
  { key: 'bank0', head: 'Scan', width: '88px' },
  ...banks.value.map((bank, i) => ({
    key: `bank${i + 1}`,
    head: `${i + 1} ${bank.name}`,
    width: '84px',
  })),
])
const cells = computed(() => [0, ...banks.value.map((_, i) => i + 1)])
const wide = computed(() => 270 + banks.value.length * 92)

const scanWords = (row: Row) =>
  row.scan === true ? 'stops' : row.scan === false ? 'passes' : skipped.value.has(row.id) ? 'by rule' : ''
function toggle(row: Row, of: number) {
  const bank = banks.value[of - 1]
  if (of === 0)
    emit('change', {
      kind: 'scan',
      channels: [row.id],
      // What was chosen goes back to the rule; what goes by the rule becomes the opposite of it.
      scan: row.scan !== null ? null : skipped.value.has(row.id),
    })
  else if (bank)
    emit('change', {
      kind: 'fill-bank',
      bank: bank.name,
      channels: [row.id],
      inside: !inside.value[of - 1]?.has(row.id),
    })
}
function click(row: Row, of: number) {
  column.value = of
  toggle(row, of)
}
/** Alt with up and down moves a channel within a bank that holds it by hand. */
function place(by: 1 | -1) {
  const row = props.list.rows[at.value]
  const bank = banks.value[column.value - 1]
  const now = row && byHand.value[column.value - 1]?.get(row.id)
  if (row && bank && now)
    emit('change', { kind: 'place-in-bank', bank: bank.name, channel: row.id, place: now + by })
}
function keys(event: KeyboardEvent) {
  const row = props.list.rows[at.value]
  const acts: Record<string, () => unknown> = {
    ArrowDown: () =>
      event.altKey ? place(1) : (at.value = Math.min(at.value + 1, props.list.rows.length - 1)),
    ArrowUp: () => (event.altKey ? place(-1) : (at.value = Math.max(at.value - 1, 0))),
    ArrowRight: () => (column.value = Math.min(column.value + 1, banks.value.length)),
    ArrowLeft: () => (column.value = Math.max(column.value - 1, 0)),
    ' ': () => row && toggle(row, column.value),
  }
  if (!acts[event.key]) return
  event.preventDefault()
  acts[event.key]?.()
}
const says = (row: Row, of: number) =>
  of === 0
    ? `A scan ${skipped.value.has(row.id) ? 'passes' : 'stops at'} ${row.label}${
        skipped.value.get(row.id) ? `: ${skipped.value.get(row.id)}` : ''
      }`
    : `${row.label} is ${inside.value[of - 1]?.has(row.id) ? '' : 'not '}in bank ${banks.value[of - 1]?.name}`
</script>

<template>
  <KeyedGrid
    v-model:at="at"
    class="banks"
    :style="{ '--wide': `${wide}px` }"
    label="Channels in banks"
    :items="list.rows"
    :columns="columns"
    :item-key="(row) => row.id"
    :height="30"
    @keydown="keys"
  >
    <template #slot="{ item }">{{ item.slot }}</template>
    <template #name="{ item }">{{ item.label }}</template>
    <template v-for="of in cells" :key="of" #[`bank${of}`]="{ item, index }">
      <button
        type="button"
        tabindex="-1"
        class="cell-button"
        :class="{ here: index === at && of === column, out: of === 0 && skipped.has(item.id) }"
        :aria-label="says(item, of)"
        :title="says(item, of)"
        @click="click(item, of)"
      >
        <template v-if="of === 0">
          {{ skipped.has(item.id) ? '⤳' : '●' }} <span class="quiet small">{{ scanWords(item) }}</span>
        </template>
        <template v-else-if="inside[of - 1]?.has(item.id)">
          ✓ <span class="quiet small">{{ byHand[of - 1]?.get(item.id) ?? 'by rule' }}</span>
        </template>
        <span v-else class="quiet">·</span>
      </button>
    </template>
  </KeyedGrid>
</template>

<style scoped>
.banks {
  height: min(40vh, 360px);
  flex: none;
  border: 1px solid var(--line);
  overflow-x: auto;
}
.banks :deep(:is(.head, .rows)) {
  min-width: var(--wide);
}
.cell-button {
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  cursor: pointer;
  width: 100%;
  height: 24px;
  text-align: left;
  padding-left: 4px;
  border-radius: 4px;
}
.cell-button.out {
  color: var(--quiet);
}
.here {
  outline: 2px solid var(--primary);
  outline-offset: -2px;
}
</style>
