<script setup lang="ts">
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import DistanceForm from './DistanceForm.vue'

/** Puts marked channels in order by their distance from a place. */
const emit = defineEmits<{ ask: [place: string] }>()
const open = defineModel<boolean>({ required: true })
function ask(place: string) {
  emit('ask', place)
  open.value = false
}
</script>

<template>
  <SheetDialog v-model="open" title="Order by distance" :width="560">
    <DistanceForm what="From where?" act="Put in order" @ask="ask" @leave="open = false" />
  </SheetDialog>
</template>
