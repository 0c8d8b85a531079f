<script setup lang="ts">
import { computed } from 'vue'
import PlaceField from '@/shared/components/PlaceField.vue'
import FieldRow from '@/shared/ui/FieldRow.vue'
import { PARTS, type Naming } from '../naming'
import { spot } from '../orders'

/** What names are made of, in the order chosen. */
defineProps<{ label: string }>()
const naming = defineModel<Naming>({ required: true })
const parts = computed({
  get: () => naming.value.parts,
  set: (now: Naming['parts']) => (naming.value = { ...naming.value, parts: now }),
})
const from = computed({
  get: () => naming.value.from?.place ?? '',
  set(now: string) {
    if (now !== naming.value.from?.place) naming.value = { ...naming.value, from: now ? spot(now) : null }
  },
})
</script>

<template>
  <FieldRow>
    <v-select v-model="parts" class="grow" :label="label" multiple chips :items="PARTS" />
    <PlaceField
      v-if="parts.includes('distance')"
      v-model="from"
      class="grow"
      label="Distance from (place, coordinates or locator)"
    />
  </FieldRow>
</template>
