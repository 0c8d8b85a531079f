<script setup lang="ts">
import { computed, reactive, watch } from 'vue'
import type { ListView, Schemas } from '@/shared/api/client'
import FieldRow from '@/shared/ui/FieldRow.vue'
import FigureField from '@/shared/ui/FigureField.vue'

type Filling = Schemas['FillingView']
/** What belongs into a block, asked field by field; what is left empty does not matter. */
const props = defineProps<{ block: Schemas['BlockView']; list: ListView }>()
const emit = defineEmits<{ ask: [filling: Filling | null]; leave: [] }>()

const USES = [
  { value: 'simplex', title: 'simplex' },
  { value: 'repeater', title: 'repeaters' },
  { value: 'listen_only', title: 'listen-only' },
]
const TONES = [
  { value: null, title: 'does not matter' },
  { value: true, title: 'with a talk tone' },
  { value: false, title: 'without' },
]
const KINDS = ['FM', 'NFM', 'AM']
const FULL = [
  { value: 'grow', title: 'takes the slot behind it' },
  { value: 'refuse', title: 'refuses, and says so' },
  { value: 'overflow', title: 'passes on to a block' },
]
const others = computed(() =>
  props.list.blocks.map((each) => each.name).filter((each) => each !== props.block.name),
)
const form = reactive<Filling>({
  bands: [],
  uses: [],
  talkTone: null,
  kinds: [],
  flags: [],
  words: [],
  spare: 0,
  full: 'grow',
  overflow: null,
})
watch(
  () => props.block,
  ({ filling }) => filling && Object.assign(form, JSON.parse(JSON.stringify(filling))),
  { immediate: true },
)
/** As it is asked for: only a block that passes on names another one. */
const filling = () => ({ ...form, overflow: form.full === 'overflow' ? form.overflow : null })
</script>

<template>
  <section class="filling stack" :aria-label="`What belongs into ${block.name}`">
    <h2>What belongs into {{ block.name }}</h2>
    <FieldRow>
      <v-select v-model="form.bands" label="Bands" multiple :items="list.bands" />
      <v-select v-model="form.uses" label="Use" multiple :items="USES" />
      <v-select v-model="form.talkTone" label="Talk tone" :items="TONES" />
      <v-select v-model="form.kinds" label="Kinds" multiple :items="KINDS" />
      <v-select v-model="form.flags" label="Directory says" multiple :items="list.flags" />
      <v-combobox
        v-model="form.words"
        class="grow"
        label="One of these is in the name (Enter after each)"
        multiple
        chips
        closable-chips
        hide-no-data
      />
    </FieldRow>
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
