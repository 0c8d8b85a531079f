<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import type { ListView } from '@/shared/api/client'
import type { RodItem } from '../composables/useRod'
import RodRow from './RodRow.vue'

const props = defineProps<{
  list: ListView
  items: RodItem[]
  cursorKey: string | null
  editing: string | null
}>()
const emit = defineEmits<{
  pick: [slot: number]
  open: [item: RodItem]
  drop: [channelId: string, slot: number]
  save: [line: string]
  cancel: []
  toggle: [slot: number]
}>()
const draft = defineModel<string>('draft', { required: true })

const COLUMNS = [
  'Slot',
  'Name',
  'Listen MHz',
  'Talk MHz',
  'Shift',
  'Talk tone',
  'Listen tone',
  'Kind',
  'Power',
]
const decimals = computed(() =>
  Math.max(3, ...props.list.rows.map((row) => row.sum.listen.length - row.sum.listen.indexOf('.') - 1)),
)
const body = ref<HTMLElement | null>(null)
const dragged = ref<string | null>(null)
const over = ref<string | null>(null)

const isLong = (slot: number) => slot % 10 === 0
const slotOf = (item: RodItem) => (item.kind === 'block' ? item.first : item.slot)

function startDrag(event: DragEvent, item: RodItem) {
  if (item.kind !== 'channel') return
  dragged.value = item.row.id
  event.dataTransfer?.setData('text/plain', item.row.line)
}
function drop(item: RodItem) {
  if (dragged.value && item.kind !== 'block') emit('drop', dragged.value, item.slot)
  dragged.value = null
  over.value = null
}

async function focusCursor(scrollOnly = false) {
  await nextTick()
  const row = body.value?.querySelector<HTMLElement>('[data-cursor="true"]')
  row?.scrollIntoView({ block: 'nearest' })
  if (!scrollOnly && !props.editing) row?.focus({ preventScroll: true })
}
watch(
  () => props.cursorKey,
  () => focusCursor(!body.value?.contains(document.activeElement)),
  { immediate: true },
)
watch(
  () => props.editing,
  async (now, before) => {
    await nextTick()
    if (!now && !before) return
    if (now) body.value?.querySelector<HTMLInputElement>('.edit')?.select()
    else await focusCursor()
  },
  { immediate: true },
)
onMounted(() => focusCursor())
defineExpose({ focus: () => focusCursor() })
</script>

<template>
  <div
    class="rod-table"
    role="grid"
    :aria-label="list.name"
    aria-readonly="false"
    :style="{ '--radios': `${Math.max(56, list.radios.length * 19 + 6)}px` }"
  >
    <div class="row head" role="row">
      <div v-for="column in COLUMNS" :key="column" role="columnheader">{{ column }}</div>
      <div role="columnheader">Radios</div>
      <div role="columnheader"><span class="unseen">Findings</span></div>
    </div>
    <div ref="body" class="body" role="rowgroup">
      <div
        v-for="item in items"
        :key="item.key"
        class="row"
        :class="[
          item.kind,
          {
            picked: item.key === cursorKey,
            over: item.key === over,
            pinned: item.kind === 'channel' && item.row.pinned,
          },
        ]"
        role="row"
        :data-cursor="item.key === cursorKey"
        :data-slot="slotOf(item)"
        :aria-selected="item.kind === 'block' ? undefined : item.key === cursorKey"
        :tabindex="item.key === cursorKey ? 0 : -1"
        :draggable="item.kind === 'channel' && editing === null"
        @click="item.kind !== 'block' && emit('pick', item.slot)"
        @dblclick="emit('open', item)"
        @dragstart="startDrag($event, item)"
        @dragover.prevent="over = item.key"
        @dragend="over = null"
        @drop.prevent="drop(item)"
      >
        <div class="rod" role="gridcell">
          <template v-if="item.kind === 'channel' || item.kind === 'free'">
            <span class="slot">{{ item.slot }}</span>
            <span class="tick" :class="{ long: isLong(item.slot) }" aria-hidden="true" />
            <span v-if="item.kind === 'channel' && item.row.pinned" class="unseen">pinned</span>
          </template>
        </div>
        <template v-if="item.kind === 'channel'">
          <div v-if="editing === item.row.id" class="editor" role="gridcell">
            <input
              v-model="draft"
              class="edit"
              type="text"
              spellcheck="false"
              autocomplete="off"
              :aria-label="`Line of slot ${item.slot}`"
              @keydown.enter.stop.prevent="emit('save', draft)"
              @keydown.esc.stop.prevent="emit('cancel')"
              @keydown.stop
            />
          </div>
          <RodRow v-else :row="item.row" :radios="list.radios" :decimals="decimals" />
        </template>
        <div v-else-if="item.kind === 'block'" class="block-name" role="gridcell">
          {{ item.name }} <span class="span">slots {{ item.first }}–{{ item.last }}</span>
        </div>
        <div v-else-if="item.kind === 'gap'" class="free-text" role="gridcell">
          <button type="button" class="unfold" tabindex="-1" @click.stop="emit('toggle', item.slot)">
            {{ item.last - item.slot + 1 }} free
          </button>
          <span class="span">{{ item.slot }}–{{ item.last }}</span>
        </div>
        <div v-else class="free-text" role="gridcell">free</div>
      </div>
    </div>
  </div>
</template>

<style scoped>
.unfold {
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  padding: 0 6px 0 0;
  min-height: 24px;
  cursor: pointer;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
}
.rod-table {
  display: flex;
  flex-direction: column;
  min-height: 0;
  flex: 1;
}
.row {
  display: grid;
  grid-template-columns: 60px minmax(96px, 1fr) 116px 124px 78px 70px 80px 42px 44px var(--radios) 20px;
  align-items: center;
  height: 34px;
  padding-right: 12px;
  border-bottom: 1px solid color-mix(in srgb, var(--line) 50%, transparent);
  content-visibility: auto;
  contain-intrinsic-size: auto 34px;
}
.head {
  height: auto;
  padding-bottom: 5px;
  border-bottom: 1px solid var(--ink);
  color: var(--quiet);
  font-size: 12.5px;
  overflow: hidden;
  scrollbar-gutter: stable;
  align-items: end;
}
.head > :nth-child(1),
.head > :nth-child(2) {
  padding-left: 12px;
}
.head > :nth-child(3),
.head > :nth-child(4),
.head > :nth-child(5),
.head > :nth-child(6),
.head > :nth-child(7) {
  text-align: right;
  padding-right: 14px;
}
.head > :nth-child(5) {
  padding-right: 12px;
}
.head > :nth-child(6),
.head > :nth-child(7) {
  padding-right: 10px;
}
.body {
  overflow-y: auto;
  scrollbar-gutter: stable;
  flex: 1;
  min-height: 0;
  background: var(--surface);
  position: relative;
}
.body .row {
  cursor: default;
}
.body .row:focus-visible {
  outline-offset: -2px;
}
.picked {
  background: var(--picked);
}
.picked .slot {
  font-weight: 600;
}
.over {
  box-shadow: inset 0 2px 0 var(--primary);
}
.rod {
  position: relative;
  height: 100%;
  background: var(--rod);
  border-right: 1.5px solid var(--rod-mark);
  display: flex;
  align-items: center;
  padding-left: 12px;
  font: 13px var(--mono);
  color: var(--rod-ink);
}
.tick {
  position: absolute;
  right: 0;
  width: 12px;
  height: 1.5px;
  background: var(--rod-mark);
}
.tick.long {
  width: 22px;
  height: 2px;
}
.pinned .rod::after {
  content: '';
  position: absolute;
  right: -1.5px;
  top: 11px;
  border: 6px solid transparent;
  border-right-color: var(--surface);
  border-left: 0;
}
.pinned.picked .rod::after {
  border-right-color: var(--picked);
}
.block {
  height: 30px;
  grid-template-columns: 60px 1fr;
  background: var(--ground);
}
.block .rod {
  border-top: 2px solid var(--rod-mark);
}
.block-name {
  font-weight: 640;
  padding-left: 12px;
}
.span {
  color: var(--quiet);
  font-weight: 400;
  font-size: 13px;
  padding-left: 8px;
}
.gap {
  height: 24px;
  grid-template-columns: 60px 1fr;
}
.free {
  grid-template-columns: 60px 1fr;
}
.gap .rod::after {
  content: '';
  position: absolute;
  inset: 0 0 0 auto;
  width: 7px;
  background: repeating-linear-gradient(transparent 0 4px, var(--rod-mark) 4px 5px);
}
.free-text {
  padding-left: 12px;
  color: var(--quiet);
  font-size: 12.5px;
}
.editor {
  grid-column: 2 / -1;
  padding-left: 8px;
}
.edit {
  width: 100%;
  height: 28px;
  border: 1.5px solid var(--primary);
  border-radius: 6px;
  padding: 0 8px;
  font: 15px var(--mono);
  background: var(--surface);
  color: var(--ink);
}
@media (max-width: 720px) {
  .head {
    display: none;
  }
  .row.channel {
    grid-template-columns: 60px 1fr auto auto;
    grid-template-rows: 1fr 1fr;
    height: 50px;
    padding-right: 8px;
  }
  .row.channel .rod {
    grid-row: 1 / 3;
  }
  .row.channel :deep(.name) {
    grid-column: 2;
    grid-row: 1;
  }
  .row.channel :deep(.listen-side) {
    grid-column: 3;
    grid-row: 1;
  }
  .row.channel :deep(.talk-side) {
    grid-column: 3;
    grid-row: 2;
  }
  .row.channel :deep(.tone) {
    grid-row: 2;
    grid-column: 2;
    text-align: left;
    padding-left: 12px;
  }
  .row.channel :deep(.tone.listen) {
    padding-left: 76px;
  }
  .row.channel :deep(.doubt) {
    grid-column: 4;
    grid-row: 1 / 3;
  }
}
</style>
