<script setup lang="ts">
import { toRef } from 'vue'
import type { Radio } from '@/shared/api/client'
import RadioDisplay from '@/shared/components/RadioDisplay.vue'
import { useListFace } from '../composables/useListFace'

/** The display of a radio as it would be with the list in it; nothing is written. */
const props = defineProps<{ radio: Radio; list: string; turnedTo: number; version: number }>()
const { display, error, press } = useListFace(
  toRef(() => props.radio.id),
  toRef(() => props.list),
  toRef(() => props.turnedTo),
  toRef(() => props.version),
)
</script>

<template>
  <section class="stack" :aria-label="`How ${radio.name} shows it`">
    <h2>How the {{ radio.model }} shows it</h2>
    <p v-if="error" role="alert">{{ error.message }}</p>
    <RadioDisplay v-else steady :display="display" @press="press" />
  </section>
</template>
