<script setup lang="ts">
import { ref } from 'vue'
import KeyedGrid from '@/shared/ui/KeyedGrid.vue'
import type { Column, Focusable, Marks } from '@/shared/ui/grid'
import { shortTone } from '@/shared/words'
import type { ReviewLine } from '../composables/useReview'

const props = defineProps<{ lines: ReviewLine[]; goesIn: (line: ReviewLine) => boolean }>()
const emit = defineEmits<{ choose: [line: ReviewLine]; tap: []; open: [] }>()
const at = defineModel<number>('at', { required: true })

const COLUMNS: Column[] = [
  { key: 'number', head: 'Line', width: '40px', end: true, wide: true },
  { key: 'name', head: 'Name', width: 'minmax(96px, 1fr)' },
  { key: 'receive', head: 'Listen MHz', width: '92px', end: true },
  { key: 'send', head: 'Talk MHz', width: '92px', end: true, wide: true },
  { key: 'tones', head: 'Tones', width: '84px', wide: true },
  { key: 'says', head: 'What was found', width: 'minmax(120px, 2.4fr)', wide: true },
]
const WORDS = { good: 'goes in', doubtful: 'look at it', bad: 'mend it' }
const marks: Marks<ReviewLine> = {
  has: (line) => props.goesIn(line),
  can: (line) => line.sum !== null,
  label: (line) => `Line ${line.number} goes in`,
}
const says = (line: ReviewLine) =>
  line.findings[0]?.message ?? (line.twin ? `Already in ${line.twin}` : line.more)
const grid = ref<Focusable | null>(null)
defineExpose({ focus: () => grid.value?.focus() })
</script>

<template>
  <KeyedGrid
    ref="grid"
    v-model:at="at"
    class="lines"
    label="Lines"
    id-prefix="review"
    :items="lines"
    :columns="COLUMNS"
    :item-key="(line) => line.number"
    :height="36"
    :row="(line) => ({ class: line.verdict, 'data-line': line.number })"
    :marks="marks"
    @mark="(line) => emit('choose', line)"
    @tap="emit('tap')"
    @open="emit('open')"
  >
    <template #number="{ item }"
      ><span class="quiet mono">{{ item.number }}</span></template
    >
    <template #name="{ item }">
      <b v-if="item.sum">{{ item.name || item.sum.listen }}</b>
      <span v-else class="mono">{{ item.line }}</span>
    </template>
    <template #receive="{ item }"
      ><span class="mono">{{ item.sum?.listen }}</span></template
    >
    <template #send="{ item }">
      <span v-if="item.sum?.talk" class="mono talk">{{ item.sum.talk }}</span>
      <span v-else class="quiet">{{ item.sum ? 'listen only' : '' }}</span>
    </template>
    <template #tones="{ item }">
      <span class="mono"
        ><span class="talk">{{ shortTone(item.talkTone) }}</span> {{ shortTone(item.listenTone) }}</span
      >
    </template>
    <template #says="{ item }">
      <span :title="says(item)"
        ><b class="verdict">{{ WORDS[item.verdict] }}</b> {{ says(item) }}</span
      >
    </template>
  </KeyedGrid>
</template>

<style scoped>
.lines :deep(:is(.tones, .says)) {
  font-size: 13.5px;
  color: var(--quiet);
}
.lines :deep(.good) .verdict {
  color: var(--primary);
}
.lines :deep(.doubtful) .verdict {
  color: var(--doubt);
}
.lines :deep(.bad) .verdict {
  color: var(--error);
}
@media (max-width: 720px) {
  .lines :deep(.row) {
    grid-template-columns: 36px 1fr 104px;
  }
}
</style>
