<script setup lang="ts">
import { computed, reactive, watch } from 'vue'
import type { ListView, Schemas } from '@/shared/api/client'
import FieldRow from '@/shared/ui/FieldRow.vue'
import FigureField from '@/shared/ui/FigureField.vue'
import { copyOf, nothing } from '../belongs'
import BelongsFields from './BelongsFields.vue'

type Filling = Schemas['FillingView']
/** What belongs into a block, asked field by field; what is left empty does not matter. */
const props = defineProps<{ block: Schemas['BlockView']; list: ListView }>()
const emit = defineEmits<{ ask: [filling: Filling | null]; leave: [] }>()

const FULL = [
  { value: 'grow', title: 'takes the slot behind it' },
  { value: 'refuse', title: 'refuses, and says so' },
  { value: 'overflow', title: 'passes on to a block' },
]
const others = computed(() =>
  props.list.blocks.map((each) => each.name).filter((each) => each !== props.block.name),
)
const form = reactive<Filling>({
  belongs: nothing(),
  spare: 0,
  full: 'grow',
  overflow: null,
})
watch(
  () => props.block,
  ({ filling }) => filling && Object.assign(form, copyOf(filling)),
  { immediate: true },
)
/** As it is asked for: only a block that passes on names another one. */
const filling = () => ({ ...form, overflow: form.full === 'overflow' ? form.overflow : null })
</script>

<template>
  <section class="filling stack" :aria-label="`What belongs into ${block.name}`">
    <h2>What belongs into {{ block.name }}</h2>
    <BelongsFields v-model="form.belongs" :list="list" />
    <FieldRow>
      <FigureField v-model="form.spare" class="short" label="Kept spare" :min="0" :max="999" />
      <v-select v-model="form.full" label="When it is full it" :items="FULL" />
      <v-select v-if="form.full === 'overflow'" v-model="form.overflow" label="Block" :items="others" />
      <v-btn color="primary" variant="flat" @click="emit('ask', filling())">Show what would happen</v-btn>
      <v-btn v-if="block.filling" @click="emit('ask', null)">Fill it by hand</v-btn>
      <v-btn variant="text" @click="emit('leave')">Leave it</v-btn>
    </FieldRow>
  </section>
</template>

<style scoped>
.filling {
  --field: 190px;
  gap: 10px;
  border-left: 3px solid var(--line);
  padding-left: 12px;
}
</style>
