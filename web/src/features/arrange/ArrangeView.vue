<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useDisplay } from 'vuetify'
import type { Finding } from '@/shared/api/client'
import { useCursor } from '@/shared/composables/useCursor'
import { useCounterpart } from '@/shared/composables/useCounterpart'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useList } from '@/shared/list/useList'
import { useListChanges } from '@/shared/list/useListChanges'
import SplitPane from '@/shared/ui/SplitPane.vue'
import { counted } from '@/shared/words'
import ArrangeBar from './components/ArrangeBar.vue'
import ArrangeDialogs, { type Sheet } from './components/ArrangeDialogs.vue'
import ArrangeFoot from './components/ArrangeFoot.vue'
import ArrangeHead from './components/ArrangeHead.vue'
import FindBar from './components/FindBar.vue'
import MarkedBar from './components/MarkedBar.vue'
import RodTable from './components/RodTable.vue'
import WorkingPanel from './components/WorkingPanel.vue'
import { useClipboard } from './composables/useClipboard'
import { useEditing } from './composables/useEditing'
import { useFinder } from './composables/useFinder'
import { useManyActs } from './composables/useManyActs'
import { useMarks } from './composables/useMarks'
import { useRod, type RodItem } from './composables/useRod'
import { useRodKeys } from './composables/useRodKeys'
import { useWorking } from './composables/useWorking'

const { lists, openId, error: listsError } = useOpenList()
const { swap } = useCounterpart()
const { data: list, error } = useList(openId)
const changes = useListChanges(openId)
const cursor = useCursor()
const { items, toggle, at, item } = useRod(list, cursor)
const marks = useMarks(items, at)
const many = useManyActs(changes, marks, item, cursor, () => list.value)
const finder = useFinder(list, items, at)
useClipboard(() => list.value, many.chosen, changes)
const finding = ref<InstanceType<typeof FindBar> | null>(null)
function find() {
  finder.open.value = true
  finding.value?.focus()
}
/** What was found is marked; the field has done its work. */
function markFound() {
  const found = finder.hits.value
  marks.like((it) => found.has(it.id))
  finder.close()
  rod.value?.focus()
}
const ordering = ref(false)
// A copy has channels of the same origin; what was marked in one list is not marked in another.
watch(openId, marks.clear)
const row = computed(() => (item.value?.kind === 'channel' ? item.value.row : null))
const { editing, draft, line, edit, rewrite } = useEditing(row, changes)
const { edited, answer, problem, findings } = useWorking(list, row, line)

const counts = computed(() => {
  const now = list.value?.counts
  if (!now) return ''
  const all = { error: now.errors, doubt: now.doubts, note: now.notes }
  return Object.entries(all)
    .filter(([, count]) => count > 0)
    .map(([word, count]) => counted(count, word))
    .join(' · ')
})

const rod = ref<InstanceType<typeof RodTable> | null>(null)
// Fit sends people here for how the list names, listens and talks; a reload does not ask again.
const route = useRoute()
const sheet = ref<Sheet | null>(route.hash === '#policies' ? 'intent' : null)
if (route.hash) void useRouter().replace({ name: 'arrange' })
const moving = ref<{ id: string; slot: number } | null>(null)
const sideOpen = ref(false)
const { mobile } = useDisplay()

function open(it: RodItem) {
  if (it.kind === 'gap') toggle(it.slot)
  if (it.kind === 'channel') edit(it.row)
}
const fix = (next: string) => rewrite(row.value?.id, next)
/** A channel that moves to a taken slot asks what becomes of the one that is there. */
function moveTo(channel: string, slot: number) {
  const other = list.value?.rows.find((each) => each.slot === slot)
  if (other && other.id !== channel) moving.value = { id: channel, slot }
  else void changes.change({ kind: 'move', channel, slot, way: 'swap' })
}
/** A click with Ctrl marks a channel, with Shift all up to there; a tap on a phone shows its working. */
function tap(it: RodItem, event: MouseEvent) {
  const index = items.value.indexOf(it)
  if (event.shiftKey) marks.through(index)
  else if (event.ctrlKey || event.metaKey) marks.toggle(index)
  else sideOpen.value = mobile.value && editing.value === null && !marks.rows.value.length
}
function ofFinding({ code, field }: Finding) {
  return { channel: row.value?.id ?? '', code, field }
}
/** Whether the Working panel tells how the channel is keyed in. */
const keys = useKeptText('reckonrod.keys.shown')
useRodKeys({
  items,
  at,
  item,
  changes,
  marks,
  many,
  find,
  finder,
  edit: open,
  focus: () => rod.value?.focus(),
  showBlocks: () => (sheet.value = 'blocks'),
  showOrders: () => (ordering.value = true),
  showBanks: () => (sheet.value = 'banks'),
  showNames: () => (sheet.value = 'names'),
  swap,
  showIntent: () => (sheet.value = 'intent'),
  showChange: () => (sheet.value = 'change'),
  showWorking: () => (sideOpen.value = mobile.value),
  showKeys() {
    keys.value = keys.value === 'on' ? '' : 'on'
    if (keys.value) sideOpen.value = mobile.value
  },
  mend(number) {
    const mended = findings.value.flatMap((each) => each.fixes)[number]
    if (mended) void fix(mended.line)
  },
})
</script>

<template>
  <SplitPane v-model="sideOpen" label="Working" :side="!!list">
    <template v-if="list">
      <ArrangeHead :list="list" @open="(which) => (sheet = which)" @find="find" />
      <MarkedBar
        v-if="marks.rows.value.length"
        v-model:ordering="ordering"
        :list="list"
        :marks="marks"
        :many="many"
        :row="row"
        :cursor="cursor"
        :changes="changes"
        @change="sheet = 'change'"
        @banks="sheet = 'banks'"
        @where="(by) => (sheet = by)"
      />
      <ArrangeBar
        v-else
        :list="list"
        :row="row"
        :counts="counts"
        @edit="row && edit(row)"
        @pin="row && changes.change({ kind: 'pin', channel: row.id, pinned: !row.pinned })"
        @delete="row && changes.change({ kind: 'delete', channel: row.id })"
        @undo="changes.undo()"
        @redo="changes.redo()"
        @history="sheet = 'history'"
        @satellite="sheet = 'satellite'"
        @findings="sheet = 'findings'"
        @working="sideOpen = true"
        @blocks="sheet = 'blocks'"
        @banks="sheet = 'banks'"
        @mark="marks.toggle()"
        @find="find"
        @names="sheet = 'names'"
        @intent="sheet = 'intent'"
      />
      <FindBar
        v-if="finder.open.value"
        ref="finding"
        :finder="finder"
        :total="list.rows.length"
        @mark="markFound"
        @leave="rod?.focus()"
      />
      <RodTable
        ref="rod"
        v-model:at="at"
        v-model:draft="draft"
        :list="list"
        :items="items"
        :editing="editing"
        :marks="marks"
        :finder="finder"
        @open="open"
        @tap="tap"
        @drop="moveTo"
        @toggle="toggle"
        @save="rewrite(editing, draft)"
        @cancel="editing = null"
      />
      <ArrangeFoot v-if="!mobile" :list="list" :counts="counts" @findings="sheet = 'findings'" />
      <ArrangeDialogs
        v-model:sheet="sheet"
        v-model:moving="moving"
        :list="list"
        :cursor="cursor"
        :changes="changes"
        :many="many"
        @look="(slot) => (cursor = slot)"
      />
    </template>
    <p v-else-if="error || listsError" class="empty" role="alert">{{ (error ?? listsError)?.message }}</p>
    <p v-else-if="lists && !lists.length" class="empty">
      There is no list yet. Make one with “New list” on top, then type a directory line such as
      <span class="mono">145.310- 71.9</span>. What was deleted lies in the bin under
      <router-link :to="{ name: 'lists' }">Lists</router-link>.
    </p>
    <v-skeleton-loader v-else type="heading, table-tbody" aria-label="Loading the list" />
    <template #side>
      <WorkingPanel
        v-if="list"
        :list="list"
        :row="row"
        :cursor="cursor"
        :edited="edited"
        :answer="answer"
        :problem="problem"
        :findings="findings"
        :keys="keys === 'on'"
        @fix="fix"
        @keys="keys = keys === 'on' ? '' : 'on'"
        @move="(slot) => row && moveTo(row.id, slot)"
        @lay-aside="(it, reason) => changes.change({ kind: 'lay-aside', ...ofFinding(it), reason })"
        @look-again="(it) => changes.change({ kind: 'look-again', ...ofFinding(it) })"
      />
    </template>
  </SplitPane>
</template>

<style scoped>
.empty {
  padding: 24px;
}
</style>
