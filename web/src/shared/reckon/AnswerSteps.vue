<script setup lang="ts">
import { computed } from 'vue'
import type { ReckonAnswer } from '@/shared/api/client'

/** Where every part of the answer comes from, and how the shift is set by hand. */
const props = defineProps<{ answer: ReckonAnswer }>()
const SOURCES: Record<string, string> = {
  published: '“',
  'worked out by rule': '§',
  arithmetic: '=',
  'typed over by you': '✎',
  usual: '·',
}
const typedOver = computed(() => props.answer.working.filter((step) => step.was !== ''))
</script>

<template>
  <section v-if="typedOver.length" aria-label="Typed over by you">
    <h2>✎ Typed over by you</h2>
    <ul class="bare small over">
      <li v-for="step in typedOver" :key="step.what">
        {{ step.what }} <b class="mono">{{ step.value }}</b>, {{ step.was }}
      </li>
    </ul>
  </section>
  <details v-if="answer.working.length" class="small">
    <summary>Every step, with its source</summary>
    <ol class="bare">
      <li v-for="step in answer.working" :key="step.what">
        <span class="source" aria-hidden="true">{{ SOURCES[step.source] }}</span>
        <b>{{ step.what }}</b> {{ step.value }}
        <span class="quiet">{{ step.how }} ({{ step.source }})</span>
      </li>
    </ol>
    <p class="quiet">{{ answer.caution }}</p>
  </details>
  <details v-if="answer.keying.length" class="small">
    <summary>The shift by hand on {{ answer.keying.map((each) => each.radio).join(', ') }}</summary>
    <ol v-for="each in answer.keying" :key="each.radio" class="keying">
      <li v-for="step in each.steps" :key="step">{{ step }}</li>
    </ol>
  </details>
</template>

<style scoped>
.source {
  display: inline-block;
  width: 16px;
  color: var(--primary);
  font-weight: 600;
}
details li {
  margin-top: 6px;
}
.keying {
  padding-left: 20px;
}
</style>
