<script setup lang="ts">
import { computed } from 'vue'
import type { ReckonAnswer } from '@/shared/api/client'
import PairFigures from '@/shared/components/PairFigures.vue'

/** Where one listens and talks, and the arithmetic between, written out. */
const props = defineProps<{ answer: ReckonAnswer; named?: boolean }>()
const rule = computed(() => props.answer.working.find((step) => step.what === 'Shift')?.how)
const duplex = computed(
  () => props.answer.sum.talk !== '' && !['simplex', 'split'].includes(props.answer.sum.shift),
)
const lines = computed(() => {
  const { listen, shift, talk } = props.answer.sum
  return [
    ['listen', listen],
    ['shift', shift],
    ['talk', talk],
  ]
})
</script>

<template>
  <div>
    <p v-if="named" class="quiet small">
      <template v-if="answer.name"
        >Named <b>{{ answer.name }}</b></template
      >
      <template v-else>No name</template>
    </p>
    <PairFigures :sum="answer.sum" />
    <dl v-if="duplex" class="calc" aria-label="Arithmetic">
      <div v-for="[what, figure] in lines" :key="what" :class="what">
        <dt>{{ what }}</dt>
        <dd>{{ figure }} MHz</dd>
      </div>
    </dl>
    <p v-if="rule" class="quiet small rule">{{ rule.charAt(0).toUpperCase() + rule.slice(1) }}.</p>
  </div>
</template>

<style scoped>
.calc {
  font: 14.5px var(--mono);
  border: solid var(--line);
  border-width: 1px 0;
  padding: 8px 0;
  margin-top: 10px;
}
.calc div {
  display: flex;
  justify-content: space-between;
  color: var(--ink);
}
.calc .talk {
  border-top: 1px solid var(--ink);
  margin-top: 3px;
  padding-top: 3px;
  font-weight: 600;
}
.rule {
  margin-top: 8px;
}
</style>
