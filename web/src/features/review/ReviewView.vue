<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { useDisplay } from 'vuetify'
import { useCursor } from '@/shared/composables/useCursor'
import { useNotice } from '@/shared/composables/useNotice'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useList } from '@/shared/list/useList'
import { useListChanges } from '@/shared/list/useListChanges'
import { useReckon } from '@/shared/reckon/useReckon'
import PageBar from '@/shared/ui/PageBar.vue'
import SplitPane from '@/shared/ui/SplitPane.vue'
import { counted } from '@/shared/words'
import ArrivedLines from './components/ArrivedLines.vue'
import LinePanel from './components/LinePanel.vue'
import ListingForm from './components/ListingForm.vue'
import ReviewBar from './components/ReviewBar.vue'
import ReviewTable from './components/ReviewTable.vue'
import TableForm from './components/TableForm.vue'
import { useChosenLines } from './composables/useChosenLines'
import { useListing } from './composables/useListing'
import { useReviewKeys } from './composables/useReviewKeys'
import { useReview, type ReviewLine } from './composables/useReview'
import { usePastedText } from '@/shared/composables/usePastedText'

const { open, openId } = useOpenList()
const { data: list } = useList(openId)
const changes = useListChanges(openId)
const cursor = useCursor()
const { tell } = useNotice()
const {
  data: review,
  error,
  isPlaceholderData: stale,
} = useReview(
  openId,
  computed(() => list.value?.version ?? null),
  usePastedText(),
  cursor,
)
const table = ref<InstanceType<typeof ReviewTable> | null>(null)
const panel = ref<InstanceType<typeof LinePanel> | null>(null)
const focus = () => (table.value ? table.value.focus() : document.getElementById('listing')?.focus())
const listing = useListing(stale, focus)
const { text, arrived, draft, asked, asksWhere, rewrite } = listing
/** Where blocks say what belongs into them, lines go there, and how many slots are free at the cursor says nothing. */
const filed = computed(() => list.value?.blocks.some((each) => each.filling) ?? false)
const { goesIn, going, fitting, choose, letAllIn } = useChosenLines(review, filed)

const only = ref<ReviewLine['verdict'] | null>(null)
const lines = computed(
  () => review.value?.lines.filter((each) => !only.value || each.verdict === only.value) ?? [],
)
const at = ref(0)
watch(lines, (now) => (at.value = Math.min(at.value, Math.max(now.length - 1, 0))))
const picked = computed(() => lines.value[at.value] ?? null)
const mending = ref('')
// Judged anew, because the list has changed elsewhere, it is the same line still: what is typed stays.
watch(
  () => picked.value && `${picked.value.number} ${picked.value.line}`,
  () => (mending.value = picked.value?.line ?? ''),
  { immediate: true },
)
const { answer } = useReckon(() =>
  open.value && picked.value
    ? {
        line: mending.value,
        bandPlan: open.value.bandPlan,
        licence: open.value.licence,
        before: mending.value === picked.value.line ? undefined : picked.value.line,
      }
    : null,
)
/** All lines with the same thing to be mended. */
const alike = computed(() => {
  const code = picked.value?.findings.find((each) => each.fixes.length)?.code
  const has = (line: ReviewLine) => line.findings.some((each) => each.code === code && each.fixes.length)
  return { code: code ?? '', lines: code ? (review.value?.lines.filter(has) ?? []) : [] }
})

const { mobile } = useDisplay()
const sideOpen = ref(false)
async function editLine() {
  sideOpen.value = mobile.value
  await nextTick()
  panel.value?.select()
}
async function keep() {
  if (picked.value) rewrite(picked.value, mending.value)
  sideOpen.value = false
  await nextTick()
  focus()
}
function mend(number: number) {
  const fix = answer.value?.findings.flatMap((each) => each.fixes)[number]
  if (fix && picked.value) rewrite(picked.value, fix.line)
}
async function put() {
  const ready = fitting.value
  if (!ready.length || stale.value) return
  const words = ready.map((each) => each.line)
  if (!(await changes.change({ kind: 'put', slot: cursor.value, lines: words, here: null, block: null })))
    return
  const left = listing.without(ready)
  const stays = left ? `; ${counted(left, 'line stays', 'lines stay')} here to be mended` : ''
  // Into which blocks they went is told already.
  if (!filed.value || left) tell(`${counted(ready.length, 'channel is', 'channels are')} in the list${stays}`)
}
useReviewKeys({
  lines,
  at,
  picked,
  goesIn,
  choose,
  mend,
  editLine,
  focus,
  back: listing.back,
  drop: (line) => rewrite(line, null),
  when: () => text.value.trim() !== '' && !asked.value,
})
watch(table, (now, was) => now && !was && now.focus())
watch(
  () => text.value.trim() === '',
  async (empty) => {
    await nextTick()
    if (empty) focus()
  },
  { immediate: true },
)
</script>

<template>
  <SplitPane
    v-model="sideOpen"
    class="review"
    label="Working"
    :side="picked !== null && text.trim() !== '' && !asked"
  >
    <PageBar title="Lines to review">
      <span v-if="open" class="quiet">for {{ open.name }}, by its plan and licence</span>
    </PageBar>
    <ArrivedLines
      v-if="asksWhere"
      :arrived="arrived"
      :waiting="text"
      @take="listing.takeArrived"
      @leave="arrived = ''"
    />
    <div v-if="error && text.trim() && !asked" class="pad stack">
      <p role="alert" class="wrong">{{ error.message }}</p>
      <div><v-btn @click="listing.editAsText">Edit as text</v-btn></div>
    </div>
    <TableForm
      v-if="asked"
      :key="asked.text"
      :table="asked"
      @read="listing.readAsked"
      @edit="listing.leaveAsked"
    />
    <ListingForm v-else-if="!text.trim()" v-model="draft" @work-out="listing.workOut" />
    <template v-else-if="review && !error">
      <ReviewBar
        v-model="only"
        :review="review"
        :alike="alike.lines.length"
        :stale="stale"
        @mend-all="listing.mendAll(alike.code, alike.lines)"
        @let-in="letAllIn"
        @edit="listing.editAsText"
        @clear="listing.clear"
      />
      <ReviewTable
        ref="table"
        v-model:at="at"
        :lines="lines"
        :goes-in="goesIn"
        @choose="choose"
        @tap="sideOpen = mobile"
        @open="editLine"
      />
      <footer class="acts foot">
        <v-btn
          color="primary"
          variant="flat"
          :disabled="!fitting.length || stale || changes.busy.value"
          @click="put"
        >
          Put {{ counted(fitting.length, 'line') }} in,
          {{ filed ? 'each where it belongs' : `from slot ${cursor} on` }}
        </v-btn>
        <span v-if="going.length > fitting.length" role="status">
          Only {{ review.freeSlots }} slots are free from there; {{ going.length - fitting.length }} lines
          stay here.
        </span>
        <v-spacer />
        <span v-if="!mobile" class="quiet small"><kbd>?</kbd> all keys</span>
      </footer>
    </template>
    <v-skeleton-loader v-else-if="!error" type="table-tbody" aria-label="Working the lines out" />
    <template #side>
      <LinePanel
        v-if="picked"
        ref="panel"
        v-model="mending"
        :line="picked"
        :answer="answer"
        @keep="keep"
        @fix="(next) => picked && rewrite(picked, next)"
      />
    </template>
  </SplitPane>
</template>

<style scoped>
.foot {
  padding: 10px 20px;
  border-top: 1px solid var(--line);
}
</style>
