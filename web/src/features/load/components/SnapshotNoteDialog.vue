<script setup lang="ts">
import { computed, reactive, watch } from 'vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import type { Shelved } from '../composables/useLibrary'

/** What somebody calls a snapshot, and whether it stays for ever. */
const props = defineProps<{ keep: (name: string, note: string, kept: boolean) => Promise<boolean> }>()
const snapshot = defineModel<Shelved | null>({ required: true })
const open = computed({
  get: () => snapshot.value !== null,
  set: (now) => {
    if (!now) snapshot.value = null
  },
})
const noted = reactive({ name: '', note: '', kept: false })
watch(snapshot, (now) => {
  if (now) Object.assign(noted, { name: now.name, note: now.note, kept: now.kept })
})
async function submit() {
  if (await props.keep(noted.name.trim(), noted.note.trim(), noted.kept)) open.value = false
}
</script>

<template>
  <SheetDialog v-model="open" title="Name and note of a snapshot" :width="520" @submit="submit">
    <v-text-field
      v-model="noted.name"
      data-first
      label="Name"
      maxlength="60"
      :placeholder="snapshot ? snapshot.radio : ''"
      hint="Without one it is called by its radio and its day."
      persistent-hint
    />
    <v-textarea v-model="noted.note" label="Note" rows="2" auto-grow maxlength="500" />
    <v-checkbox v-model="noted.kept" label="Keep it for ever, whatever is thinned out" hide-details />
    <template #acts>
      <v-btn type="submit" color="primary" variant="flat">Keep</v-btn>
      <v-btn @click="open = false">Cancel</v-btn>
    </template>
  </SheetDialog>
</template>
