<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import { useScreen } from '@/shared/keys/useScreen'
import { counted } from '@/shared/words'
import { useList } from '@/shared/list/useList'
import { useListChanges } from '@/shared/list/useListChanges'
import AnswerPanel from '@/shared/reckon/AnswerPanel.vue'
import { useReckon } from '@/shared/reckon/useReckon'
import FindingList from '@/shared/components/FindingList.vue'
import KeysDialog from '@/shared/components/KeysDialog.vue'
import { useCursor } from '@/shared/composables/useCursor'
import { useNotice } from '@/shared/composables/useNotice'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useOpenList } from '@/shared/composables/useOpenList'
import { joined, useArrivedText, usePastedText } from '@/shared/composables/usePastedText'
import ReviewTable from './components/ReviewTable.vue'
import { useReview, type ReviewLine } from './composables/useReview'

const KEYS: [string, string][] = [
  ['↑ ↓ or j k', 'up and down the lines'],
  ['Space', 'let a line go in, or keep it out'],
  ['Enter', 'mend the line'],
  ['f or 1 to 9', 'take the first mend, or that of a number'],
  ['n N', 'to the next or previous line that does not go in'],
  ['Delete', 'drop the line from the listing'],
]
const EXAMPLE = 'SKARRA 145.310- 71.9 E L\nOSTREY N 145.430 -0.6 T118.8\nPELL\t147.135\t+\t127.3'

const { open, openId } = useOpenList()
const { data: list } = useList(openId)
const changes = useListChanges(openId)
const cursor = useCursor()
const text = usePastedText()
const arrived = useArrivedText()
const draft = useKeptText('reckonrod.review.draft')
const { tell, tellProblem } = useNotice()
const {
  data: review,
  error,
  isPlaceholderData: stale,
} = useReview(
  openId,
  computed(() => list.value?.version ?? null),
  text,
  cursor,
)

type Verdict = ReviewLine['verdict']
const only = ref<Verdict | null>(null)
const verdicts = computed<{ verdict: Verdict; words: string; count: number }[]>(() => [
  { verdict: 'good', words: 'good', count: review.value?.good ?? 0 },
  { verdict: 'doubtful', words: 'to look at', count: review.value?.doubtful ?? 0 },
  { verdict: 'bad', words: 'to mend', count: review.value?.bad ?? 0 },
])
const lines = computed(
  () => review.value?.lines.filter((each) => !only.value || each.verdict === only.value) ?? [],
)

/** Good lines go in, doubtful ones when the person says so; a choice is kept by the line's own words. */
const chosen = ref(new Map<string, boolean>())
const goesIn = (line: ReviewLine) =>
  line.sum !== null && (chosen.value.get(line.line) ?? line.verdict === 'good')
const going = computed(() => review.value?.lines.filter(goesIn) ?? [])
const fitting = computed(() => going.value.slice(0, review.value?.freeSlots ?? 0))
function choose(line: ReviewLine) {
  if (line.sum !== null) chosen.value = new Map(chosen.value).set(line.line, !goesIn(line))
}

const at = ref(0)
const picked = computed(() => lines.value[Math.min(at.value, lines.value.length - 1)] ?? null)
const mending = ref('')
watch(picked, (now) => (mending.value = now?.line ?? ''), { immediate: true })
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

const input = ref<HTMLInputElement | null>(null)
const table = ref<InstanceType<typeof ReviewTable> | null>(null)
/** Puts other words, or none, in place of a line of the listing. */
function rewrite(line: ReviewLine, next: string | null) {
  const all = text.value.split(/\r?\n/)
  // While an edit is still being worked out the numbers shown may be those of the text before it.
  if (all[line.number - 1]?.trim() !== line.line) return
  all.splice(line.number - 1, 1, ...(next === null ? [] : [next]))
  text.value = all.join('\n')
}
async function save() {
  if (picked.value) rewrite(picked.value, mending.value)
  await nextTick()
  table.value?.focus()
}
function mend(number: number) {
  const fix = answer.value?.findings.flatMap((each) => each.fixes)[number]
  if (fix && picked.value) rewrite(picked.value, fix.line)
}

function editAsText() {
  draft.value = joined(draft.value, text.value)
  text.value = ''
}
async function workOut() {
  await begin(draft.value)
  draft.value = ''
}

/** A table with headings becomes lines first, so that its columns are read as what they are. */
async function begin(pastedText: string, before = '') {
  let lines = pastedText
  try {
    if (open.value) {
      const body = { text: pastedText, bandPlan: open.value.bandPlan }
      const read = await unwrap(api.POST('/api/lines', { body }))
      lines = read.text
      if (read.table)
        tell(
          `Read as a table with headings${read.unread ? `; ${counted(read.unread, 'row')} could not be read and stay as they are` : ''}`,
        )
    }
  } catch (cause) {
    tellProblem(cause)
  }
  text.value = joined(before, lines)
}
// What comes in does not join what was left there before, unless that is said.
const asksWhere = computed(() => arrived.value.trim() !== '' && text.value.trim() !== '')
watch(
  [arrived, open],
  () => {
    if (open.value && arrived.value.trim() && !text.value.trim()) void takeArrived(false)
  },
  { immediate: true },
)
async function takeArrived(join: boolean) {
  const lines = arrived.value
  arrived.value = ''
  await begin(lines, join ? text.value : '')
  await nextTick()
  table.value?.focus()
}

/** Every line that gives a channel without an error goes in, doubts and all. */
function letAllIn() {
  const next = new Map(chosen.value)
  for (const line of review.value?.lines ?? []) if (line.verdict === 'doubtful') next.set(line.line, true)
  chosen.value = next
}
/** The first mends of all lines with the same finding, at once. */
const ofAKind = computed(() => {
  const code = picked.value?.findings.find((each) => each.fixes.length)?.code
  if (!code) return null
  const alike = (review.value?.lines ?? []).filter((line) =>
    line.findings.some((each) => each.code === code && each.fixes.length),
  )
  return alike.length > 1 ? { code, lines: alike } : null
})
const before = ref('')
function mendAll() {
  const kind = ofAKind.value
  if (!kind || stale.value) return
  const all = text.value.split(/\r?\n/)
  for (const line of kind.lines) {
    const fix = line.findings.find((each) => each.code === kind.code)?.fixes[0]
    if (fix && all[line.number - 1]?.trim() === line.line) all[line.number - 1] = fix.line
  }
  const count = kind.lines.length
  before.value = text.value
  text.value = all.join('\n')
  tell(`${counted(count, 'line')} mended; Ctrl+Z takes it back`)
}
function clearAll() {
  before.value = text.value
  text.value = ''
  tell('The lines are cleared; Ctrl+Z brings them back')
}
function back() {
  if (!before.value) return
  text.value = before.value
  before.value = ''
}

async function put() {
  const ready = fitting.value
  if (!ready.length || stale.value) return
  const gone = new Set(ready.map((each) => each.number))
  if (
    !(await changes.change({
      kind: 'put',
      slot: cursor.value,
      lines: ready.map((each) => each.line),
      block: null,
    }))
  )
    return
  text.value = text.value
    .split(/\r?\n/)
    .filter((line, i) => !gone.has(i + 1) && line.trim() !== '')
    .join('\n')
  const left = text.value.trim() ? text.value.split('\n').length : 0
  tell(
    `${counted(ready.length, 'channel is', 'channels are')} in the list${left ? `; ${counted(left, 'line stays', 'lines stay')} here to be mended` : ''}`,
  )
}

const keysOpen = ref(false)
function step(by: number) {
  at.value = Math.min(Math.max(at.value + by, 0), Math.max(lines.value.length - 1, 0))
}
function toOpen(by: 1 | -1) {
  for (let i = at.value + by; i >= 0 && i < lines.value.length; i += by) {
    const line = lines.value[i]
    if (line && !goesIn(line)) return void (at.value = i)
  }
}
const ACTS: Record<string, () => void> = {
  ArrowDown: () => step(1),
  j: () => step(1),
  ArrowUp: () => step(-1),
  k: () => step(-1),
  PageDown: () => step(15),
  PageUp: () => step(-15),
  Home: () => step(-Infinity),
  End: () => step(Infinity),
  ' ': () => picked.value && choose(picked.value),
  Enter: () => input.value?.select(),
  f: () => mend(0),
  n: () => toOpen(1),
  N: () => toOpen(-1),
  Delete: () => picked.value && rewrite(picked.value, null),
}
function onKey(event: KeyboardEvent) {
  if (!text.value.trim()) return false
  const act = ACTS[event.key] ?? (/^[1-9]$/.test(event.key) ? () => mend(Number(event.key) - 1) : undefined)
  act?.()
  return act !== undefined
}
useScreen({
  onKey,
  showKeys: () => (keysOpen.value = true),
  focus: () => (table.value ? table.value.focus() : document.getElementById('listing')?.focus()),
  undo: back,
  redo: () => {},
})
onMounted(async () => {
  await nextTick()
  if (!text.value.trim()) document.getElementById('listing')?.focus()
})
watch(table, (now, was) => now && !was && now.focus())
</script>

<template>
  <div class="review">
    <section class="middle">
      <header>
        <h1>Lines to review</h1>
        <span v-if="open" class="quiet">for {{ open.name }}, by its plan and licence</span>
      </header>
      <div v-if="asksWhere" class="pad arrived" role="status">
        <p>
          {{ counted(arrived.trim().split(/\r?\n/).length, 'line') }} came in, and
          {{ counted(text.trim().split(/\r?\n/).length, 'line') }} of before
          {{ text.trim().split(/\r?\n/).length === 1 ? 'waits' : 'wait' }} here still.
        </p>
        <v-btn color="primary" variant="flat" @click="takeArrived(false)">Only the new ones</v-btn>
        <v-btn @click="takeArrived(true)">Add them behind</v-btn>
        <v-btn @click="arrived = ''">Leave the new ones out</v-btn>
      </div>
      <div v-if="error && text.trim()" class="pad wrong">
        <p role="alert">{{ error.message }}</p>
        <v-btn @click="editAsText">Edit as text</v-btn>
      </div>
      <form v-if="!text.trim()" class="paste" @submit.prevent="workOut">
        <label for="listing">
          Paste a directory listing, one repeater a line: name, output, shift, tones, in any order. Up to
          5,000 lines.
        </label>
        <textarea id="listing" v-model="draft" rows="14" spellcheck="false" :placeholder="EXAMPLE" />
        <v-btn type="submit" color="primary" variant="flat" :disabled="!draft.trim()"
          >Work these lines out</v-btn
        >
      </form>
      <template v-else-if="review && !error">
        <div class="bar">
          <div class="kinds" role="group" aria-label="Show only">
            <button
              v-for="each in verdicts"
              :key="each.verdict"
              type="button"
              :aria-pressed="only === each.verdict"
              :disabled="each.count === 0"
              @click="only = only === each.verdict ? null : each.verdict"
            >
              <b>{{ each.count }}</b> {{ each.words }}
            </button>
          </div>
          <span class="space" />
          <v-btn v-if="ofAKind" :disabled="stale" @click="mendAll">
            Mend all {{ ofAKind.lines.length }} like this
          </v-btn>
          <v-btn v-if="review.doubtful" @click="letAllIn">Let all {{ review.doubtful }} doubtful in</v-btn>
          <v-btn @click="editAsText">Edit as text</v-btn>
          <v-btn @click="clearAll">Clear</v-btn>
        </div>
        <ReviewTable
          ref="table"
          :lines="lines"
          :at="at"
          :goes-in="goesIn"
          @pick="(i) => (at = i)"
          @choose="choose"
        />
        <footer>
          <v-btn
            color="primary"
            variant="flat"
            :disabled="!fitting.length || stale || changes.busy.value"
            @click="put"
          >
            Put {{ fitting.length }} {{ fitting.length === 1 ? 'line' : 'lines' }} in, from slot
            {{ cursor }} on
          </v-btn>
          <span v-if="going.length > fitting.length" role="status">
            Only {{ review.freeSlots }} slots are free from there; {{ going.length - fitting.length }} lines
            stay here.
          </span>
          <button class="keys" type="button" @click="keysOpen = true"><kbd>?</kbd> all keys</button>
        </footer>
      </template>
      <p v-else-if="!error" class="pad quiet">Working the lines out…</p>
    </section>
    <aside v-if="picked && text.trim()" class="side" aria-label="Working" tabindex="0">
      <h2>Line {{ picked.number }}</h2>
      <form class="mend" @submit.prevent="save">
        <label class="unseen" for="mend">The line, to be mended</label>
        <input id="mend" ref="input" v-model="mending" spellcheck="false" autocomplete="off" @keydown.stop />
        <v-btn v-if="mending !== picked.line" type="submit" size="small">Keep this</v-btn>
      </form>
      <p v-if="picked.twin" class="twin">The same pair and tones are in {{ picked.twin }}.</p>
      <AnswerPanel v-if="answer" :answer="answer">
        <FindingList :findings="answer.findings" numbered @fix="(line) => picked && rewrite(picked, line)" />
      </AnswerPanel>
    </aside>
    <KeysDialog v-model="keysOpen" title="Keys of the review" :keys="KEYS" />
  </div>
</template>

<style scoped>
.review {
  display: grid;
  grid-template-columns: 1fr 340px;
  height: 100%;
  min-height: 0;
}
.middle {
  display: flex;
  flex-direction: column;
  min-height: 0;
  min-width: 0;
}
header {
  display: flex;
  gap: 14px;
  align-items: baseline;
  padding: 14px 20px 8px;
}
.pad {
  padding: 0 20px;
}
.wrong p {
  color: var(--error);
  margin: 0 0 8px;
}
.arrived {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  padding-bottom: 10px;
}
.arrived p {
  margin: 0;
}
.paste {
  display: grid;
  gap: 12px;
  padding: 0 20px;
  justify-items: start;
}
textarea {
  width: 100%;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  padding: 10px 12px;
  font: 15px/1.6 var(--mono);
  background: var(--surface);
  color: var(--ink);
}
textarea::placeholder {
  color: var(--quiet);
  opacity: 1;
}
.bar {
  display: flex;
  gap: 8px;
  padding: 0 20px 10px;
}
.kinds {
  display: flex;
  gap: 8px;
}
.kinds button {
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
  padding: 0 14px;
  height: 36px;
  cursor: pointer;
}
.kinds button[aria-pressed='true'] {
  border-color: var(--primary);
  background: var(--picked);
}
.kinds button:disabled {
  color: var(--quiet);
  cursor: default;
}
.space {
  flex: 1;
}
footer {
  display: flex;
  gap: 14px;
  align-items: center;
  padding: 10px 20px;
  border-top: 1px solid var(--line);
  font-size: 13px;
}
.keys {
  margin-left: auto;
  color: var(--quiet);
  background: none;
  border: 0;
  font: inherit;
  cursor: pointer;
}
.side {
  border-left: 1px solid var(--line);
  padding: 14px 16px;
  overflow: auto;
  display: grid;
  gap: 12px;
  align-content: start;
}
.mend {
  display: flex;
  gap: 8px;
  align-items: center;
}
.mend input {
  flex: 1;
  min-width: 0;
  height: 34px;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  padding: 0 8px;
  font: 14px var(--mono);
  background: var(--surface);
  color: var(--ink);
}
.twin {
  margin: 0;
  color: var(--doubt);
}
@media (max-width: 720px) {
  .review {
    grid-template-columns: 1fr;
    grid-template-rows: minmax(0, 1fr) minmax(0, 44%);
  }
  .side {
    border-left: 0;
    border-top: 2px solid var(--line);
  }
  .bar,
  header,
  footer {
    flex-wrap: wrap;
    padding-left: 12px;
    padding-right: 12px;
  }
  .kinds button {
    padding: 0 8px;
  }
  .keys {
    display: none;
  }
}
</style>
