<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, unwrap, type Schemas } from '@/shared/api/client'
import { useRadios } from '@/shared/api/queries'
import PlaceField from '@/shared/components/PlaceField.vue'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useNotice } from '@/shared/composables/useNotice'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useKeys } from '@/shared/keys/useKeys'
import PageBar from '@/shared/ui/PageBar.vue'
import SheetTable from '@/shared/ui/SheetTable.vue'
import { counted, moment } from '@/shared/words'
import ProvePages from './components/ProvePages.vue'
import { usePlace } from './composables/usePlace'

/** Before the day: what is proven since, which radios hold the list, and a round to try the rest. */
const { openId, open } = useOpenList()
const { data: radios } = useRadios()
const { place } = usePlace()
const { tellProblem } = useNotice()
const since = useKeptText('reckonrod.ready.since')
if (!since.value) {
  const month = new Date()
  month.setMonth(month.getMonth() - 1)
  since.value = month.toISOString().slice(0, 10)
}
const isDay = computed(() => /^\d{4}-\d{2}-\d{2}$/.test(since.value))
const { data: ready, error } = useQuery({
  queryKey: ['ready', openId, since],
  enabled: computed(() => openId.value !== null && isDay.value),
  queryFn: () =>
    unwrap(
      api.GET('/api/prove/readiness', {
        params: { query: { list: openId.value ?? '', since: since.value } },
      }),
    ),
})
const WORDS: Record<Schemas['ReadyChannelView']['ready'], string> = {
  proven: 'proven',
  stale: 'stale',
  changed: 'changed since it was proven',
  never: 'never proven',
  needless: 'nothing to prove',
}
const ORDER = ['never', 'changed', 'stale', 'proven', 'needless']
const channels = computed(() =>
  [...(ready.value?.channels ?? [])].sort(
    (a, b) => ORDER.indexOf(a.ready) - ORDER.indexOf(b.ready) || a.slot - b.slot,
  ),
)
const count = (state: string) => channels.value.filter((each) => each.ready === state).length
const wanted = computed(() => count('proven') + count('stale') + count('changed') + count('never'))

const radioId = useKeptText('reckonrod.prove.radio')
const withRadio = computed(
  () => radios.value?.find((each) => each.id === radioId.value)?.id ?? radios.value?.[0]?.id ?? '',
)
const owners = computed(() => (radios.value ?? []).map((each) => ({ value: each.id, title: each.name })))
const round = ref<Schemas['RoundView'] | null>(null)
const asked = computed(() => ({
  list: openId.value ?? '',
  since: since.value,
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
const work = ref<HTMLElement | null>(null)
useKeys({
  title: 'Readiness',
  focus: () => work.value?.focus(),
  keys: [{ on: ['g'], shown: 'g', does: 'plan the round', act: plan }],
})
watch(work, (at) => at?.focus())
</script>

<template>
  <section ref="work" tabindex="-1" aria-label="Readiness" class="column">
    <PageBar title="Readiness">
      <span v-if="open" class="quiet">{{ open.name }}</span>
      <template #acts><ProvePages /></template>
    </PageBar>
    <div class="pad stack scroll">
      <p v-if="error" role="alert" class="wrong">{{ error.message }}</p>
      <div class="acts">
        <v-text-field
          v-model="since"
          placeholder="2026-11-01"
          :error-messages="isDay ? [] : ['As in 2026-11-01']"
          label="Proven since"
          density="compact"
          hide-details
          class="day no-print"
        />
        <p v-if="ready" role="status">
          <b>{{ count('proven') }} of {{ counted(wanted, 'channel') }}</b> with a repeater proven since
          {{ since }}; {{ count('stale') }} stale, {{ count('changed') }} changed since,
          {{ count('never') }} never tried.
        </p>
      </div>
      <template v-if="ready">
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
                <span class="mono"
                  >{{ stop.latitude.toFixed(4) }}, {{ stop.longitude.toFixed(4) }}</span
                ></span
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
        <h2>Channels</h2>
        <SheetTable label="Channels and their proof">
          <thead>
            <tr>
              <th scope="col" class="figure">Slot</th>
              <th scope="col">Channel</th>
              <th scope="col">State</th>
              <th scope="col">Proven</th>
              <th scope="col" class="roomy">Where, by which radio</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="each in channels" :key="each.channelId">
              <td class="figure">{{ each.slot }}</td>
              <th scope="row">{{ each.name }}</th>
              <td>
                <span class="state" :class="each.ready">{{ WORDS[each.ready] }}</span>
              </td>
              <td class="mono small">{{ each.provenOn ?? '' }}</td>
              <td class="roomy small">
                {{ [each.proof?.place, each.proof?.radio].filter(Boolean).join(', ') }}
                <span v-if="each.failed" class="wrong under"
                  >silent on {{ moment(each.failed.at)
                  }}<template v-if="each.failed.radio"> with {{ each.failed.radio }}</template></span
                >
              </td>
            </tr>
          </tbody>
        </SheetTable>
        <h2>Radios</h2>
        <SheetTable label="Radios and what they hold">
          <thead>
            <tr>
              <th scope="col">Radio</th>
              <th scope="col">Who has it</th>
              <th scope="col">What it holds</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="each in ready.radios" :key="each.id">
              <th scope="row">
                {{ each.name }}<span class="quiet small under">{{ each.model }}</span>
              </th>
              <td>{{ each.with ?? 'here' }}</td>
              <td>
                <span class="state" :class="each.current ? 'proven' : 'never'">{{ each.says }}</span>
                <span v-if="each.holdsSince" class="quiet small under"
                  >written on {{ moment(each.holdsSince) }}</span
                >
              </td>
            </tr>
          </tbody>
        </SheetTable>
      </template>
    </div>
  </section>
</template>

<style scoped>
.day {
  flex: 0 1 190px;
}
.round > .v-input {
  flex: 1 1 180px;
  max-width: 300px;
}
.under {
  display: block;
  font-weight: 400;
}
td.roomy {
  min-width: 20ch;
}
.state {
  border-left: 4px solid var(--line);
  padding-left: 8px;
}
.state.proven {
  border-color: var(--primary);
}
.state.stale,
.state.changed {
  border-color: var(--doubt);
}
.state.never {
  border-color: var(--error);
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
