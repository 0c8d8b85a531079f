<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap, type Found } from '@/shared/api/client'
import { useReckon } from '@/shared/reckon/useReckon'
import BandStrip from '@/shared/components/BandStrip.vue'
import FindingList from '@/shared/components/FindingList.vue'
import { useOpenList } from '@/shared/composables/useOpenList'
import { withoutNulls } from '../composables/useFind'
import { megahertz, toneOf } from '../composables/words'
import PathProfile from './PathProfile.vue'
import ReachMark from './ReachMark.vue'

const props = defineProps<{
  found: Found
  from: string | null
  question: object
  listName: string | null
}>()
defineEmits<{ take: []; look: [id: string] }>()

const entry = computed(() => props.found.entry)
const { data: path } = useQuery({
  queryKey: ['path', () => entry.value.id, () => props.from, () => props.question],
  enabled: () => props.from !== null && props.found.reach !== null,
  queryFn: () =>
    unwrap(
      api.GET('/api/find/path', {
        params: { query: { id: entry.value.id, at: props.from ?? '', ...withoutNulls(props.question) } },
      }),
    ),
})
const { open } = useOpenList()
const { data: detail } = useQuery({
  queryKey: ['entry', () => entry.value.id, () => open.value?.id],
  queryFn: () =>
    unwrap(
      api.GET('/api/find/entry', {
        params: { query: { id: entry.value.id, ...(open.value ? { list: open.value.id } : {}) } },
      }),
    ),
})
/** The channel as the list's band plan works it out: its strip, and the talk frequency where only a sign was published. */
const { answer } = useReckon(() =>
  open.value && detail.value?.entry.id === entry.value.id
    ? { line: detail.value.line, bandPlan: open.value.bandPlan, licence: open.value.licence }
    : null,
)
const shown = computed(() => (path.value?.found.entry.id === entry.value.id ? path.value : null))
const reach = computed(() => props.found.reach)
const talk = computed(() =>
  entry.value.inputHz !== null
    ? `${megahertz(entry.value.inputHz)} MHz`
    : answer.value?.sum.talk
      ? `${answer.value.sum.talk} MHz by the plan`
      : entry.value.inputWords,
)
const ways = computed(() =>
  reach.value
    ? [
        { words: 'They hear you', way: reach.value.theyHearMe },
        { words: 'You hear them', way: reach.value.iHearThem },
      ]
    : [],
)
const db = (value: number) => value.toFixed(0).replace('-', '−')
</script>

<template>
  <div class="entry">
    <header>
      <h2>{{ entry.callSign }} {{ entry.band && `· ${entry.band}` }}</h2>
      <p class="title">{{ entry.label }}</p>
      <ReachMark :verdict="reach?.verdict ?? null" :dead="entry.looksDead" />
    </header>
    <dl class="pair">
      <dt>Listen</dt>
      <dd class="mono">▽ {{ megahertz(entry.outputHz) }} MHz</dd>
      <dd>{{ entry.listenTone ? toneOf(entry.listenTone) : 'any tone' }}</dd>
      <dt>Talk</dt>
      <dd class="mono talk">▲ {{ talk }}</dd>
      <dd class="talk">{{ toneOf(entry.talkTone) }}</dd>
    </dl>
    <BandStrip
      v-for="strip in answer?.strips ?? []"
      :key="strip.band"
      :strip="strip"
      :shift="answer?.sum.shift ?? ''"
    />
    <v-btn color="primary" variant="flat" :disabled="!listName" @click="$emit('take')">
      Take into {{ listName ?? 'a list' }}…
    </v-btn>
    <FindingList v-if="entry.findings.length" :findings="entry.findings" />
    <p v-if="found.instead" class="instead">
      Try
      <button type="button" @click="$emit('look', found.instead.id)">{{ found.instead.label }}</button>
      instead: {{ megahertz(found.instead.outputHz) }} MHz, {{ found.instead.kilometres }} km away, better
      confirmed, reach {{ found.instead.verdict }}.
    </p>
    <p v-if="found.same" class="instead">
      It stands in {{ found.same.source }} too, as
      <button type="button" @click="$emit('look', found.same.id)">{{ found.same.label }}</button>, and was
      confirmed there later, on {{ found.same.confirmedOn }}. Take it from one of them.
    </p>
    <section v-if="reach">
      <h2>Reach, an estimate</h2>
      <p class="quiet">
        {{ reach.kilometres }} km, bearing {{ reach.bearingDegrees }}° ({{ reach.compass }}). Radio horizon
        {{ reach.horizonKilometres }} km. {{ reach.horizonWords }}
      </p>
      <table>
        <caption class="unseen">
          Levels in both directions
        </caption>
        <thead>
          <tr>
            <td></td>
            <th>sent</th>
            <th>loss</th>
            <th>arrives</th>
            <th>margin</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="each in ways" :key="each.words">
            <th scope="row">{{ each.words }}</th>
            <td>{{ db(each.way.sentDbm) }}</td>
            <td>{{ db(each.way.lossDb) }}</td>
            <td>{{ db(each.way.arrivesDbm) }}</td>
            <td>
              <b>{{ db(each.way.marginDb) }} dB</b>
            </td>
          </tr>
        </tbody>
      </table>
      <p class="small">
        dBm and dB; {{ db(ways[0]?.way.neededDbm ?? 0) }} dBm are needed. Free space
        {{ db(reach.freeSpaceDb) }} dB, {{ reach.groundKnownPercent > 0 ? 'ground' : 'round earth' }}
        {{ db(reach.diffractionDb) }} dB.
        <template v-if="reach.groundKnownPercent === 0">No elevation data covers the path. </template>
        <template v-else-if="!reach.overTerrain"
          >The ground is known on {{ reach.groundKnownPercent }} % of the path; the rest was taken to be as
          low as it is where that begins.
        </template>
        Assumed: {{ reach.assumed.join(', ') }}.
      </p>
      <PathProfile v-if="shown?.profile.length" :path="shown" />
    </section>
    <p v-else class="quiet">The entry has no position, so that nothing can be said of its reach.</p>
    <section>
      <h2>What the directory says</h2>
      <dl class="says">
        <dt>State</dt>
        <dd>{{ entry.state.words }}: {{ entry.state.meaning }}</dd>
        <dt>Source</dt>
        <dd>{{ entry.source }}</dd>
        <dt>Confirmed</dt>
        <dd>
          {{ entry.confirmedOn ?? 'never with a date' }}
          <template v-if="entry.confirmedBy">by {{ entry.confirmedBy }}</template
          >, {{ entry.ageWords }}
        </dd>
        <template v-for="code in entry.codes" :key="code.words">
          <dt>{{ code.words }}</dt>
          <dd>{{ code.meaning }}</dd>
        </template>
        <dt>Kind</dt>
        <dd>
          {{ entry.mode }}<template v-if="entry.watts">, {{ entry.watts }} W</template>
        </dd>
        <template v-if="entry.antennaMetres || entry.groundMetres">
          <dt>Antenna</dt>
          <dd>
            <template v-if="entry.antennaMetres">{{ entry.antennaMetres }} m above the ground</template>
            <template v-if="entry.groundMetres !== null"> at {{ entry.groundMetres }} m</template>
          </dd>
        </template>
        <template v-if="entry.sponsor">
          <dt>Kept by</dt>
          <dd>{{ entry.sponsor }}</dd>
        </template>
        <template v-if="entry.notes">
          <dt>Notes</dt>
          <dd>{{ entry.notes }}</dd>
        </template>
      </dl>
    </section>
  </div>
</template>

<style scoped>
.entry {
  display: grid;
  gap: 12px;
}
header {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
}
header h2 {
  grid-column: 1 / -1;
  margin: 0;
}
.title {
  font-size: 18px;
  font-weight: 620;
  margin: 0;
}
.pair {
  display: grid;
  grid-template-columns: 48px 1fr auto;
  gap: 4px 8px;
  margin: 0;
  font-size: 15px;
}
.pair dt {
  color: var(--quiet);
}
.pair dd {
  margin: 0;
}
.talk {
  color: var(--talk);
}
p {
  margin: 0;
}
.small {
  font-size: 12.5px;
  color: var(--quiet);
  margin: 4px 0 8px;
}
.instead {
  border-left: 3px solid var(--primary);
  padding-left: 12px;
}
.instead button {
  font: inherit;
  font-weight: 600;
  color: var(--primary);
  background: none;
  border: 0;
  padding: 0;
  text-decoration: underline;
  cursor: pointer;
}
table {
  width: 100%;
  border-collapse: collapse;
  margin-top: 6px;
  font-size: 13px;
}
th {
  font-weight: 500;
  color: var(--quiet);
  text-align: right;
}
th[scope='row'] {
  text-align: left;
  color: var(--ink);
}
td {
  text-align: right;
  font-family: var(--mono);
  padding: 3px 0 3px 6px;
}
.says {
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: 5px 8px;
  margin: 0;
  font-size: 13.5px;
}
.says dt {
  color: var(--quiet);
}
.says dd {
  margin: 0;
}
</style>
