<script setup lang="ts">
import { computed, ref, watch } from 'vue'

/** Another slot for a channel; nothing moves before it is said, so that 12 is never first 1. */
const props = defineProps<{ slotNumber: number; first: number; last: number; pinned: boolean }>()
const emit = defineEmits<{ move: [slot: number] }>()
const to = ref<number | null>(props.slotNumber)
watch(
  () => props.slotNumber,
  (now) => (to.value = now),
)
const moves = computed(() => to.value !== null && to.value !== props.slotNumber)
function move() {
  if (moves.value && to.value !== null) emit('move', to.value)
}
</script>

<template>
  <form class="field-row" @submit.prevent="move">
    <v-number-input
      v-model="to"
      class="short"
      :label="pinned ? 'Pinned to slot' : 'Move to slot'"
      :min="first"
      :max="last"
      :disabled="pinned"
    />
    <v-btn v-if="moves" type="submit">Move to {{ to }}</v-btn>
  </form>
</template>
