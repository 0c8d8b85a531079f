<script setup lang="ts">
import { reactive, ref } from 'vue'
import { api, Problem, unwrap } from '@/shared/api/client'
import FieldRow from '@/shared/ui/FieldRow.vue'
import FigureField from '@/shared/ui/FigureField.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'

/** A radio that is not known here, as its owner can tell it from the manual: enough for fit, cards and tables. */
const props = defineProps<{ make: (yaml: string) => Promise<boolean> }>()
const open = defineModel<boolean>({ required: true })
const form = reactive({
  maker: '',
  model: '',
  kind: 'handheld' as 'handheld' | 'mobile',
  firstSlot: 1,
  lastSlot: 128,
  longestName: 7,
  smallLetters: false,
  receive: '136-174, 400-480',
  transmit: '144-148, 430-450',
  airband: '',
  narrow: true,
  ctcss: 50,
  dcs: 104,
  inverted: true,
  watts: '5, 1',
  shift: 'any_pair' as 'any_pair' | 'size_for_each_slot' | 'one_size_a_band',
  banks: 0,
  listenOnly: true,
})
const KINDS = ['handheld', 'mobile']
const SHIFTS = [
  { value: 'any_pair', title: 'both frequencies can be typed' },
  { value: 'size_for_each_slot', title: 'a size and a direction for each slot' },
  { value: 'one_size_a_band', title: 'a direction for each slot, one size for each band' },
]
const problem = ref('')
const busy = ref(false)
async function submit() {
  if (busy.value) return
  busy.value = true
  problem.value = ''
  try {
    const { yaml } = await unwrap(
      api.POST('/api/radio-models/short', {
        body: {
          ...form,
        },
      }),
    )
    await unwrap(api.POST('/api/radio-models/check', { body: { yaml } }))
    if (await props.make(yaml)) open.value = false
  } catch (cause) {
    problem.value = cause instanceof Problem ? cause.message : String(cause)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <SheetDialog v-model="open" title="A radio that is not here" :width="640" @submit="submit">
    <p class="quiet">
      What fits, as its manual says it; that alone gives Fit. Bytes and cable stay unknown, and the radio is
      keyed in by hand. Say no more than is true: what a radio is said to do, it will be sent.
    </p>
    <FieldRow>
      <v-text-field v-model="form.maker" data-first class="grow" label="Maker" maxlength="40" />
      <v-text-field v-model="form.model" class="grow" label="Model" maxlength="40" />
      <v-select v-model="form.kind" label="Kind" :items="KINDS" />
    </FieldRow>
    <FieldRow label="Slots and names">
      <FigureField v-model="form.firstSlot" label="First slot" :min="0" :max="9999" />
      <FigureField v-model="form.lastSlot" label="Last slot" :min="0" :max="9999" />
      <FigureField v-model="form.longestName" label="Longest name" :min="0" :max="32" />
      <v-checkbox v-model="form.smallLetters" label="Small letters" />
    </FieldRow>
    <FieldRow label="Stretches in MHz">
      <v-text-field v-model="form.receive" class="grow" label="Listens on, MHz" />
      <v-text-field v-model="form.transmit" class="grow" label="Talks on, MHz" />
    </FieldRow>
    <FieldRow>
      <v-text-field v-model="form.airband" class="grow" label="Hears AM on, MHz" placeholder="118-135.995" />
      <v-text-field v-model="form.watts" class="grow" label="Powers in W, highest first" />
      <v-checkbox v-model="form.narrow" label="Has NFM" />
    </FieldRow>
    <FieldRow label="Tones">
      <v-select v-model="form.ctcss" label="CTCSS tones" :items="[0, 38, 50, 51]" />
      <v-select v-model="form.dcs" label="DCS codes" :items="[0, 83, 104]" />
      <v-checkbox v-model="form.inverted" label="Inverted too" :disabled="form.dcs === 0" />
    </FieldRow>
    <FieldRow label="Shift and banks">
      <v-select v-model="form.shift" class="grow" label="A shift is kept as" :items="SHIFTS" />
      <FigureField v-model="form.banks" label="Banks" :min="0" :max="64" />
    </FieldRow>
    <v-checkbox v-model="form.listenOnly" label="A slot can be kept from talking" />
    <p v-if="problem" role="alert" class="wrong">{{ problem }}</p>
    <template #acts>
      <v-btn
        type="submit"
        color="primary"
        variant="flat"
        :disabled="busy || !form.maker.trim() || !form.model.trim()"
        >Make the model</v-btn
      >
      <v-btn @click="open = false">Cancel</v-btn>
    </template>
  </SheetDialog>
</template>
