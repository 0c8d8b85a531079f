<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import type { Radio } from '@/shared/api/client'
import FieldRow from '@/shared/ui/FieldRow.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { LABELS, useModels, type Known } from '../composables/useShelf'

/** A new radio, or what is known of one that is here. */
const props = defineProps<{
  radio: Radio | null
  done: (model: string, known: Known, reached: 'none' | 'simulated') => Promise<boolean>
}>()
const open = defineModel<boolean>({ required: true })
const { data: models } = useModels()
const blank = (): Known => ({ name: '', label: '', serial: '', firmware: '', antenna: '', note: '' })
const known = reactive(blank())
const modelId = ref('')
const simulated = ref(false)
watch(
  open,
  (now) => {
    if (!now) return
    const shelf = props.radio?.shelf
    Object.assign(known, blank(), shelf ? { ...shelf, name: props.radio?.name } : {})
    modelId.value = props.radio?.modelId ?? ''
    simulated.value = false
  },
  { immediate: true },
)
const model = computed(() => models.value?.find((each) => each.id === modelId.value))
const canSimulate = computed(() => model.value?.ships && model.value.cable)
const ready = computed(() => modelId.value !== '' && known.name.trim() !== '')
const busy = ref(false)
async function submit() {
  if (!ready.value || busy.value) return
  busy.value = true
  const { name, label, serial, firmware, antenna, note } = known
  const went = await props
    .done(
      modelId.value,
      { name: name.trim(), label, serial, firmware, antenna, note },
      simulated.value && canSimulate.value ? 'simulated' : 'none',
    )
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
      v-model="modelId"
      data-first
      label="Model"
      :items="models ?? []"
      item-title="title"
      item-value="id"
      hint="One that is not here is told under Models."
      persistent-hint
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
    <v-checkbox
      v-if="!radio && canSimulate"
      v-model="simulated"
      label="A simulated radio lies on the bench for it, to practise on"
    />
    <template #acts>
      <v-btn type="submit" color="primary" variant="flat" :disabled="!ready || busy">{{
        radio ? 'Keep' : 'Add it'
      }}</v-btn>
      <v-btn @click="open = false">Cancel</v-btn>
    </template>
  </SheetDialog>
</template>
