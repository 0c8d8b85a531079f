<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import type { Radio } from '@/shared/api/client'
import ReachFields from '@/shared/components/ReachFields.vue'
import FieldRow from '@/shared/ui/FieldRow.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { LABELS, useModels, type Known, type Line } from '../composables/useShelf'

/** A new radio, or what is known of one that is here. */
const props = defineProps<{
  radio: Radio | null
  done: (model: string, known: Known, line: Line) => Promise<boolean>
}>()
const open = defineModel<boolean>({ required: true })
const { data: models } = useModels()
const blank = (): Known => ({ name: '', label: '', serial: '', firmware: '', antenna: '', note: '' })
const known = reactive(blank())
const modelId = ref('')
const line = reactive<Line>({ reached: 'none', at: '' })
watch(
  open,
  (now) => {
    if (!now) return
    const shelf = props.radio?.shelf
    Object.assign(known, blank(), shelf ? { ...shelf, name: props.radio?.name } : {})
    modelId.value = props.radio?.modelId ?? ''
    Object.assign(line, { reached: props.radio?.line.reached ?? 'none', at: props.radio?.line.at ?? '' })
  },
  { immediate: true },
)
const model = computed(() => models.value?.find((each) => each.id === modelId.value))
/** What one model is reached by is nothing to another. */
function chooseModel(id: string) {
  modelId.value = id
  Object.assign(line, { reached: 'none', at: '' })
}
const ready = computed(() => modelId.value !== '' && known.name.trim() !== '')
const busy = ref(false)
async function submit() {
  if (!ready.value || busy.value) return
  busy.value = true
  const { name, label, serial, firmware, antenna, note } = known
  const went = await props
    .done(modelId.value, { name: name.trim(), label, serial, firmware, antenna, note }, { ...line })
    .finally(() => (busy.value = false))
  if (went) open.value = false
}
const colours = LABELS.map((value) => ({ value, title: value || 'none' }))
</script>

<template>
  <SheetDialog
    v-model="open"
    :title="radio ? `What is known of ${radio.name}` : 'A radio comes to the shelf'"
    :width="560"
    @submit="submit"
  >
    <v-select
      v-if="!radio"
      :model-value="modelId"
      data-first
      label="Model"
      :items="models ?? []"
      item-title="title"
      item-value="id"
      hint="One that is not here is told under Models."
      persistent-hint
      @update:model-value="chooseModel"
    />
    <p v-if="model" class="quiet">
      {{ model.facts.find((each) => each.name === 'Slots')?.words }} ·
      {{ model.facts.find((each) => each.name === 'Names')?.words }}
    </p>
    <v-text-field
      v-model="known.name"
      :data-first="radio ? '' : undefined"
      label="What you call it"
      maxlength="40"
    />
    <FieldRow>
      <v-select v-model="known.label" label="Colour of its label" :items="colours" />
      <v-text-field v-model="known.serial" class="grow" label="Serial number" maxlength="60" />
    </FieldRow>
    <FieldRow>
      <v-text-field v-model="known.firmware" label="Firmware" maxlength="60" />
      <v-text-field v-model="known.antenna" class="grow" label="Antenna" maxlength="60" />
    </FieldRow>
    <v-textarea v-model="known.note" label="Note" rows="2" auto-grow maxlength="500" />
    <ReachFields
      v-if="model && model.way !== 'keys'"
      v-model:reached="line.reached"
      v-model:at="line.at"
      :way="model.way"
      :can-simulate="model.ships"
    />
    <template #acts>
      <v-btn type="submit" color="primary" variant="flat" :disabled="!ready || busy">{{
        radio ? 'Keep' : 'Add it'
      }}</v-btn>
      <v-btn @click="open = false">Cancel</v-btn>
    </template>
  </SheetDialog>
</template>
