<script setup lang="ts">
import { ref } from 'vue'
import type { Placement } from '@/shared/api/client'
import FitMark from '@/shared/components/FitMark.vue'
import KeyedGrid from '@/shared/ui/KeyedGrid.vue'
import type { Column, Focusable } from '@/shared/ui/grid'

/** Every channel with what becomes of it; the reasons in full stand beside it. */
defineProps<{ placements: Placement[] }>()
const emit = defineEmits<{ tap: [] }>()
const at = defineModel<number>('at', { required: true })
const COLUMNS: Column[] = [
  { key: 'slot', head: 'Slot', width: '52px', end: true },
  { key: 'name', head: 'Channel', width: 'minmax(110px, 1fr)' },
  { key: 'mark', head: 'In the radio', width: '104px' },
  { key: 'why', head: 'Why', width: 'minmax(120px, 2.6fr)', wide: true },
  { key: 'change', head: 'What becomes of it', width: 'minmax(120px, 1.5fr)', wide: true },
]
const says = (it: Placement) => [
  ...it.findings.map((each) => each.message),
  ...it.reasons.map((each) => each.why),
]
const change = (it: Placement) => it.reasons.find((each) => each.after)
const grid = ref<Focusable | null>(null)
defineExpose({ focus: () => grid.value?.focus() })
</script>

<template>
  <KeyedGrid
    ref="grid"
    v-model:at="at"
    class="placements"
    label="Placements"
    :items="placements"
    :columns="COLUMNS"
    :item-key="(it) => it.channelId"
    :height="36"
    :row="(it) => ({ class: it.mark, 'data-slot': it.slot })"
    @tap="emit('tap')"
  >
    <template #slot="{ item }"
      ><span class="mono">{{ item.slot }}</span></template
    >
    <template #name="{ item }"
      ><b>{{ item.label }}</b></template
    >
    <template #mark="{ item }"> <FitMark :mark="item.mark" /> {{ item.mark.replace('_', ' ') }} </template>
    <template #why="{ item }">
      {{ says(item)[0]
      }}<template v-if="says(item).length > 1"> · and {{ says(item).length - 1 }} more</template>
    </template>
    <template #change="{ item }">
      <span v-if="change(item)" class="mono small"
        >{{ change(item)?.before }} → {{ change(item)?.after }}</span
      >
    </template>
  </KeyedGrid>
</template>

<style scoped>
@media (max-width: 720px) {
  .placements :deep(.row) {
    grid-template-columns: 44px 1fr 104px;
  }
}
</style>
