<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import { useRadios } from '@/shared/api/queries'
import PairFigures from '@/shared/components/PairFigures.vue'
import PlaceField from '@/shared/components/PlaceField.vue'
import { useCursor } from '@/shared/composables/useCursor'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useNotice } from '@/shared/composables/useNotice'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useKeys } from '@/shared/keys/useKeys'
import { useList } from '@/shared/list/useList'
import { useListChanges } from '@/shared/list/useListChanges'
import PageBar from '@/shared/ui/PageBar.vue'
import { counted, moment } from '@/shared/words'
import CallingNote from './components/CallingNote.vue'
import CauseList from './components/CauseList.vue'
import ProvePages from './components/ProvePages.vue'
import TapBoard from './components/TapBoard.vue'
import { useDiagnosis, type Tried } from './composables/useDiagnosis'
import { SEEN, useTests } from './composables/useFieldLog'
import { useMaking } from './composables/useMaking'
import { usePlace } from './composables/usePlace'
import { useSteps } from './composables/useSteps'

/** On the spot: one channel after the other is tried, what is seen is tapped, and a silence is talked through. */
const { openId } = useOpenList()
const { data: list, error } = useList(openId)
const { data: radios } = useRadios()
const { place, here, looking } = usePlace()
const radioId = useKeptText('reckonrod.prove.radio')
const channelId = useKeptText('reckonrod.prove.channel')
const { tell, tellProblem } = useNotice()
const cache = useQueryClient()
const cursor = useCursor()
const { say } = useListChanges(openId)
const { did, undo, redo } = useSteps()

const radio = computed(() => radios.value?.find((each) => each.id === radioId.value) ?? null)
const rows = computed(() => list.value?.rows ?? [])
const row = computed(() => rows.value.find((each) => each.id === channelId.value) ?? rows.value[0] ?? null)
const channels = computed(() =>
  rows.value.map((each) => ({ value: each.id, title: `${each.slot} · ${each.label}` })),
)
const owners = computed(() => [
  { value: '', title: 'any radio' },
  ...(radios.value ?? []).map((each) => ({ value: each.id, title: each.name })),
])
/** Where the channel is in the radio. */
const slotInRadio = computed(
  () => row.value?.fits.find((each) => each.radioId === radioId.value)?.place ?? null,
)

const { data: tests } = useTests()
const made = useMaking({
  list,
  row,
  radio,
  place,
  look: (id) => (channelId.value = id),
  did,
})
const { log, now, begun, judged, again, change, tap } = made

/** What it shows is the server's to say; until that has it, it is only kept. */
const shown = computed(() => judged.value ?? tests.value?.find((each) => each.id === now.value.id))
const result = computed(() => shown.value?.result ?? 'open')
const says = computed(() => {
  const words = shown.value && shown.value.result !== 'open' ? shown.value.says : ''
  return words ? words.charAt(0).toUpperCase() + words.slice(1) : 'Tap what you see and hear'
})
const keptWords = computed(() =>
  log.unsent.value
    ? `${counted(log.unsent.value, 'test')} kept in this browser; sent when the server answers`
    : begun.value
      ? 'kept'
      : '',
)
function turn(by: number) {
  const at = rows.value.findIndex((each) => each.id === row.value?.id)
  const next = rows.value[(at + by + rows.value.length) % rows.value.length]
  if (next) channelId.value = next.id
}

/** The talk key of a simulated radio; a real one is keyed by hand. */
const heard = ref('')
const pressing = ref(false)
watch(
  () => [row.value?.id, radioId.value],
  () => (heard.value = ''),
)
async function press() {
  if (!radio.value || slotInRadio.value === null || pressing.value) return
  if (!place.value.trim()) {
    tell('Say where the radio is first: a place, its coordinates or its locator.')
    return
  }
  pressing.value = true
  try {
    const said = await unwrap(
      api.POST('/api/radios/{id}/talk', {
        params: { path: { id: radio.value.id } },
        body: { slot: slotInRadio.value, at: place.value },
      }),
    )
    heard.value = `${said.says}${said.shown ? ` The display showed ${said.shown}.` : ''}`
    again()
    change({ seen: said.seen }, 'the talk key')
  } catch (cause) {
    tellProblem(cause)
  } finally {
    pressing.value = false
  }
}

const asksWhy = computed(() => row.value !== null && (result.value === 'silent' || result.value === 'heard'))
const tried = computed<Tried | null>(() =>
  asksWhy.value && row.value && list.value
    ? {
        listId: list.value.id,
        channelId: row.value.id,
        radioId: radioId.value || null,
        at: place.value.trim() || null,
        seen: now.value.seen,
        answers: now.value.answers,
      }
    : null,
)
const { data: newest, error: diagnosisError } = useDiagnosis(tried)
/** What was worked out for another channel is nothing for this one. */
const diagnosis = computed(() => (newest.value?.channelId === row.value?.id ? newest.value : undefined))
const answer = (question: string, said: string) =>
  change({ answers: { ...now.value.answers, [question]: said } }, 'the answer')
function takeBack(question: string) {
  const left = Object.entries(now.value.answers).filter(([id]) => id !== question)
  const taps = diagnosis.value?.answered.find((each) => each.id === question)?.seen ?? []
  const seen = now.value.seen.filter((each) => !taps.includes(each))
  change({ answers: Object.fromEntries(left), seen }, 'an answer taken back')
}

async function mend(line: string, before: string) {
  if (!row.value) return
  if (row.value.line !== before) {
    tell(`${row.value.label} was changed meanwhile. Nothing was put in; look at the causes again.`)
    await cache.invalidateQueries({ queryKey: ['diagnosis'] })
    return
  }
  const { id, label } = row.value
  if (!(await say({ kind: 'rewrite', channel: id, line }))) return
  again()
  did({
    what: `${label} is ${line}`,
    back: () => say({ kind: 'rewrite', channel: id, line: before }),
    forth: () => say({ kind: 'rewrite', channel: id, line }),
  })
  tell(`${label} is now ${line}. Write it into the radio in Load, then try again.`)
}
async function tone(found: string) {
  const at = row.value
  if (!at) return
  const where = place.value.trim() ? ` at ${place.value.trim()}` : ''
  const note = now.value.note
  const put = () =>
    say({
      kind: 'set-many',
      channels: [at.id],
      power: null,
      emission: null,
      talkTone: found,
      listenTone: null,
    })
  // Into the test before the channel has it: that was tried as it was.
  change({ note: [note, `Tone ${found} found by trial${where}.`].filter(Boolean).join(' ') }, 'the note')
  if (!(await put())) {
    change({ note }, 'the note')
    return
  }
  again()
  did({
    what: `tone ${found} for ${at.label}`,
    back: () => say({ kind: 'rewrite', channel: at.id, line: at.line }),
    forth: put,
  })
}
async function take(directoryId: string, label: string) {
  if (!(await say({ kind: 'take', slot: null, block: null, take: { entries: [directoryId], recipe: null } })))
    return
  const taken = rows.value.find((each) => each.slot === cursor.value)
  if (taken)
    did({
      what: `${label} into the list`,
      back: () => say({ kind: 'delete', channel: taken.id }),
      forth: () =>
        say({ kind: 'take', slot: null, block: null, take: { entries: [directoryId], recipe: null } }),
    })
  tell(`${label} is in the list${taken ? ` in slot ${taken.slot}` : ''}.`)
}
const lastProof = computed(() =>
  tests.value?.find(
    (each) => each.channelId === row.value?.id && each.result === 'proven' && each.id !== now.value.id,
  ),
)

const work = ref<HTMLElement | null>(null)
const causes = ref<{ answerNumber: (at: number) => void } | null>(null)
useKeys({
  title: 'Prove',
  focus: () => work.value?.focus(),
  undo,
  redo,
  keys: [
    ...SEEN.map((each, index) => ({
      on: [String(index + 1)],
      ...(index === 0 ? { shown: '1 … 7', does: 'what was seen and heard, in its order' } : {}),
      act: () => tap(each.seen),
    })),
    { on: ['n'], shown: 'n', does: 'the next channel', act: () => turn(1) },
    { on: ['p'], shown: 'p', does: 'the channel before', act: () => turn(-1) },
    { on: ['r'], shown: 'r', does: 'try it again, as a new test', act: again },
    {
      on: ['m'],
      shown: 'm',
      does: 'the line that mends the first cause into the list',
      when: () => Boolean(diagnosis.value?.ranking[0]?.mend),
      act: () => {
        const first = diagnosis.value?.ranking[0]?.mend
        return first && mend(first.line, first.before)
      },
    },
    ...['a', 'b', 'c', 'd', 'e'].map((key, index) => ({
      on: [key],
      ...(index === 0 ? { shown: 'a … e', does: 'the first to the fifth answer of the question' } : {}),
      when: () => asksWhy.value,
      act: () => causes.value?.answerNumber(index),
    })),
  ],
})
watch(work, (at) => at?.focus())
</script>

<template>
  <section ref="work" tabindex="-1" aria-label="Prove" class="column">
    <PageBar title="Prove">
      <span v-if="list" class="quiet">{{ list.name }}, one channel after the other</span>
      <template #acts><ProvePages /></template>
    </PageBar>
    <div class="scroll">
      <p v-if="error" class="pad wrong" role="alert">{{ error.message }}</p>
      <p v-else-if="list && !rows.length" class="pad">
        {{ list.name }} has no channel yet. Put some into it in
        <router-link :to="{ name: 'arrange' }">Arrange</router-link>.
      </p>
      <div v-if="row" class="spot">
        <div class="field stack">
          <div class="acts who">
            <v-select v-model="radioId" label="With" :items="owners" density="compact" hide-details />
            <PlaceField v-model="place" label="Where" density="compact" hide-details />
            <v-btn size="small" :disabled="looking" @click="here">Where I am</v-btn>
          </div>
          <div class="acts channel">
            <v-btn size="small" aria-label="The channel before" @click="turn(-1)">‹</v-btn>
            <v-autocomplete
              label="Channel"
              :model-value="row.id"
              :items="channels"
              density="compact"
              hide-details
              variant="outlined"
              auto-select-first
              @update:model-value="(id: string | null) => id && (channelId = id)"
            />
            <v-btn size="small" aria-label="The next channel" @click="turn(1)">›</v-btn>
          </div>
          <div class="what">
            <h2 class="name">{{ row.label }}</h2>
            <PairFigures v-if="row.sum" :sum="row.sum" />
            <p class="quiet small">
              <span class="mono">{{ row.line }}</span>
              <template v-if="radio">
                ·
                {{
                  slotInRadio === null ? `not in ${radio.name}` : `slot ${slotInRadio} of ${radio.name}`
                }}</template
              >
              ·
              <template v-if="lastProof"
                >answered {{ moment(lastProof.at)
                }}<template v-if="lastProof.place"> at {{ lastProof.place }}</template
                ><template v-if="lastProof.radio"> by {{ lastProof.radio }}</template></template
              >
              <template v-else-if="row.proven">marked as proven on {{ row.proven }}</template>
              <template v-else>never answered</template>
            </p>
          </div>
          <p v-if="radio?.simulated && slotInRadio !== null" class="acts">
            <v-btn :disabled="pressing" @click="press">Press the talk key of the simulated radio</v-btn>
            <span role="status">{{ heard }}</span>
          </p>
          <TapBoard
            :seen="now.seen"
            :strength="now.strength"
            :result="result"
            :says="says"
            :kept="keptWords"
            @tap="tap"
            @strength="(level: number) => change({ strength: level }, 'the strength')"
          />
          <p v-for="each in log.refused.value" :key="each.id" role="alert" class="acts wrong">
            The test of {{ each.body.channel }} was not taken: {{ each.refused }}
            <v-btn size="small" @click="log.forget(each.id)">Let it go</v-btn>
          </p>
          <v-text-field
            label="Note"
            :model-value="now.note"
            density="compact"
            hide-details
            maxlength="2000"
            @update:model-value="(note: string) => change({ note }, 'the note', 'note')"
          />
          <p class="acts">
            <v-btn color="primary" variant="flat" @click="turn(1)">Next channel</v-btn>
            <v-btn :disabled="!begun" @click="again">Try again</v-btn>
          </p>
          <CallingNote />
        </div>
        <div class="why">
          <p v-if="diagnosisError && asksWhy" role="alert" class="wrong">{{ diagnosisError.message }}</p>
          <CauseList
            v-else-if="asksWhy && diagnosis"
            ref="causes"
            :diagnosis="diagnosis"
            @answer="answer"
            @back="takeBack"
            @mend="mend"
            @take="take"
            @tone="tone"
          />
          <p v-else class="quiet">
            Press the talk key of your radio for two seconds, let go, and listen for the repeater’s tail. When
            nothing comes, tap it: the causes stand here then, and what to try.
          </p>
        </div>
      </div>
    </div>
  </section>
</template>

<style scoped>
.spot {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 24px;
  padding: 4px 20px 20px;
  align-items: start;
}
@media (max-width: 900px) {
  .spot {
    grid-template-columns: minmax(0, 1fr);
    padding: 4px 12px 20px;
  }
}
.who > *,
.channel > .v-autocomplete {
  flex: 1 1 150px;
}
.who > .v-btn {
  flex: 0 0 auto;
}
.name {
  font-size: 20px;
  color: var(--ink);
  margin: 0 0 2px;
}
</style>
