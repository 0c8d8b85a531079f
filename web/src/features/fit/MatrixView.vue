<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { useDisplay } from 'vuetify'
import FitMark from '@/shared/components/FitMark.vue'
import RadioTabs from '@/shared/components/RadioTabs.vue'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useRadios } from '@/shared/api/queries'
import { moves, useKeys } from '@/shared/keys/useKeys'
import { useList } from '@/shared/list/useList'
import { useListChanges } from '@/shared/list/useListChanges'
import FieldRow from '@/shared/ui/FieldRow.vue'
import KindToggle from '@/shared/ui/KindToggle.vue'
import PageBar from '@/shared/ui/PageBar.vue'
import SplitPane from '@/shared/ui/SplitPane.vue'
import { useAsked } from '@/shared/ui/useAsked'
import ChannelFits from './components/ChannelFits.vue'
import MatrixTable from './components/MatrixTable.vue'
import { useChannelFits, useMatrix, wordsOf } from './composables/useMatrix'

const NeedsDialog = defineAsyncComponent(() => import('./components/NeedsDialog.vue'))

const { open, openId } = useOpenList()
const { data: radios } = useRadios()
const { data: list, error } = useList(openId)
const changes = useListChanges(openId)
const { mark, radio, reason, shown, marks, reasons, totals } = useMatrix(list)
watch(radio, () => (reason.value = null))
const columns = computed(() =>
  (list.value?.radios ?? []).filter((each) => radio.value === null || each.id === radio.value),
)
const ANY = { value: null, title: 'any' }

const at = ref(0)
watch(shown, (now) => (at.value = Math.min(at.value, Math.max(now.length - 1, 0))))
const picked = computed(() => shown.value[at.value] ?? null)
const { data: fits } = useChannelFits(
  list,
  computed(() => picked.value?.id ?? null),
)
const fix = (line: string) => picked.value && changes.say({ kind: 'rewrite', channel: picked.value.id, line })

const { mobile } = useDisplay()
const sideOpen = ref(false)
const asking = ref(false)
const asked = useAsked(asking)
const table = ref<InstanceType<typeof MatrixTable> | null>(null)
const focus = () => table.value?.focus()
watch(table, (now) => now?.focus())
function toOther(by: 1 | -1) {
  for (let i = at.value + by; i >= 0 && i < shown.value.length; i += by)
    if (shown.value[i]?.fits.some((each) => each.mark !== 'exact')) return void (at.value = i)
}
useKeys({
  title: 'Fit, all radios',
  focus,
  keys: [
    ...moves({ count: () => shown.value.length, at, what: 'the channels' }),
    {
      on: ['n'],
      shown: 'n N',
      does: 'to the next or previous channel that is not exact in all radios',
      act: () => toOther(1),
    },
    { on: ['N'], act: () => toOther(-1) },
    {
      on: ['w'],
      shown: 'w',
      does: 'what the list needs, and who can talk to whom',
      act: () => (asking.value = true),
    },
    { on: ['u'], shown: 'u U', does: 'undo, redo', act: changes.undo },
    { on: ['U'], act: changes.redo },
    { on: ['Enter'], act: () => (sideOpen.value = mobile.value) },
  ],
})
</script>

<template>
  <SplitPane v-model="sideOpen" class="fit" label="Why" :side="picked !== null">
    <PageBar title="Fit">
      <span v-if="open" class="quiet">What your radios make of {{ open.name }}</span>
      <template #acts>
        <v-btn :disabled="!list" @click="asking = true">What it needs</v-btn>
        <v-btn :to="{ name: 'radios' }">Radios</v-btn>
      </template>
    </PageBar>
    <p v-if="error" class="pad" role="alert">{{ error.message }}</p>
    <RadioTabs v-if="radios" :radios="radios" open="all" route="fit" />
    <ul v-if="totals.length" class="totals bare" aria-label="How each radio carries it">
      <li v-for="each in totals" :key="each.id">
        <b>{{ each.name }}</b>
        <span v-for="part in each.counts" :key="part.kind" class="part" :title="wordsOf(part.kind)">
          <FitMark :mark="part.kind" /> {{ part.count }}<span class="unseen"> {{ wordsOf(part.kind) }}</span>
        </span>
      </li>
    </ul>
    <FieldRow class="pad filters">
      <KindToggle v-model="mark" :kinds="marks" label="Show only">
        <template #mark="{ kind }"><FitMark :mark="kind" /></template>
      </KindToggle>
      <v-select
        v-model="radio"
        label="In the radio"
        :items="[ANY, ...totals.map((each) => ({ value: each.id, title: each.name }))]"
      />
      <v-select v-model="reason" class="grow" label="For the reason" :items="[ANY, ...reasons]" />
    </FieldRow>
    <p v-if="list && !list.rows.length" class="pad quiet">
      The list has no channel yet. Type one above, 146.520 say, and every radio says here what it makes of it.
    </p>
    <MatrixTable
      v-if="list"
      ref="table"
      v-model:at="at"
      :rows="shown"
      :radios="columns"
      @tap="sideOpen = mobile"
    />
    <v-skeleton-loader v-else-if="!error" type="table-tbody" aria-label="Fitting the list" />
    <template #side>
      <ChannelFits v-if="picked && fits" :row="picked" :fits="fits" :busy="changes.busy.value" @fix="fix" />
    </template>
  </SplitPane>
  <NeedsDialog v-if="asked && list" v-model="asking" :list="list" />
</template>

<style scoped>
.totals {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  font-size: 13.5px;
  margin: 0;
  padding: 0 20px 8px;
}
@media (max-width: 720px) {
  .totals {
    display: none;
  }
}
.part {
  margin-left: 8px;
  white-space: nowrap;
}
.filters {
  padding-bottom: 8px;
}
</style>
