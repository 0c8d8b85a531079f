<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Found } from '@/shared/api/client'
import KeyedGrid from '@/shared/ui/KeyedGrid.vue'
import type { Column, Focusable, Marks } from '@/shared/ui/grid'
import { megahertz, toneOf } from '../composables/words'
import ReachMark from './ReachMark.vue'

const props = defineProps<{ found: Found[]; ticked: Set<string>; along: boolean }>()
const emit = defineEmits<{ tick: [found: Found]; tap: [] }>()
const at = defineModel<number>('at', { required: true })

const columns = computed<Column[]>(() => [
  { key: 'name', head: 'Repeater', width: 'minmax(0, 1fr)' },
  { key: 'output', head: 'Listen MHz', width: '84px', end: true },
  { key: 'reach', head: `Reach, ${props.along ? 'where it is passed' : 'how far away'}`, width: '148px' },
])
const marks: Marks<Found> = {
  has: ({ entry }) => props.ticked.has(entry.id),
  can: () => true,
  label: ({ entry }) => `Choose ${entry.label}, ${megahertz(entry.outputHz)}, ${entry.source}`,
}
const where = (found: Found) =>
  props.along && found.passing
    ? `km ${found.passing.kilometre.toFixed(0)}, ${found.passing.offKilometres.toFixed(0)} km off`
    : found.reach
      ? `${found.reach.kilometres.toFixed(1)} km ${found.reach.compass}`
      : 'no position'
const grave = (found: Found) =>
  found.entry.findings.find((each) => each.severity !== 'note' || each.code === 'entry-closed')
const grid = ref<Focusable | null>(null)
defineExpose({ focus: () => grid.value?.focus() })
</script>

<template>
  <KeyedGrid
    ref="grid"
    v-model:at="at"
    class="found"
    label="Repeaters found"
    id-prefix="found"
    :items="found"
    :columns="columns"
    :item-key="(each) => each.entry.id"
    :height="50"
    :row="(each) => ({ class: { dead: each.entry.looksDead }, 'data-id': each.entry.id })"
    :marks="marks"
    @mark="(each) => emit('tick', each)"
    @tap="emit('tap')"
  >
    <template #name="{ item }">
      <b>{{ item.entry.label }}</b>
      <span class="under" :class="grave(item)?.severity">{{
        grave(item)?.message ?? `${item.entry.callSign} ${item.entry.area}`
      }}</span>
    </template>
    <template #output="{ item }">
      <span class="mono">{{ megahertz(item.entry.outputHz) }}</span>
      <span class="under mono">{{ toneOf(item.entry.talkTone) }}</span>
    </template>
    <template #reach="{ item }">
      <ReachMark :verdict="item.reach?.verdict ?? null" :dead="item.entry.looksDead" />
      <span class="under">{{ where(item) }}</span>
    </template>
  </KeyedGrid>
</template>

<style scoped>
.under {
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
  font-size: 12.5px;
  color: var(--quiet);
  min-height: 17px;
}
.under.doubt,
.under.error {
  color: var(--doubt);
}
@media (max-width: 720px) {
  .found :deep(.row) {
    grid-template-columns: 36px minmax(0, 1fr) 80px 104px;
  }
}
</style>
