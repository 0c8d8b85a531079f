<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, unwrap, type ListView, type Radio } from '@/shared/api/client'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { useFitIf } from '../composables/useFitIf'
import FitIf from './FitIf.vue'

/** What would become of the list if this radio were another model: for who is offered one. */
const props = defineProps<{ radio: Radio; list: ListView }>()
const open = defineModel<boolean>({ required: true })
const model = ref<string | null>(null)
const { data: models } = useQuery({
  queryKey: ['models'],
  enabled: open,
  queryFn: () => unwrap(api.GET('/api/radio-models')),
})
const others = computed(() => models.value?.filter((each) => each.id !== props.radio.modelId) ?? [])
const { data: what, error } = useFitIf(
  computed(() => props.radio.id),
  computed(() => props.list.id),
  computed(() => (open.value && model.value ? { places: null, model: model.value } : null)),
)
</script>

<template>
  <SheetDialog
    v-model="open"
    :title="`${list.name} in another model than the ${radio.model}`"
    :width="760"
    @submit="open = false"
  >
    <v-select
      v-model="model"
      data-first
      label="If it were a"
      :items="others"
      item-title="title"
      item-value="id"
    />
    <p v-if="error" role="alert">{{ error.message }}</p>
    <FitIf v-else-if="model && what" :what="what" />
    <template #acts><v-btn type="submit">Close</v-btn></template>
  </SheetDialog>
</template>
