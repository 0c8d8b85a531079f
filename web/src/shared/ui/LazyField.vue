<script setup lang="ts">
import { ref, watch } from 'vue'

/** A field whose text counts once it is entered or left, not letter by letter. */
defineProps<{ label?: string }>()
const text = defineModel<string>({ required: true })
const typed = ref(text.value)
watch(text, (now) => (typed.value = now))
</script>

<template>
  <v-text-field v-model="typed" :label="label" @blur="text = typed" @keydown.enter.prevent="text = typed" />
</template>
