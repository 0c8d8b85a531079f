<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import type { ListView } from '@/shared/api/client'
import type { useListChanges } from '@/shared/list/useListChanges'
import { useAsked } from '@/shared/ui/useAsked'
import type { ManyActs } from '../composables/useManyActs'
import MoveDialog from './MoveDialog.vue'

/** The sheets over the rod; each is loaded when it is first wanted. */
const BanksDialog = defineAsyncComponent(() => import('./BanksDialog.vue'))
const BlocksDialog = defineAsyncComponent(() => import('./BlocksDialog.vue'))
const ChangeManyDialog = defineAsyncComponent(() => import('./ChangeManyDialog.vue'))
const FindingsDialog = defineAsyncComponent(() => import('./FindingsDialog.vue'))
const HistoryDialog = defineAsyncComponent(() => import('./HistoryDialog.vue'))
const ListPlanDialog = defineAsyncComponent(() => import('./ListPlanDialog.vue'))
const NamesDialog = defineAsyncComponent(() => import('./NamesDialog.vue'))
const IntentDialog = defineAsyncComponent(() => import('./IntentDialog.vue'))
const WhereDialog = defineAsyncComponent(() => import('./WhereDialog.vue'))
const SatelliteDialog = defineAsyncComponent(() => import('./SatelliteDialog.vue'))

export type Sheet =
  | 'along'
  | 'banks'
  | 'blocks'
  | 'change'
  | 'distance'
  | 'findings'
  | 'history'
  | 'intent'
  | 'names'
  | 'plan'
  | 'satellite'
defineProps<{
  list: ListView
  cursor: number
  changes: ReturnType<typeof useListChanges>
  many: ManyActs
}>()
const emit = defineEmits<{ look: [slot: number] }>()
const sheet = defineModel<Sheet | null>('sheet', { required: true })
/** A channel that would go where another one is. */
const moving = defineModel<{ id: string; slot: number } | null>('moving', { required: true })

const shows = (which: Sheet) =>
  computed({
    get: () => sheet.value === which,
    set: (now: boolean) => (sheet.value = now ? which : null),
  })
const banks = shows('banks')
const blocks = shows('blocks')
const change = shows('change')
const along = shows('along')
const distance = shows('distance')
const intent = shows('intent')
const findings = shows('findings')
const history = shows('history')
const names = shows('names')
const plan = shows('plan')
const satellite = shows('satellite')
const asked = {
  banks: useAsked(banks),
  blocks: useAsked(blocks),
  change: useAsked(change),
  along: useAsked(along),
  distance: useAsked(distance),
  intent: useAsked(intent),
  findings: useAsked(findings),
  history: useAsked(history),
  names: useAsked(names),
  plan: useAsked(plan),
  satellite: useAsked(satellite),
}
</script>

<template>
  <MoveDialog
    v-model="moving"
    :list="list"
    @move="(id, slot, way) => changes.change({ kind: 'move', channel: id, slot, way })"
  />
  <BlocksDialog v-if="asked.blocks.value" v-model="blocks" :list="list" :cursor="cursor" :changes="changes" />
  <ChangeManyDialog
    v-if="asked.change.value"
    v-model="change"
    :list="list"
    :channels="many.chosen()"
    :changes="changes"
    @made="many.remember"
  />
  <BanksDialog
    v-if="asked.banks.value"
    v-model="banks"
    :list="list"
    :cursor="cursor"
    :chosen="many.marked()"
    :changes="changes"
  />
  <WhereDialog
    v-if="asked.distance.value"
    v-model="distance"
    by="distance"
    @ask="(places) => many.order('distance', places)"
  />
  <WhereDialog
    v-if="asked.along.value"
    v-model="along"
    by="along"
    @ask="(places) => many.order('along', places)"
  />
  <IntentDialog v-if="asked.intent.value" v-model="intent" :list="list" :changes="changes" />
  <NamesDialog v-if="asked.names.value" v-model="names" :list="list" :cursor="cursor" :changes="changes" />
  <ListPlanDialog
    v-if="asked.plan.value"
    v-model="plan"
    :list="list"
    @go="(bandPlan, licence) => changes.change({ kind: 'go-by', bandPlan, licence })"
  />
  <FindingsDialog
    v-if="asked.findings.value"
    v-model="findings"
    :list-id="list.id"
    :version="list.version"
    @look="(slot) => emit('look', slot)"
    @fix="(channel, line) => changes.change({ kind: 'rewrite', channel, line })"
  />
  <SatelliteDialog
    v-if="asked.satellite.value"
    v-model="satellite"
    :list-id="list.id"
    :cursor="cursor"
    @put="(lines, block) => changes.change({ kind: 'put', slot: cursor, lines, here: null, block })"
  />
  <HistoryDialog
    v-if="asked.history.value"
    v-model="history"
    :list-id="list.id"
    :version="list.version"
    @restore="(revision) => changes.restore(revision)"
  />
</template>
