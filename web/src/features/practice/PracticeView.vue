<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRadios } from '@/shared/api/queries'
import StepPages, { CARRY } from '@/shared/components/StepPages.vue'
import KeyLines from '@/shared/components/KeyLines.vue'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useKeys } from '@/shared/keys/useKeys'
import PageBar from '@/shared/ui/PageBar.vue'
import { counted } from '@/shared/words'
import DrillChoice from './components/DrillChoice.vue'
import DrillResult from './components/DrillResult.vue'
import PracticeRadio from './components/PracticeRadio.vue'
import PracticeTalk from './components/PracticeTalk.vue'
import { useDrills } from './composables/useDrills'
import { TYPED, keyTyped } from './composables/keyboard'
import { usePractice, type PanelKey } from './composables/usePractice'
import { useSound } from './composables/useSound'

/** A radio to practise on, and drills made from the open list. */
const { openId: opened } = useOpenList()
const openId = computed(() => opened.value ?? '')
const { data: radios } = useRadios()
const keyed = computed(() => (radios.value ?? []).filter((each) => each.keysKnown))
const kept = useKeptText('reckonrod.keys.radio')
const radio = computed({
  get: () => keyed.value.find((each) => each.id === kept.value)?.id ?? keyed.value[0]?.id ?? '',
  set: (id: string) => (kept.value = id),
})
const person = useKeptText('reckonrod.practice.person')
const channel = useKeptText('reckonrod.practice.channel')
const telling = useKeptText('reckonrod.practice.told')
const told = computed(() => telling.value !== 'end')
const { drills, error, again } = useDrills(openId, radio, person)
const chosen = computed(() =>
  drills.value?.drills.some((each) => each.channelId === channel.value) ? channel.value : '',
)
const practice = usePractice({ list: openId, radio, channel: chosen, told })
const { standing, hint, failed, hints, run } = practice
const { sounds, click } = useSound()

const lastSlips = computed(() =>
  told.value && standing.value
    ? standing.value.slips.filter((each) => each.at === standing.value!.presses - 1)
    : [],
)
function press(key: PanelKey) {
  click()
  practice.press(key)
}
/** The keyboard is the radio's again, and not that of a button that was pressed. */
const toRadio = () => work.value?.focus()
function begin() {
  practice.begin()
  toRadio()
}
function next() {
  if (!drills.value) return
  const chosenNext = drills.value?.next ?? ''
  if (chosenNext === channel.value) practice.begin()
  channel.value = chosenNext
  toRadio()
}

const work = ref<HTMLElement | null>(null)
useKeys({
  title: 'Practice',
  focus: () => work.value?.focus(),
  first: (event) => {
    const key = keyTyped(event, drills.value?.keys.map((each) => each.key) ?? [])
    if (!key) return false
    press(key)
    return true
  },
  keys: [
    { on: [], shown: '0 … 9', does: 'the digits of the radio', act: () => {} },
    { on: [], shown: 'Enter, Backspace', does: 'take, back', act: () => {} },
    { on: [], shown: '↑ ↓, with Shift', does: 'up and down or the dial, fast', act: () => {} },
    { on: [], shown: 'f, F', does: 'the function key, and held', act: () => {} },
    { on: [], shown: 'm, v, g', does: 'menu, slots or frequency, the next letter or page', act: () => {} },
    { on: [], shown: 'q w e r', does: 'the soft keys', act: () => {} },
    { on: ['h'], shown: 'h', does: 'a hint; it is counted', act: practice.wantHint },
    { on: ['b'], shown: 'b', does: 'begin again', act: begin },
    { on: ['n'], shown: 'n', does: 'the drill that is worth most now', act: next },
  ],
})
</script>

<template>
  <section ref="work" tabindex="-1" aria-label="Practice" class="column">
    <PageBar title="Practice">
      <span class="quiet">Nothing here touches a radio of yours</span>
      <template #acts><StepPages step="Carry" :pages="CARRY" /></template>
    </PageBar>
    <div class="scroll">
      <p v-if="error || failed" class="pad wrong" role="alert">{{ error?.message ?? failed }}</p>
      <p v-if="radios && !keyed.length" class="pad">
        None of your radios has its keys in its definition. A model can have them under
        <router-link :to="{ name: 'models' }">Models</router-link>, as <span class="mono">panel</span>.
      </p>
      <div v-else-if="drills" class="spot">
        <div class="stack radio">
          <PracticeRadio :drills="drills" :standing="standing" :typed="TYPED" @press="press" />
          <p class="acts">
            <v-btn size="small" @click="begin">Begin again</v-btn>
            <v-btn size="small" :disabled="!chosen || standing?.done" @click="practice.wantHint">Hint</v-btn>
            <v-checkbox v-model="sounds" label="Sounds" density="compact" hide-details />
          </p>
        </div>
        <DrillChoice
          v-model:radio="radio"
          v-model:person="person"
          v-model:channel="channel"
          class="choice"
          :told="told"
          :radios="keyed"
          :drills="drills"
          @told="(at) => (telling = at ? 'once' : 'end')"
          @next="next"
        />
        <div class="stack told">
          <p v-if="standing?.task" class="task">{{ standing.task }}</p>
          <p v-else class="quiet">
            Free play: the radio holds the list. A menu closes after {{ drills.pauseSeconds }} s without a
            key. Choose a drill to be watched.
          </p>
          <p v-if="standing && standing.presses" class="quiet small" role="status">
            {{ counted(standing.presses, 'key') }}, {{ standing.seconds }} s<template v-if="hints"
              >, {{ counted(hints, 'hint') }}</template
            >
          </p>
          <ul v-if="lastSlips.length" role="alert" class="slips">
            <li v-for="each in lastSlips" :key="each.trap">
              <b>{{ each.called }}.</b> {{ each.says }}
            </li>
          </ul>
          <p v-else-if="standing?.leadsAway && !standing.done" role="status">That key leads away from it.</p>
        </div>
        <div class="stack said">
          <section v-if="hint" aria-label="Hint"><KeyLines :lines="[hint]" /></section>
          <DrillResult
            v-if="standing?.done && chosen"
            :key="run"
            :list="openId"
            :run="run"
            :person="person"
            :hints="hints"
            :body="practice.body"
            @kept="again"
            @again="begin"
            @next="next"
          />
          <PracticeTalk :list="openId" :body="practice.body" :standing="standing" />
        </div>
      </div>
      <v-skeleton-loader
        v-else-if="radio && !error"
        type="heading, table-tbody"
        aria-label="Loading the drills"
      />
    </div>
  </section>
</template>

<style scoped>
.spot {
  display: grid;
  grid-template: 'radio choice' auto 'radio told' auto 'radio said' 1fr / minmax(0, 460px) minmax(0, 1fr);
  gap: 16px 28px;
  padding: 4px 20px 20px;
  align-items: start;
}
.radio {
  grid-area: radio;
}
.choice {
  grid-area: choice;
}
.told {
  grid-area: told;
}
.said {
  grid-area: said;
}
.task {
  font-size: 17px;
  font-weight: 560;
}
.slips {
  padding-left: 18px;
}
@media (max-width: 900px) {
  .spot {
    grid-template: 'told' auto 'radio' auto 'said' auto 'choice' auto / minmax(0, 1fr);
    gap: 12px;
    padding: 4px 12px 20px;
  }
  /* The task stands above the radio, and the radio stays where the thumb is. */
  .told {
    min-height: 76px;
  }
}
</style>
