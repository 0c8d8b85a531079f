<script setup lang="ts">
import { ref, watch } from 'vue'

/** A figure that is always there: what is emptied and left is again what it was, so that nothing is ever worked out with none. */
defineProps<{ label: string }>()
const figure = defineModel<number>({ required: true })
const typed = ref<number | null>(figure.value)
watch(figure, (now) => (typed.value = now))
watch(typed, (now) => {
  if (now !== null) figure.value = now
})
</script>

<template>
  <v-number-input v-model="typed" :label="label" @blur="typed ??= figure" />
</template>
