<script setup lang="ts">
import { counted } from '@/shared/words'

/** Lines came in while others of before still wait: nothing is joined unasked. */
const props = defineProps<{ arrived: string; waiting: string }>()
const emit = defineEmits<{ take: [join: boolean]; leave: [] }>()
const lines = (text: string) => text.trim().split(/\r?\n/).length
const waits = () =>
  `${counted(lines(props.waiting), 'line')} of before ${lines(props.waiting) === 1 ? 'waits' : 'wait'}`
</script>

<template>
  <div class="arrived acts pad" role="status">
    <p>{{ counted(lines(arrived), 'line') }} came in, and {{ waits() }} here still.</p>
    <v-btn color="primary" variant="flat" @click="emit('take', false)">Only the new ones</v-btn>
    <v-btn @click="emit('take', true)">Add them behind</v-btn>
    <v-btn @click="emit('leave')">Leave the new ones out</v-btn>
  </div>
</template>
