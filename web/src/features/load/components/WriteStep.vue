<script setup lang="ts">
import { computed } from 'vue'
import type { Difference, PlannedChange, Radio } from '@/shared/api/client'
import { counted, moment } from '@/shared/words'
import DifferenceTable from './DifferenceTable.vue'
import SettingsStep from './SettingsStep.vue'

/** The second step: what would change, slot by slot, and the one button that does it. */
const props = defineProps<{
  radio: Radio
  difference: Difference
  listName: string
  empty: boolean
  count: number
  words: string
  blocked: boolean
}>()
const settings = defineModel<Record<string, string>>('settings', { required: true })
const emit = defineEmits<{
  write: []
  zip: []
  keep: []
  choose: [slots: number[], left: boolean]
  into: [slots: number[]]
}>()

const ofTheRadio = computed(() =>
  props.difference.slots
    .filter((each) => each.change.kind === 'removed' && !each.fromList)
    .map((each) => each.change.slot),
)
const isDrift = (each: PlannedChange) => each.origin === 'changed_since' || each.origin === 'removed_since'
const drifted = computed(() => props.difference.slots.filter(isDrift).map((each) => each.change.slot))
const driftHeld = computed(() =>
  props.difference.slots.filter((each) => each.origin === 'changed_since').map((each) => each.change.slot),
)
const driftKept = computed(() => props.difference.slots.filter(isDrift).every((each) => each.left))
/** A radio that carries the list at its own slots says for each slot which channel that is. */
const takes = computed(
  () => props.radio.carrying.places === 'same' && !props.radio.carrying.blocks.length && !props.blocked,
)
const allStay = computed(() => props.difference.keptOfTheRadio === ofTheRadio.value.length)
const changes = computed(() => props.difference.slots.map((each) => each.change))
</script>

<template>
  <section aria-labelledby="step-write">
    <h2 id="step-write">2 · Look and write</h2>
    <div class="acts">
      <v-btn
        v-if="radio.line.reached !== 'none'"
        color="primary"
        variant="flat"
        :disabled="blocked || count === 0"
        @click="emit('write')"
      >
        {{ words }}
      </v-btn>
      <v-btn
        v-if="radio.line.way === 'card'"
        :color="radio.line.reached === 'none' ? 'primary' : undefined"
        :variant="radio.line.reached === 'none' ? 'flat' : 'outlined'"
        :disabled="blocked || count === 0"
        @click="emit('zip')"
        >{{ radio.line.reached === 'none' ? `${words}, as a zip` : 'As a zip of its card' }}</v-btn
      >
      <v-btn :disabled="blocked || count === 0" @click="emit('keep')">Keep as a plan</v-btn>
      <span class="quiet">
        <template v-if="count">
          {{ difference.bytesToWrite }} bytes<template v-if="radio.baud"
            >, about {{ difference.secondsAtLineSpeed }} s at {{ radio.baud }} baud</template
          >; it will hold {{ counted(difference.held, 'channel') }}
        </template>
        <template v-else-if="empty"
          >{{ listName }} has no channels; {{ radio.name }} stays as it is.</template
        >
        <template v-else>{{ radio.name }} holds all that fits of {{ listName }}.</template>
      </span>
    </div>
    <p v-if="ofTheRadio.length" class="own acts small">
      <template v-if="difference.keptOfTheRadio"
        >{{ counted(difference.keptOfTheRadio, 'channel') }} only in {{ radio.name }}
        {{ difference.keptOfTheRadio === 1 ? 'stays' : 'stay' }} as
        {{ difference.keptOfTheRadio === 1 ? 'it is' : 'they are' }}.
      </template>
      <template v-else>Channels only in {{ radio.name }} are to be removed.</template>
      <v-btn size="small" @click="emit('choose', ofTheRadio, !allStay)">
        {{ allStay ? `Remove ${ofTheRadio.length === 1 ? 'it' : 'them'} too` : 'Keep them all' }}
      </v-btn>
    </p>
    <p v-if="drifted.length" class="own acts small" role="status">
      {{ counted(drifted.length, 'slot') }} {{ drifted.length === 1 ? 'was' : 'were' }} changed on
      {{ radio.name }} since it was written{{ radio.loaded ? ` on ${moment(radio.loaded.since)}` : '' }}.
      <v-btn size="small" @click="emit('choose', drifted, !driftKept)">{{
        driftKept ? 'Write over them' : 'Keep them as they are'
      }}</v-btn>
      <v-btn v-if="takes && driftHeld.length" size="small" @click="emit('into', driftHeld)"
        >Take them into the list</v-btn
      >
    </p>
    <SettingsStep v-model="settings" :radio="radio" :busy="blocked" />
    <DifferenceTable
      v-if="changes.length"
      class="difference"
      label="Difference slot by slot"
      :changes="changes"
      :planned="difference.slots"
      :takes="takes"
      @into="(slot) => emit('into', [slot])"
      @leave="(slot, left) => emit('choose', [slot], left)"
    />
  </section>
</template>

<style scoped>
.own {
  margin-top: 10px;
}
.difference {
  margin-top: 12px;
  max-height: 420px;
}
</style>
