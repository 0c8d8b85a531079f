<script setup lang="ts">
import type { Radio } from '@/shared/api/client'
import { moment } from '@/shared/words'
import PersonSteps from './PersonSteps.vue'

/** A card is on its way into the radio; it is in it only when the radio has exported the very same. */
defineProps<{ radio: Radio }>()
const emit = defineEmits<{ forget: [] }>()
</script>

<template>
  <section v-if="radio.cardOut" aria-labelledby="card-out">
    <h2 id="card-out">The card is on its way</h2>
    <p class="quiet">
      {{ radio.cardOut.what }}, written {{ moment(radio.cardOut.writtenAt) }}. Nothing of it is said to be in
      {{ radio.name }} before the radio has exported it again.
    </p>
    <PersonSteps
      :radio="radio.name"
      :steps="[...radio.line.takeIn, ...radio.line.export]"
      afterwards="Then read the card here: that proves it."
    />
    <v-btn size="small" @click="emit('forget')">It will not be taken in</v-btn>
  </section>
</template>
