<script setup lang="ts">
import { computed } from 'vue'
import type { Placement, ReckonAnswer } from '@/shared/api/client'
import FitMark from '@/shared/components/FitMark.vue'

/** Both tones with what they do, the kind and the power, and what the radios make of it where that is known. */
const props = defineProps<{ answer: ReckonAnswer; radios?: boolean }>()
const talks = computed(() => props.answer.transmitHz !== null)
const markOf = (words: string) => words.replace(' ', '_') as Placement['mark']
const tones = computed(() =>
  props.answer.working.filter((step) => step.what === 'Talk tone' || step.what === 'Listen tone'),
)
</script>

<template>
  <dl class="tones facts">
    <template v-for="tone in tones" :key="tone.what">
      <dt>{{ tone.what }}</dt>
      <dd>
        <b class="mono" :class="tone.what === 'Talk tone' ? 'talk' : 'listen'">{{ tone.value }}</b>,
        {{ tone.how }}
      </dd>
    </template>
    <dt>{{ talks ? 'Kind, power' : 'Kind' }}</dt>
    <dd>
      {{ answer.emission }}<template v-if="talks">, {{ answer.power }}</template>
    </dd>
    <template v-if="radios">
      <template v-for="radio in answer.place?.radios" :key="radio.radio">
        <dt>{{ radio.radio }}</dt>
        <dd>
          <FitMark :mark="markOf(radio.mark)" /> {{ radio.mark
          }}<template v-if="radio.why.length">: {{ radio.why.join(' ') }}</template>
        </dd>
      </template>
    </template>
  </dl>
</template>

<style scoped>
.tones {
  margin-top: 8px;
}
</style>
