<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap, type Radio } from '@/shared/api/client'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { counted } from '@/shared/words'

/** Asks before a retired radio is deleted, and says how many snapshots go with it. */
const props = defineProps<{ radio: Radio; remove: (snapshots: number) => Promise<boolean> }>()
const open = defineModel<boolean>({ required: true })
const { data: snapshots, error } = useQuery({
  queryKey: ['snapshots', computed(() => props.radio.id), 'count'],
  enabled: open,
  queryFn: async () =>
    (await unwrap(api.GET('/api/radios/{id}/snapshots', { params: { path: { id: props.radio.id } } })))
      .length,
})
async function submit() {
  if (snapshots.value === undefined) return
  if (await props.remove(snapshots.value)) open.value = false
}
</script>

<template>
  <SheetDialog v-model="open" :title="`Delete ${radio.name}?`" :width="480" @submit="submit">
    <p v-if="error" role="alert">{{ error.message }}</p>
    <p v-else-if="snapshots === undefined">Counting its snapshots…</p>
    <p v-else>
      This deletes the radio and {{ counted(snapshots, 'snapshot') }} for good. Its tests stay in the log.
    </p>
    <template #acts>
      <v-btn type="submit" color="error" variant="flat" :disabled="snapshots === undefined"
        >Delete radio</v-btn
      >
      <v-btn data-first @click="open = false">Cancel</v-btn>
    </template>
  </SheetDialog>
</template>
