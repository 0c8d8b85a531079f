<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Schemas } from '@/shared/api/client'
import FigureField from '@/shared/ui/FigureField.vue'

/** At which slots of this radio a list goes. */
const props = defineProps<{ carrying: Schemas['CarryingView'] }>()
const emit = defineEmits<{ place: [places: Schemas['CarryingView']['places'], by: number] }>()
const WAYS = [
  { value: 'same', title: 'the same numbers as in the list' },
  { value: 'packed', title: 'packed, one behind the other' },
  { value: 'moved', title: 'moved by' },
]
const by = ref(props.carrying.by || 1)
watch(
  () => props.carrying.by,
  (now) => now && (by.value = now),
)
watch(by, (now) => {
  if (props.carrying.places === 'moved' && now !== props.carrying.by) emit('place', 'moved', now)
})
</script>

<template>
  <v-select
    class="ways"
    label="Its slots"
    :model-value="carrying.places"
    :items="WAYS"
    @update:model-value="(way) => emit('place', way, way === 'moved' ? by : 0)"
  />
  <FigureField
    v-if="carrying.places === 'moved'"
    v-model="by"
    class="short"
    label="Slots up"
    :min="-9999"
    :max="9999"
  />
</template>

<style scoped>
.ways {
  --field: 250px;
}
</style>
