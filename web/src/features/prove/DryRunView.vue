<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, unwrap, type Schemas } from '@/shared/api/client'
import { useRadios } from '@/shared/api/queries'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useNotice } from '@/shared/composables/useNotice'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useKeys } from '@/shared/keys/useKeys'
import { useList } from '@/shared/list/useList'
import { useListChanges } from '@/shared/list/useListChanges'
import PageBar from '@/shared/ui/PageBar.vue'
import { counted } from '@/shared/words'
import DryTable from './components/DryTable.vue'
import ProvePages from './components/ProvePages.vue'
import RadioChips from './components/RadioChips.vue'
import WhoHears from './components/WhoHears.vue'

type DryRun = Schemas['DryRunView']
type Cell = Schemas['DryCellView']

/** Before leaving: every channel keyed up dry, radio by radio and place by place. */
const { openId } = useOpenList()
const { data: list } = useList(openId)
const { data: radios } = useRadios()
const { tellProblem, tell } = useNotice()
const { say, undo, redo } = useListChanges(openId)
const places = useKeptText('reckonrod.dry.places')
const way = useKeptText('reckonrod.dry.way')
const kept = useKeptText('reckonrod.dry.radios')
const chosen = computed({
  get: () => kept.value.split(' ').filter((each) => radios.value?.some((radio) => radio.id === each)),
  set: (now: string[]) => (kept.value = now.join(' ')),
})
watch(
  radios,
  (now) => {
    if (now?.length && !chosen.value.length) chosen.value = [now[0]?.id ?? '']
  },
  { immediate: true },
)
const named = computed(() =>
  places.value
    .split(/[\n;]+/)
    .map((each) => each.trim())
    .filter(Boolean),
)
const run = ref<DryRun | null>(null)
const busy = ref(false)
const outdated = ref(false)
watch([chosen, places, way, () => list.value?.version], () => (outdated.value = run.value !== null))

async function route() {
  const points: number[][] = []
  for (const each of named.value) {
    const found = await unwrap(api.GET('/api/map/places', { params: { query: { text: each } } }))
    const first = found[0]
    if (!first) throw new Error(`No place is called “${each}”. Give its coordinates or its locator.`)
    points.push([first.latitude, first.longitude])
  }
  return { gpx: null, points, corridorKm: null }
}
async function start() {
  if (!list.value || !chosen.value.length || !named.value.length || busy.value) return
  busy.value = true
  try {
    const along = way.value === 'on'
    if (along && named.value.length < 2) throw new Error('A way needs at least two places, one a line.')
    run.value = await unwrap(
      api.POST('/api/prove/dry-run', {
        body: {
          listId: list.value.id,
          radios: chosen.value,
          places: along ? null : named.value,
          route: along ? await route() : null,
          stepKm: null,
        },
      }),
    )
    outdated.value = false
    picked.value = null
  } catch (cause) {
    tellProblem(cause)
  } finally {
    busy.value = false
  }
}

const picked = ref<{ row: number; column: number } | null>(null)
const trouble = (cell: Cell) => run.value?.outcomes[cell.outcome]?.trouble ?? false
const only = useKeptText('reckonrod.dry.only')
const rows = computed(() =>
  (run.value?.rows ?? []).filter((each) => only.value !== 'on' || each.cells.some(trouble)),
)
const totals = computed(() => {
  const count: Record<string, number> = {}
  for (const row of run.value?.rows ?? [])
    for (const cell of row.cells) count[cell.outcome] = (count[cell.outcome] ?? 0) + 1
  return Object.entries(count)
    .map(([outcome, many]) => `${many} ${run.value?.outcomes[outcome]?.words ?? outcome}`)
    .join(', ')
})
async function mend(channel: string, line: string, name: string) {
  if (await say({ kind: 'rewrite', channel, line })) {
    tell(`${name} is now ${line}; undo is in Arrange.`)
    await start()
  }
}
const work = ref<HTMLElement | null>(null)
useKeys({
  title: 'Dry run',
  focus: () => work.value?.focus(),
  undo,
  redo,
  keys: [
    { on: ['g'], shown: 'g', does: 'run it', act: start },
    {
      on: ['t'],
      shown: 't',
      does: 'only what is in trouble, or all',
      act: () => (only.value = only.value === 'on' ? '' : 'on'),
    },
  ],
})
watch(work, (at) => at?.focus())
const page = ref('run')
</script>

<template>
  <section ref="work" tabindex="-1" aria-label="Dry run" class="column">
    <PageBar title="Dry run">
      <span v-if="list" class="quiet">{{ list.name }}, keyed up before anybody leaves</span>
      <template #acts><ProvePages /></template>
    </PageBar>
    <div class="pad stack scroll">
      <v-btn-toggle v-model="page" mandatory density="compact" aria-label="What is asked">
        <v-btn value="run" size="small">What opens where</v-btn>
        <v-btn value="hears" size="small">Who hears whom</v-btn>
      </v-btn-toggle>
      <WhoHears v-if="page === 'hears' && list && radios?.length" :list="list" :radios="radios" />
      <template v-else>
        <form class="ask" @submit.prevent="start">
          <RadioChips v-if="radios" v-model="chosen" :radios="radios" label="Radios that are tried" />
          <div class="acts where">
            <v-textarea
              v-model="places"
              label="Places, one a line: names, coordinates, locators"
              rows="2"
              auto-grow
              max-rows="6"
              density="compact"
              hide-details
            />
            <v-checkbox
              :model-value="way === 'on'"
              label="as a way, kilometre by kilometre"
              density="compact"
              hide-details
              @update:model-value="(on: boolean | null) => (way = on ? 'on' : '')"
            />
            <v-btn
              type="submit"
              color="primary"
              variant="flat"
              :disabled="!list || !chosen.length || !named.length || busy"
              >Run it dry</v-btn
            >
          </div>
          <p v-if="!chosen.length || !named.length" class="quiet small">
            Choose at least one radio and one place. What the directory and the ground say is what is tried;
            how things really are, only a test on the air shows.
          </p>
        </form>
        <template v-if="run">
          <p role="status">
            {{ totals }}.
            <span class="quiet small"
              >{{ counted(run.rows.length * run.columns.length, 'try', 'tries') }} in
              {{ run.tookMillis }} ms</span
            >
            <b v-if="outdated"> Something was changed since; run it again.</b>
          </p>
          <v-checkbox
            :model-value="only === 'on'"
            label="only channels in trouble somewhere"
            density="compact"
            hide-details
            @update:model-value="(on: boolean | null) => (only = on ? 'on' : '')"
          />
          <DryTable v-model:picked="picked" :run="run" :rows="rows" @mend="mend" />
          <p v-if="!run.rows.length" class="quiet">The list has no channel yet.</p>
          <p v-else-if="!rows.length" class="quiet">No channel is in trouble anywhere.</p>
        </template>
      </template>
    </div>
  </section>
</template>

<style scoped>
.ask {
  display: grid;
  gap: 10px;
}
.where > .v-textarea {
  flex: 1 1 320px;
}
</style>
