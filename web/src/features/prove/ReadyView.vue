<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, unwrap, type Schemas } from '@/shared/api/client'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useKeys } from '@/shared/keys/useKeys'
import PageBar from '@/shared/ui/PageBar.vue'
import SheetTable from '@/shared/ui/SheetTable.vue'
import { counted, moment } from '@/shared/words'
import ProvePages from './components/ProvePages.vue'
import RoundPlan from './components/RoundPlan.vue'

/** Before the day: what is proven since, which radios hold the list, and a round to try the rest. */
const { openId, open } = useOpenList()
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

const round = ref<{ plan: () => Promise<void> } | null>(null)
const work = ref<HTMLElement | null>(null)
useKeys({
  title: 'Readiness',
  focus: () => work.value?.focus(),
  keys: [{ on: ['g'], shown: 'g', does: 'plan the round', act: () => round.value?.plan() }],
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
          {{ count('never') }} never proven.
        </p>
      </div>
      <template v-if="ready">
        <RoundPlan ref="round" :list="openId ?? ''" :since="since" />
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
</style>
