<script setup lang="ts">
import { computed } from 'vue'
import type { Job } from '@/shared/api/client'
import PersonSteps from './PersonSteps.vue'

const props = defineProps<{ job: Job; radio: string; lost: boolean }>()
const emit = defineEmits<{ cancel: [] }>()

const percent = computed(() =>
  props.job.bytesTotal ? (100 * props.job.bytesDone) / props.job.bytesTotal : 0,
)
const running = computed(() => props.job.state === 'RUNNING')
/** What it means to stop right now. */
const cancelMeans = computed(() =>
  props.job.kind === 'READ'
    ? 'Nothing is written by this; it can be stopped at any moment.'
    : props.job.writing
      ? 'The radio is being written. If it is stopped now, it is half written, and its snapshot brings it back.'
      : 'Nothing is written yet; it can be stopped without harm.',
)
const tells = computed(() => {
  const { bytesDone, bytesTotal, bytesPerSecond, secondsLeft } = props.job
  if (props.job.steps.length) return ''
  const parts = [`${bytesDone} of ${bytesTotal} bytes`]
  if (bytesPerSecond) parts.push(`${bytesPerSecond} bytes/s`)
  if (secondsLeft !== null) parts.push(secondsLeft === 1 ? '1 second left' : `${secondsLeft} seconds left`)
  return parts.join(' · ')
})
</script>

<template>
  <section class="job" :class="job.state.toLowerCase()" aria-label="Transfer">
    <template v-if="running">
      <PersonSteps
        v-if="job.steps.length"
        :radio="radio"
        :steps="job.steps"
        afterwards="It goes on by itself as soon as the radio answers."
      />
      <div class="line">
        <b>{{ job.phase }}…</b>
        <span class="quiet mono">{{ tells }}</span>
        <v-btn :disabled="job.cancelRequested" @click="emit('cancel')">
          {{ job.cancelRequested ? 'Stopping…' : 'Cancel' }}
        </v-btn>
      </div>
      <v-progress-linear
        :model-value="percent"
        color="primary"
        height="8"
        rounded
        aria-label="Transfer progress"
      />
      <p v-if="lost" role="alert">
        The server does not answer. The transfer goes on there; this page asks again.
      </p>
    </template>
    <p v-if="running && job.word" class="quiet small">{{ job.word }}</p>
    <p v-if="running" class="quiet small">{{ cancelMeans }}</p>
    <p v-if="!running" :role="job.state === 'DONE' ? 'status' : 'alert'">
      {{ job.message }}{{ job.word ? ` ${job.word}` : '' }}
    </p>
  </section>
</template>

<style scoped>
.job {
  border-left: 3px solid var(--primary);
  padding: 4px 0 4px 12px;
}
.failed,
.interrupted {
  border-color: var(--error);
}
.cancelled {
  border-color: var(--doubt);
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 16px;
  margin-bottom: 8px;
}
.line .v-btn {
  margin-left: auto;
}
</style>
