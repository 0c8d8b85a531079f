<script setup lang="ts">
import { toRef } from 'vue'
import { useAtHand, type Act } from '../composables/useAtHand'

/** What a person does on a radio that is not loaded by itself, done here on the simulated one. */
const props = defineProps<{ radioId: string; busy: boolean }>()
const { hand, press } = useAtHand(
  toRef(() => props.radioId),
  toRef(() => props.busy),
)
const WORDS: Record<Act, string> = {
  send: 'Start its send',
  take: 'Set it to take',
  stop: 'Stop that',
  export: 'Export to its card',
  take_in: 'Take its card in',
}
</script>

<template>
  <section v-if="hand?.acts.length" class="stack" aria-label="With your hands on the radio">
    <h2>With your hands on it</h2>
    <div class="acts">
      <v-btn v-for="act in hand.acts" :key="act" size="small" @click="press(act)">{{ WORDS[act] }}</v-btn>
    </div>
    <p v-if="hand.shows" class="quiet small" role="status">
      It shows <b class="mono">{{ hand.shows }}</b>
    </p>
  </section>
</template>
