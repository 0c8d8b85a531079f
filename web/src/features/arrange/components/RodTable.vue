<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useDisplay } from 'vuetify'
import type { ListView } from '@/shared/api/client'
import FitMark from '@/shared/components/FitMark.vue'
import SeverityMark from '@/shared/components/SeverityMark.vue'
import KeyedGrid from '@/shared/ui/KeyedGrid.vue'
import type { Column, Focusable } from '@/shared/ui/grid'
import { shortTone } from '@/shared/words'
import type { Finder } from '../composables/useFinder'
import type { Marks } from '../composables/useMarks'
import type { RodItem } from '../composables/useRod'
import LineEditor from './LineEditor.vue'

const props = defineProps<{
  list: ListView
  items: RodItem[]
  editing: string | null
  marks: Marks
  finder: Finder
}>()
const emit = defineEmits<{
  open: [item: RodItem]
  tap: [item: RodItem, event: MouseEvent]
  drop: [channelId: string, slot: number]
  toggle: [slot: number]
  save: []
  cancel: []
}>()
const at = defineModel<number>('at', { required: true })
const draft = defineModel<string>('draft', { required: true })

const columns = computed<Column[]>(() => [
  { key: 'rod', head: 'Slot', width: '56px', always: true },
  { key: 'name', head: 'Name', width: 'minmax(96px, 1fr)' },
  { key: 'receive', head: 'Listen MHz', width: '104px', end: true },
  { key: 'send', head: 'Talk MHz', width: '112px', end: true },
  { key: 'shift', head: 'Shift', width: '66px', end: true, wide: true },
  { key: 'talk-tone', head: 'Talk tone', width: '62px', end: true },
  { key: 'listen-tone', head: 'Listen tone', width: '72px', end: true },
  { key: 'kind', head: 'Kind', width: '38px', wide: true },
  { key: 'power', head: 'Power', width: '40px', wide: true },
  { key: 'fits', head: 'Radios', width: `${Math.max(46, props.list.radios.length * 17)}px`, wide: true },
  { key: 'doubt', unseen: 'Findings', width: '14px' },
])
const { mobile } = useDisplay()
const HEIGHTS = { block: 30, gap: 26, free: 34, channel: 34 }
const height = (item: RodItem) => (item.kind === 'channel' && mobile.value ? 50 : HEIGHTS[item.kind])
const isEdited = (item: RodItem) => item.kind === 'channel' && item.row.id === props.editing
const isMarked = (item: RodItem) => item.kind === 'channel' && props.marks.has(item.row)
const channel = (item: RodItem) => (item.kind === 'channel' ? item.row : null)
const slotOf = (item: RodItem) => (item.kind === 'block' ? item.first : item.slot)
const row = (item: RodItem) => ({
  class: [
    item.kind,
    { pinned: channel(item)?.pinned, marked: isMarked(item), hit: props.finder.isHit(item) },
  ],
  'data-slot': slotOf(item),
})

/** Points stand below each other: what has fewer places is filled up with blanks of their width. */
const places = (figure: string) => figure.length - figure.indexOf('.') - 1
const most = computed(() => Math.max(3, ...props.list.rows.map((each) => places(each.sum.listen))))
const aligned = (figure: string) => figure + '\u00a0'.repeat(Math.max(0, most.value - places(figure)))
const radioName = (id: string) => props.list.radios.find((radio) => radio.id === id)?.name ?? id

function drop(dragged: RodItem, on: RodItem) {
  const moved = channel(dragged)
  if (moved && on.kind !== 'block') emit('drop', moved.id, on.slot)
}
const grid = ref<Focusable | null>(null)
const focus = () => grid.value?.focus()
watch(
  () => props.editing,
  (now) => !now && focus(),
)
onMounted(() => props.editing === null && focus())
defineExpose({ focus })
</script>

<template>
  <div class="framed column">
    <KeyedGrid
      ref="grid"
      v-model:at="at"
      class="rod-table"
      :label="list.name"
      :items="items"
      :columns="columns"
      :item-key="(item) => item.key"
      :height="height"
      :row="row"
      :whole="(item) => item.kind !== 'channel' || isEdited(item)"
      :heading="(item) => item.kind === 'block'"
      :can-drag="(item) => item.kind === 'channel' && editing === null"
      @open="(item) => emit('open', item)"
      @tap="(item, event) => emit('tap', item, event)"
      @drop="drop"
    >
      <template #rod="{ item }">
        <template v-if="item.kind === 'channel' || item.kind === 'free'">
          <span class="slot">{{ item.slot }}</span>
          <span class="graduation" :class="{ long: item.slot % 10 === 0 }" aria-hidden="true" />
          <span v-if="channel(item)?.pinned" class="unseen">pinned</span>
          <span v-if="isMarked(item)" class="tick"><span class="unseen">marked</span></span>
        </template>
      </template>
      <template #name="{ item }">{{ channel(item)?.label }}</template>
      <template #receive="{ item }">
        <template v-if="channel(item)">
          <span class="listen mark" :class="{ only: !channel(item)?.sum.talk }" aria-hidden="true">▽</span
          >{{ aligned(channel(item)?.sum.listen ?? '') }}
        </template>
      </template>
      <template #send="{ item }">
        <template v-if="channel(item)?.sum.talk">
          <span class="talk mark" aria-hidden="true">▲</span>{{ aligned(channel(item)?.sum.talk ?? '') }}
        </template>
        <span v-else class="word">listen only</span>
      </template>
      <template #shift="{ item }">
        <span :class="/\d/.test(channel(item)?.sum.shift ?? '') ? 'quiet' : 'word'">{{
          channel(item)?.sum.shift
        }}</span>
      </template>
      <template #talk-tone="{ item }">
        <span class="talk">{{ shortTone(channel(item)?.talkTone) }}</span>
      </template>
      <template #listen-tone="{ item }">
        <span class="listen">{{ shortTone(channel(item)?.listenTone) }}</span>
      </template>
      <template #kind="{ item }">
        <span class="word">{{ channel(item)?.emission }}</span>
      </template>
      <template #power="{ item }">
        <span class="word">{{ channel(item)?.sum.talk ? channel(item)?.power : '' }}</span>
      </template>
      <template #fits="{ item }">
        <FitMark
          v-for="fit in channel(item)?.fits"
          :key="fit.radioId"
          :mark="fit.mark"
          :radio="radioName(fit.radioId)"
        />
      </template>
      <template #doubt="{ item }">
        <SeverityMark v-if="channel(item)?.findings[0]" :severity="channel(item)!.findings[0]!.severity" />
      </template>
      <template #whole="{ item }">
        <LineEditor
          v-if="isEdited(item)"
          v-model="draft"
          :slot-number="slotOf(item)"
          @save="emit('save')"
          @cancel="emit('cancel')"
        />
        <template v-else-if="item.kind === 'block'">
          <b>{{ item.name }}</b>
          <span class="word">slots {{ item.first }}–{{ item.last }}{{ item.says }}</span>
        </template>
        <template v-else-if="item.kind === 'gap'">
          <button type="button" class="unfold" tabindex="-1" @click.stop="emit('toggle', item.slot)">
            {{ item.last - item.slot + 1 }} free
          </button>
          <span class="word">{{ item.slot }}–{{ item.last }}</span>
        </template>
        <span v-else class="word">free</span>
      </template>
    </KeyedGrid>
    <div v-if="finder.places.value.size" class="places" aria-hidden="true">
      <i v-for="place in finder.places.value" :key="place" :style="{ top: `${place}%` }" />
    </div>
  </div>
</template>

<style scoped src="./rod.css"></style>
