<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRadios } from '@/shared/api/queries'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useKeys } from '@/shared/keys/useKeys'
import { useList } from '@/shared/list/useList'
import PageBar from '@/shared/ui/PageBar.vue'
import { counted } from '@/shared/words'
import CallingNote from './components/CallingNote.vue'
import CauseList from './components/CauseList.vue'
import ProvePages from './components/ProvePages.vue'
import SpotChoice from './components/SpotChoice.vue'
import SpotWhat from './components/SpotWhat.vue'
import TapBoard from './components/TapBoard.vue'
import { useDiagnosis, type Tried } from './composables/useDiagnosis'
import { SEEN, useTests } from './composables/useFieldLog'
import { useMaking } from './composables/useMaking'
import { usePlace } from './composables/usePlace'
import { useRemedies } from './composables/useRemedies'
import { useSteps } from './composables/useSteps'
import { useTalkKey } from './composables/useTalkKey'

/** On the spot: one channel after the other is tried, what is seen is tapped, and a silence is talked through. */
const { openId } = useOpenList()
const { data: list, error } = useList(openId)
const { data: radios } = useRadios()
const { place } = usePlace()
const radioId = useKeptText('reckonrod.prove.radio')
const channelId = useKeptText('reckonrod.prove.channel')
const { did, undo, redo } = useSteps()

const radio = computed(() => radios.value?.find((each) => each.id === radioId.value) ?? null)
const rows = computed(() => list.value?.rows ?? [])
const row = computed(() => rows.value.find((each) => each.id === channelId.value) ?? rows.value[0] ?? null)
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

const { heard, pressing, press } = useTalkKey({ row, radio, slot: slotInRadio, place, made })
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

const { mend, tone, take } = useRemedies({ openId, rows, row, place, made, did })
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
          <SpotChoice
            v-model:radio="radioId"
            v-model:place="place"
            :radios="radios ?? []"
            :rows="rows"
            :row="row"
            @look="(id) => (channelId = id)"
            @turn="turn"
          />
          <SpotWhat :row="row" :radio="radio" :slot-in-radio="slotInRadio" :proof="lastProof" />
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
</style>
