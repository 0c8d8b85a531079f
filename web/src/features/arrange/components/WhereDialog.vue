<script setup lang="ts">
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import WhereForm from './WhereForm.vue'

/** Puts marked channels in order by their distance from a place, or along a way. */
defineProps<{ by: 'distance' | 'along' }>()
const emit = defineEmits<{ ask: [places: string[]] }>()
const open = defineModel<boolean>({ required: true })
function ask(places: string[]) {
  emit('ask', places)
  open.value = false
}
</script>

<template>
  <SheetDialog
    v-model="open"
    :title="by === 'distance' ? 'Order by distance' : 'Order along a way'"
    :width="640"
  >
    <WhereForm
      :key="by"
      :what="by === 'distance' ? 'From where?' : 'Which way?'"
      :by="by"
      act="Put in order"
      @ask="ask"
      @leave="open = false"
    />
  </SheetDialog>
</template>
