<script setup lang="ts" generic="T">
import { computed, nextTick, ref, useId } from 'vue'
import type { Column, Marks } from './grid'
import { useRowDrag } from './useRowDrag'
import { useVirtualRows } from './useVirtualRows'

/**
 * Rows that are worked on by keys: one focus for all, a cursor, marks. However many there are, only those in view are drawn. The
 * keys themselves are the screen's, see `moves`.
 */
const props = defineProps<{
  label: string
  items: readonly T[]
  columns: Column[]
  itemKey: (item: T) => string | number
  height: number | ((item: T) => number)
  /** Classes and attributes of a row, for its looks and for whoever looks for it. */
  row?: (item: T) => Record<string, unknown>
  /** A row that is one cell, drawn by the slot `whole`, behind the columns that are always there. */
  whole?: (item: T) => boolean
  /** A heading among the rows: no cursor stops there. */
  heading?: (item: T) => boolean
  marks?: Marks<T>
  canDrag?: (item: T) => boolean
  idPrefix?: string
}>()
const emit = defineEmits<{
  mark: [item: T]
  open: [item: T]
  /** A tap or a click on a row; the cursor follows. */
  tap: [item: T, event: MouseEvent]
  drop: [dragged: T, on: T]
}>()
const at = defineModel<number>('at', { required: true })
defineSlots<Record<string, (scope: { item: T; index: number }) => unknown>>()

const HEAD = 28
const id = props.idPrefix ?? useId()
const box = ref<HTMLElement | null>(null)
const { starts, total, drawn, look, show } = useVirtualRows(
  box,
  () => props.items,
  (item) => (typeof props.height === 'number' ? props.height : props.height(item)),
  at,
  HEAD,
)
const template = computed(() =>
  [...(props.marks ? ['36px'] : []), ...props.columns.map((column) => column.width)].join(' '),
)
/** Where the one cell of a whole row begins, behind what is always there. */
const behind = computed(() => props.columns.filter((each) => each.always).length + (props.marks ? 2 : 1))
const { over, begin, drop, end } = useRowDrag<T>(
  (item) => String(props.itemKey(item)),
  (from, on) => emit('drop', from, on),
)
function pick(item: T, index: number, event: MouseEvent) {
  if (props.heading?.(item)) return
  // Which row is marked up to is asked before the cursor follows.
  emit('tap', item, event)
  at.value = index
}
const idOf = (index: number) => `${id}-${index}`
async function focus() {
  await nextTick()
  show()
  box.value?.focus({ preventScroll: true })
}
defineExpose({ focus, element: box })
</script>

<template>
  <div
    ref="box"
    class="keyed-grid"
    role="grid"
    tabindex="0"
    :aria-label="label"
    :aria-rowcount="items.length + 1"
    :aria-activedescendant="at >= 0 && at < items.length ? idOf(at) : undefined"
    :style="{ '--columns': template, '--behind': behind }"
    @scroll.passive="look"
  >
    <div class="row head" role="row" aria-rowindex="1">
      <div v-if="marks" role="columnheader"><span class="unseen">Chosen</span></div>
      <div
        v-for="column in columns"
        :key="column.key"
        role="columnheader"
        :class="{ end: column.end, wide: column.wide }"
      >
        {{ column.head }}
        <span v-if="column.unseen" class="unseen">{{ column.unseen }}</span>
      </div>
    </div>
    <div role="rowgroup" class="rows" :style="{ height: `${total}px` }">
      <div
        v-for="{ item, index } in drawn"
        :id="idOf(index)"
        :key="itemKey(item)"
        class="row"
        role="row"
        v-bind="row?.(item)"
        :class="{ picked: index === at, over: index === over, heading: heading?.(item) }"
        :style="{
          height: `${(starts[index + 1] ?? 0) - (starts[index] ?? 0)}px`,
          transform: `translateY(${starts[index]}px)`,
        }"
        :aria-rowindex="index + 2"
        :aria-selected="heading?.(item) ? undefined : index === at"
        :draggable="canDrag?.(item)"
        @mousedown="$event.shiftKey && $event.preventDefault()"
        @click="pick(item, index, $event)"
        @dblclick="emit('open', item)"
        @dragstart="begin($event, item)"
        @dragover.prevent="over = index"
        @dragend="end"
        @drop.prevent="drop(item)"
      >
        <div v-if="marks" role="gridcell">
          <v-checkbox-btn
            class="tick"
            tabindex="-1"
            :model-value="marks.has(item)"
            :disabled="!marks.can(item)"
            :aria-label="marks.label(item)"
            @click.stop
            @update:model-value="((at = index), emit('mark', item))"
          />
        </div>
        <div
          v-for="column in whole?.(item) ? columns.filter((each) => each.always) : columns"
          :key="column.key"
          role="gridcell"
          class="cell"
          :class="[column.key, { end: column.end, wide: column.wide }]"
        >
          <slot :name="column.key" :item="item" :index="index" />
        </div>
        <div v-if="whole?.(item)" role="gridcell" class="cell whole">
          <slot name="whole" :item="item" :index="index" />
        </div>
      </div>
    </div>
  </div>
</template>

<style scoped>
.keyed-grid {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  scrollbar-gutter: stable;
  position: relative;
}
.keyed-grid:focus-visible {
  outline: none;
}
.row {
  display: grid;
  grid-template-columns: var(--columns);
  align-items: center;
  column-gap: 8px;
  padding-right: 12px;
  border-bottom: 1px solid color-mix(in srgb, var(--line) 50%, transparent);
  background: var(--surface);
  contain: layout style;
}
.rows {
  position: relative;
}
.rows .row {
  position: absolute;
  inset: 0 0 auto;
}
.head {
  position: sticky;
  top: 0;
  z-index: 1;
  height: 28px;
  color: var(--quiet);
  font-size: 12.5px;
  background: var(--ground);
  border-bottom: 1px solid var(--ink);
  white-space: nowrap;
}
.head > * {
  overflow: hidden;
  text-overflow: ellipsis;
}
.row.heading {
  background: var(--ground);
}
.row.picked {
  background: var(--picked);
}
.row.picked {
  box-shadow: inset 3px 0 0 color-mix(in srgb, var(--primary) 40%, transparent);
}
.keyed-grid:focus .row.picked {
  box-shadow: inset 3px 0 0 var(--primary);
}
.keyed-grid:focus-visible .row.picked {
  outline: 2px solid var(--primary);
  outline-offset: -2px;
}
.row.over {
  box-shadow: inset 0 2px 0 var(--primary);
}
.cell {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.cell.whole {
  grid-column: var(--behind) / -1;
}
.end {
  text-align: right;
}
.row :deep(.tick) {
  margin-left: 4px;
}
@media (max-width: 720px) {
  .wide {
    display: none;
  }
}
</style>
