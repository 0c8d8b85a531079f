<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useDisplay } from 'vuetify'
import type { Placement } from '@/shared/api/client'
import FitMark from '@/shared/components/FitMark.vue'
import SeverityMark from '@/shared/components/SeverityMark.vue'
import RadioTabs from '@/shared/components/RadioTabs.vue'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useOpenRadio } from '@/shared/composables/useOpenRadio'
import { useList } from '@/shared/list/useList'
import { useListChanges } from '@/shared/list/useListChanges'
import { moves, useKeys } from '@/shared/keys/useKeys'
import FieldRow from '@/shared/ui/FieldRow.vue'
import KindToggle from '@/shared/ui/KindToggle.vue'
import PageBar from '@/shared/ui/PageBar.vue'
import SplitPane from '@/shared/ui/SplitPane.vue'
import { counted } from '@/shared/words'
import ListFace from './components/ListFace.vue'
import FitTable from './components/FitTable.vue'
import OverruleForm from './components/OverruleForm.vue'
import OtherModelDialog from './components/OtherModelDialog.vue'
import SpareDialog from './components/SpareDialog.vue'
import PlacementPanel from './components/PlacementPanel.vue'
import PlacesDialog from './components/PlacesDialog.vue'
import { useCarrying } from './composables/useCarrying'
import { useFit } from './composables/useFit'
import { useChannelFits } from './composables/useMatrix'

const { open, openId } = useOpenList()
const { data: list } = useList(openId)
const { radios, radio, unknown, error: radiosError } = useOpenRadio()
const { data: fit, error } = useFit(
  computed(() => radio.value?.id ?? null),
  openId,
)

const { carrying, overruleOf, place, overrule } = useCarrying(radio)
const placing = ref(false)
const sparing = ref(false)
const comparing = ref(false)
const placed = computed(() => {
  const now = carrying.value
  const whole = {
    same: 'as in the list',
    packed: 'packed',
    moved: `moved by ${now?.by}`,
  }[now?.places ?? 'same']
  return now?.blocks.length ? `${whole}, ${counted(now.blocks.length, 'block')} otherwise` : whole
})

type Mark = Placement['mark']
const only = ref<Mark | null>(null)
const kinds = computed<{ kind: Mark; words: string; count: number }[]>(() =>
  fit.value
    ? [
        { kind: 'exact', words: 'exact', count: fit.value.exact },
        { kind: 'adapted', words: 'adapted', count: fit.value.adapted },
        { kind: 'by_hand', words: 'by hand', count: fit.value.byHand },
        { kind: 'left_out', words: 'left out', count: fit.value.leftOut },
      ]
    : [],
)
const shown = computed(
  () => fit.value?.placements.filter((each) => !only.value || each.mark === only.value) ?? [],
)
const at = ref(0)
watch(shown, (now) => (at.value = Math.min(at.value, Math.max(now.length - 1, 0))))
const picked = computed(() => shown.value[at.value] ?? null)
const changes = useListChanges(openId)
const { data: fits } = useChannelFits(
  list,
  computed(() => picked.value?.channelId ?? null),
)
const pickedFit = computed(() => fits.value?.find((each) => each.radioId === radio.value?.id) ?? null)
const fix = (line: string) =>
  picked.value && changes.say({ kind: 'rewrite', channel: picked.value.channelId, line })
const { mobile } = useDisplay()
const sideOpen = ref(false)

const table = ref<InstanceType<typeof FitTable> | null>(null)
const focus = () => table.value?.focus()
watch(table, (now) => now?.focus())
function toOther(by: 1 | -1) {
  for (let i = at.value + by; i >= 0 && i < shown.value.length; i += by)
    if (shown.value[i]?.mark !== 'exact') return void (at.value = i)
}
useKeys({
  title: 'Fit',
  focus,
  keys: [
    ...moves({ count: () => shown.value.length, at, what: 'the channels' }),
    {
      on: ['n'],
      shown: 'n N',
      does: 'to the next or previous channel that is not exact',
      act: () => toOther(1),
    },
    { on: ['N'], act: () => toOther(-1) },
    { on: ['u'], shown: 'u U', does: 'undo, redo', act: changes.undo },
    { on: ['U'], act: changes.redo },
    { on: ['Enter'], act: () => (sideOpen.value = mobile.value) },
  ],
})
</script>

<template>
  <SplitPane v-model="sideOpen" class="fit" label="Why" :side="picked !== null">
    <PageBar title="Fit">
      <span v-if="open && radio" class="quiet">What {{ radio.name }} makes of {{ open.name }}</span>
      <template #acts>
        <template v-if="list && radio">
          <v-btn @click="sparing = true">What it can do without</v-btn>
          <v-btn @click="comparing = true">As another model</v-btn>
        </template>
        <v-btn :to="{ name: 'radios' }">Radios</v-btn>
      </template>
    </PageBar>
    <p v-if="error || radiosError" class="pad" role="alert">{{ (error ?? radiosError)?.message }}</p>
    <RadioTabs v-if="radios" :radios="radios" :open="radio?.id ?? ''" route="fit" />
    <p v-if="unknown" class="pad" role="alert">
      There is no radio “{{ unknown }}” here. Choose one of those above.
    </p>
    <FieldRow class="pad">
      <KindToggle v-model="only" :kinds="kinds" label="Show only">
        <template #mark="{ kind }"><FitMark :mark="kind" /></template>
      </KindToggle>
      <v-btn v-if="carrying && list && radio" @click="placing = true">Its slots: {{ placed }}</v-btn>
      <dl v-if="fit?.settings.length" class="settings" aria-label="Set once on the radio">
        <template v-for="each in fit.settings" :key="each.name">
          <dt class="quiet">Set once on the radio: {{ each.name }}</dt>
          <dd class="mono">{{ each.value }}</dd>
        </template>
      </dl>
    </FieldRow>
    <ul v-if="fit?.wide.length" class="wide pad" aria-label="What the radio cannot keep apart">
      <li v-for="each in fit.wide" :key="each.message">
        <SeverityMark :severity="each.severity" /> {{ each.message }}
        <span class="quiet">{{ each.why }}</span>
      </li>
    </ul>
    <FitTable v-if="fit" ref="table" v-model:at="at" :placements="shown" @tap="sideOpen = mobile" />
    <v-skeleton-loader v-else-if="!error && radio" type="table-tbody" aria-label="Fitting the list" />
    <template #side>
      <PlacementPanel
        v-if="picked"
        :placement="picked"
        :fit="pickedFit"
        :busy="changes.busy.value"
        @fix="fix"
      >
        <ListFace
          v-if="radio && openId && fit && radio.memoryKnown && picked.mark !== 'left_out'"
          :radio="radio"
          :list="openId"
          :turned-to="picked.place ?? picked.slot"
          :version="fit.listVersion"
        />
        <OverruleForm
          v-if="radio"
          :key="picked.channelId + radio.id"
          :radio="radio.name"
          :overrule="overruleOf(picked.channelId)"
          :keep="async (it) => picked !== null && overrule(picked.channelId, picked.label, it)"
        />
      </PlacementPanel>
    </template>
    <template v-if="list && radio">
      <PlacesDialog :key="radio.id" v-model="placing" :radio="radio" :list="list" @place="place" />
      <SpareDialog v-model="sparing" :radio="radio" :list="list" />
      <OtherModelDialog :key="radio.id" v-model="comparing" :radio="radio" :list="list" />
    </template>
  </SplitPane>
</template>

<style scoped>
.wide {
  list-style: none;
  margin: 0;
  font-size: 13.5px;
}
.settings {
  display: grid;
  grid-template-columns: auto auto;
  gap: 2px 10px;
  font-size: 13.5px;
}
</style>
