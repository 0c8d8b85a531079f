<script setup lang="ts">
import { computed, ref, watch } from 'vue'

/** What to do on the radio right now, in large words, one step at a time; the radio itself tells when it is through. */
const props = defineProps<{ radio: string; steps: string[]; afterwards: string }>()
const at = ref(0)
watch(
  () => props.steps.join('\n'),
  () => (at.value = 0),
)
const last = computed(() => at.value >= props.steps.length - 1)
const turn = (by: number) => (at.value = Math.max(0, Math.min(props.steps.length - 1, at.value + by)))
defineExpose({ turn })
</script>

<template>
  <section class="person" aria-label="On the radio now">
    <p class="quiet small">
      On {{ radio }} now<template v-if="steps.length > 1"> · {{ at + 1 }} of {{ steps.length }}</template>
    </p>
    <p class="step" role="status">{{ steps[at] }}</p>
    <div v-if="steps.length > 1" class="acts">
      <v-btn size="small" :disabled="at === 0" @click="turn(-1)">Back</v-btn>
      <v-btn size="small" :disabled="last" @click="turn(1)">Done, next</v-btn>
    </div>
    <p class="quiet small">{{ last ? afterwards : '' }}</p>
  </section>
</template>

<style scoped>
.person {
  border: 1px solid var(--line);
  border-left: 3px solid var(--doubt);
  padding: 10px 14px;
  margin-bottom: 10px;
}
.step {
  font-size: 1.5rem;
  line-height: 1.3;
  margin: 4px 0 8px;
}
</style>
