<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { ListView, Radio } from '@/shared/api/client'
import FieldRow from '@/shared/ui/FieldRow.vue'
import FigureField from '@/shared/ui/FigureField.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import type { Places } from '../composables/useCarrying'
import { useFitIf } from '../composables/useFitIf'
import FitIf from './FitIf.vue'

/** At which slots of this radio a list goes, whole or by blocks; what that changes is shown before it is so. */
const props = defineProps<{ radio: Radio; list: ListView }>()
const emit = defineEmits<{ place: [places: Places] }>()
const open = defineModel<boolean>({ required: true })

const WAYS = [
  { value: 'same', title: 'the same numbers as in the list' },
  { value: 'packed', title: 'packed, one behind the other' },
  { value: 'moved', title: 'moved by' },
]
const INTO = [
  { value: 'along', title: 'as the rest' },
  { value: 'from', title: 'from slot' },
  { value: 'out', title: 'not into this radio' },
]
type Into = 'along' | 'from' | 'out'
interface BlockChoice {
  name: string
  into: Into
  from: number
  here: boolean
}

const way = ref<Places['places']>('same')
const by = ref(1)
const blocks = ref<BlockChoice[]>([])
watch(
  open,
  (now) => {
    if (!now) return
    const carrying = props.radio.carrying
    way.value = carrying.places
    by.value = carrying.by || 1
    const named = new Map(carrying.blocks.map((each) => [each.name, each]))
    const choice = (name: string, first: number, here: boolean): BlockChoice => {
      const own = named.get(name)
      return {
        name,
        into: own ? (own.from === null ? 'out' : 'from') : 'along',
        from: own?.from ?? first,
        here,
      }
    }
    const ofList = props.list.blocks.map((each) => choice(each.name, each.firstSlot, true))
    // What was said of blocks that this list has not (any more) is shown too, to be kept or taken back.
    const others = carrying.blocks
      .filter((each) => !ofList.some((own) => own.name === each.name))
      .map((each) => choice(each.name, props.radio.firstSlot, false))
    blocks.value = [...ofList, ...others]
  },
  { immediate: true },
)

const places = computed<Places>(() => ({
  places: way.value,
  by: way.value === 'moved' ? by.value : 0,
  blocks: blocks.value
    .filter((each) => each.into !== 'along')
    .map((each) => ({ name: each.name, from: each.into === 'out' ? null : each.from })),
}))
const { data: what, error } = useFitIf(
  computed(() => props.radio.id),
  computed(() => props.list.id),
  computed(() => (open.value ? { places: places.value, model: null } : null)),
)
function submit() {
  if (error.value) return
  emit('place', places.value)
  open.value = false
}
</script>

<template>
  <SheetDialog
    v-model="open"
    :title="`Where ${list.name} goes in ${radio.name}`"
    :width="760"
    @submit="submit"
  >
    <FieldRow>
      <v-select v-model="way" data-first class="ways" label="Its slots" :items="WAYS" />
      <FigureField
        v-if="way === 'moved'"
        v-model="by"
        class="short"
        label="Slots up"
        :min="-9999"
        :max="9999"
      />
    </FieldRow>
    <section v-if="blocks.length" class="stack" aria-label="Blocks">
      <h2>Block by block</h2>
      <FieldRow v-for="block in blocks" :key="block.name">
        <v-select v-model="block.into" class="ways" :label="block.name" :items="INTO" />
        <FigureField
          v-if="block.into === 'from'"
          v-model="block.from"
          class="short"
          :label="`First slot of ${block.name}`"
          :min="0"
          :max="9999"
        />
        <span v-if="!block.here" class="quiet">This list has no such block.</span>
      </FieldRow>
    </section>
    <p v-if="error" role="alert">{{ error.message }}</p>
    <FitIf v-else-if="what" :what="what" />
    <template #acts>
      <v-btn type="submit" color="primary" :disabled="error !== null">Carry it so</v-btn>
      <v-btn @click="open = false">Leave it as it is</v-btn>
    </template>
  </SheetDialog>
</template>

<style scoped>
.ways {
  --field: 270px;
}
</style>
