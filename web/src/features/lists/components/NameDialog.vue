<script setup lang="ts">
import { ref, watch } from 'vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'

/** Asks for the name of a list; what cannot be kept stays as it was typed. */
const props = defineProps<{
  title: string
  act: string
  first: string
  done: (name: string) => Promise<boolean>
}>()
const open = defineModel<boolean>({ required: true })
const name = ref('')
watch(
  open,
  (now) => {
    if (now) name.value = props.first
  },
  { immediate: true },
)
const busy = ref(false)
async function submit() {
  if (busy.value || !name.value.trim()) return
  busy.value = true
  if (await props.done(name.value.trim())) open.value = false
  busy.value = false
}
</script>

<template>
  <SheetDialog v-model="open" :title="title" @submit="submit">
    <v-text-field v-model="name" label="Name" maxlength="60" data-first />
    <template #acts>
      <v-btn type="submit" color="primary" variant="flat" :disabled="!name.trim()">{{ act }}</v-btn>
      <v-btn @click="open = false">Cancel</v-btn>
    </template>
  </SheetDialog>
</template>
