<script setup lang="ts">
import type { Radio, Schemas } from '@/shared/api/client'
import PairFigures from '@/shared/components/PairFigures.vue'
import { moment } from '@/shared/words'
import type { FieldTest } from '../composables/useFieldLog'

/** The channel that is tried: what it is, where it is in the radio, and when it was answered last. */
defineProps<{
  row: Schemas['RowView']
  radio: Radio | null
  slotInRadio: number | null
  proof: FieldTest | undefined
}>()
</script>

<template>
  <div class="what">
    <h2 class="name">{{ row.label }}</h2>
    <PairFigures v-if="row.sum" :sum="row.sum" />
    <p class="quiet small">
      <span class="mono">{{ row.line }}</span>
      <template v-if="radio">
        ·
        {{ slotInRadio === null ? `not in ${radio.name}` : `slot ${slotInRadio} of ${radio.name}` }}</template
      >
      ·
      <template v-if="proof"
        >answered {{ moment(proof.at) }}<template v-if="proof.place"> at {{ proof.place }}</template
        ><template v-if="proof.radio"> by {{ proof.radio }}</template></template
      >
      <template v-else-if="row.proven">marked as proven on {{ row.proven }}</template>
      <template v-else>never answered</template>
    </p>
  </div>
</template>

<style scoped>
.name {
  font-size: 20px;
  color: var(--ink);
  margin: 0 0 2px;
}
</style>
