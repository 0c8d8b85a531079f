<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Radio } from '@/shared/api/client'
import SheetDialog from '@/shared/ui/SheetDialog.vue'

/** A file of a snapshot comes to a radio of its model. */
const props = defineProps<{ radios: Radio[]; takeIn: (radio: string, text: string) => Promise<boolean> }>()
const open = defineModel<boolean>({ required: true })
const radio = ref('')
const file = ref<File | null>(null)
const able = computed(() =>
  props.radios
    .filter((each) => each.line.way !== 'keys')
    .map((each) => ({ value: each.id, title: `${each.name} (${each.model})` })),
)
watch(open, (now) => {
  if (now) file.value = null
})
async function submit() {
  if (!radio.value || !file.value) return
  if (await props.takeIn(radio.value, await file.value.text())) open.value = false
}
</script>

<template>
  <SheetDialog v-model="open" title="Bring a snapshot from a file" :width="520" @submit="submit">
    <v-select v-model="radio" data-first label="Radio that it goes to" :items="able" />
    <v-file-input
      v-model="file"
      label="File"
      accept=".txt,text/plain"
      hint="A damaged file, and one of another model, is refused."
      persistent-hint
    />
    <template #acts>
      <v-btn type="submit" color="primary" variant="flat" :disabled="!radio || !file">Bring it</v-btn>
      <v-btn @click="open = false">Cancel</v-btn>
    </template>
  </SheetDialog>
</template>
