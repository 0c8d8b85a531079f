<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, unwrap, type Schemas } from '@/shared/api/client'
import { useRadios } from '@/shared/api/queries'
import PlaceField from '@/shared/components/PlaceField.vue'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useNotice } from '@/shared/composables/useNotice'
import { counted } from '@/shared/words'
import { usePlace } from '../composables/usePlace'

/** A round by which all can be tried that is not proven: on the screen, on paper, and as waypoints. */
const props = defineProps<{ list: string; since: string }>()
const { data: radios } = useRadios()
const { place } = usePlace()
const { tellProblem } = useNotice()
const radioId = useKeptText('reckonrod.prove.radio')
const withRadio = computed(
  () => radios.value?.find((each) => each.id === radioId.value)?.id ?? radios.value?.[0]?.id ?? '',
)
const owners = computed(() => (radios.value ?? []).map((each) => ({ value: each.id, title: each.name })))
const round = ref<Schemas['RoundView'] | null>(null)
const asked = computed(() => ({
  list: props.list,
  since: props.since,
  radio: withRadio.value,
  at: place.value.trim(),
}))
const gpx = computed(() => `/api/prove/round/gpx?${new URLSearchParams(asked.value)}`)
watch(asked, () => (round.value = null))
async function plan() {
  if (!place.value.trim()) return
  try {
    round.value = await unwrap(api.GET('/api/prove/round', { params: { query: asked.value } }))
  } catch (cause) {
    tellProblem(cause)
  }
}
const print = () => window.print()
defineExpose({ plan })
</script>

<template>
  <h2 class="no-print">A round to try the rest</h2>
  <form class="acts round no-print" @submit.prevent="plan">
    <PlaceField v-model="place" label="From" density="compact" hide-details />
    <v-select
      label="With"
      :model-value="withRadio"
      :items="owners"
      density="compact"
      hide-details
      @update:model-value="(id: string) => (radioId = id)"
    />
    <v-btn type="submit" color="primary" variant="flat" :disabled="!place.trim() || !withRadio"
      >Plan it</v-btn
    >
    <template v-if="round">
      <v-btn size="small" :href="gpx" download>GPX</v-btn>
      <v-btn size="small" @click="print">Print</v-btn>
    </template>
  </form>
  <section v-if="round" aria-label="The round">
    <p v-if="round.stops.length">
      {{ counted(round.stops.length, 'stop') }}, {{ round.kilometres }} km as the crow flies, with
      {{ round.radio }}:
    </p>
    <ol class="stops">
      <li v-for="stop in round.stops" :key="stop.place">
        <b>{{ stop.place }}</b>
        <span class="quiet small">
          · {{ stop.kilometres }} km on,
          <span class="mono">{{ stop.latitude.toFixed(4) }}, {{ stop.longitude.toFixed(4) }}</span></span
        >
        <ul>
          <li v-for="each in stop.channels" :key="each.channelId">
            <span class="box" aria-hidden="true"></span> {{ each.slot }} · {{ each.name }}
            <span class="mono small">{{ each.line }}</span>
          </li>
        </ul>
      </li>
    </ol>
    <p v-if="!round.stops.length && !round.left.length">
      Everything that has a repeater is proven since {{ since }}.
    </p>
    <p v-if="round.left.length">
      From no place near here is it sure to open:
      {{ round.left.map((each) => `${each.name} (slot ${each.slot})`).join(', ') }}.
    </p>
  </section>
</template>

<style scoped>
.round > .v-input {
  flex: 1 1 180px;
  max-width: 300px;
}
.stops {
  padding-left: 22px;
  margin: 6px 0;
}
.stops ul {
  list-style: none;
  padding: 0;
  margin: 0 0 6px;
}
.box {
  display: inline-block;
  width: 11px;
  height: 11px;
  border: 1.5px solid currentColor;
  border-radius: 2px;
}
</style>
