<script setup lang="ts">
import { computed, ref } from 'vue'
import StepPages, { CARRY } from '@/shared/components/StepPages.vue'
import { useKeys } from '@/shared/keys/useKeys'
import { PAPERS } from '@/shared/paper'
import PageBar from '@/shared/ui/PageBar.vue'
import { counted } from '@/shared/words'
import ChannelChoice from './components/ChannelChoice.vue'
import PocketForm from './components/PocketForm.vue'
import { useCards } from './composables/useCards'

/** Cards to print and take along: chosen on the left, as they come out of the printer on the right. */
const cards = useCards()
const { kind, size, large, radio, choices, chosen, owner, reach, back, first, differing } = cards
const { list, listError, about, settled, ofChannels, sheet, saving, radios } = cards
const { picture, shown, isShown, lost, setAgain } = cards
const KINDS = [
  { value: 'channel', title: 'Channels, a card each' },
  { value: 'radio', title: 'A radio: its use, and what is in it' },
  { value: 'keys', title: 'Key sheets, to key it in by hand' },
  { value: 'settings', title: 'Settings, as advised, by its keys' },
  { value: 'strip', title: 'Slots, for the back of a radio' },
  { value: 'lending', title: 'For whoever borrows a radio' },
]
const into = computed(() => [
  ...(kind.value === 'channel' ? [{ value: '', title: 'As the list has them' }] : []),
  ...choices.value.map((each) => ({ value: each.id, title: each.name })),
])
const begins = computed(() => [
  { value: '', title: 'The first that talks' },
  ...(list.value?.rows ?? []).map((each) => ({
    value: each.id,
    title: `${each.slot} ${each.name || each.sum.listen}`,
  })),
])
const problem = computed(() => listError.value ?? about.error.value)
const sheets = computed(() => about.data.value?.sheets ?? 0)
const go = (by: number) => (sheet.value = Math.max(1, Math.min(sheets.value, sheet.value + by)))
const work = ref<HTMLElement | null>(null)
useKeys({
  title: 'Cards',
  focus: () => work.value?.focus(),
  keys: [
    { on: ['p'], shown: 'p', does: 'save the cards as PDF', act: () => void cards.save() },
    { on: ['n'], shown: 'n', does: 'the next sheet', act: () => void go(1) },
    { on: ['b'], shown: 'b', does: 'the sheet before', act: () => void go(-1) },
  ],
})
</script>

<template>
  <section ref="work" tabindex="-1" aria-label="Cards" class="column">
    <PageBar title="Cards">
      <span class="quiet">{{ list?.name }}</span>
      <template #acts><StepPages step="Carry" :pages="CARRY" /></template>
    </PageBar>
    <div class="scroll both">
      <div class="asked">
        <form class="pad stack" aria-label="What to print" @submit.prevent="cards.save()">
          <v-select v-model="kind" label="What" :items="KINDS" />
          <v-select v-model="radio" label="For" :items="into" />
          <ChannelChoice v-if="list && ofChannels" v-model="chosen" :list="list" />
          <v-checkbox
            v-if="kind === 'keys'"
            v-model="differing"
            label="Only what differs from what it was read to hold"
          />
          <template v-if="kind === 'lending'">
            <v-select v-model="first" label="To begin with" :items="begins" />
            <v-text-field v-model="owner" label="Whose it is" maxlength="120" />
            <v-text-field v-model="reach" label="How to reach them" maxlength="120" />
            <v-text-field v-model="back" label="When it is to be back" maxlength="120" />
          </template>
          <v-select v-model="size" label="Paper" :items="PAPERS" />
          <v-checkbox v-model="large" label="Large type, for bad light" />
          <div class="acts">
            <v-btn
              type="submit"
              color="primary"
              variant="flat"
              :loading="saving"
              :disabled="!settled || !!problem"
              >Save as PDF</v-btn
            >
          </div>
          <p class="quiet small">
            Black and white. The squares are codes that hold the lines: another copy of this program gets them
            back in Review. Every sheet says from which version of the list it was made.
          </p>
        </form>
        <PocketForm class="pad pocket" :radios="radios ?? []" />
      </div>
      <div class="looked">
        <p v-if="problem" class="pad wrong" role="alert">{{ problem.message }}</p>
        <p v-else-if="radios && kind !== 'channel' && !radio" class="pad">
          None of your radios can have such cards. Add one under
          <router-link :to="{ name: 'radios' }">Radios</router-link>; for key sheets its model must say what
          its keys do.
        </p>
        <template v-else-if="about.data.value">
          <div class="acts pad">
            <p role="status">
              {{ counted(about.data.value.cards, 'card') }} on {{ counted(sheets, 'sheet') }},
              {{ Math.ceil(about.data.value.bytes / 1000) }} kB
            </p>
            <v-spacer />
            <v-btn size="small" :disabled="sheet <= 1" @click="go(-1)">Before</v-btn>
            <span>Sheet {{ sheet }}</span>
            <v-btn size="small" :disabled="sheet >= sheets" @click="go(1)">Next</v-btn>
          </div>
          <p v-if="lost" class="pad wrong" role="alert">
            The sheet cannot be shown. Look whether the program still runs, and load the page again.
          </p>
          <img
            v-else
            :src="picture"
            class="sheet"
            :class="{ stale: !settled || shown !== picture }"
            :alt="`Sheet ${sheet} of ${sheets}: ${about.data.value.title}`"
            @load="isShown"
            @error="setAgain"
          />
        </template>
        <v-skeleton-loader v-else type="image, image" aria-label="Setting the cards" />
      </div>
    </div>
  </section>
</template>

<style scoped>
.both {
  display: grid;
  grid-template-columns: 340px minmax(0, 1fr);
  align-items: start;
}
.pocket {
  border-top: 1px solid var(--line);
  padding-top: 16px;
}
.sheet {
  display: block;
  margin: 0 16px 16px;
  max-width: calc(100% - 32px);
  border: 1px solid var(--line);
}
.stale {
  opacity: 0.5;
}
@media (max-width: 900px) {
  .both {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
