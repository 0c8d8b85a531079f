<script setup lang="ts">
import type { Row, Schemas } from '@/shared/api/client'
import FitMark from '@/shared/components/FitMark.vue'
import FitReasons from './FitReasons.vue'

/** What every radio makes of one channel, why, and what would mend it for all of them. */
defineProps<{ row: Row; fits: Schemas['ChannelFit'][]; busy: boolean }>()
const emit = defineEmits<{ fix: [line: string] }>()
</script>

<template>
  <div class="stack">
    <h2>Slot {{ row.slot }} {{ row.label }}</h2>
    <p class="mono line">{{ row.line }}</p>
    <section v-for="fit in fits" :key="fit.radioId" class="one" :aria-label="fit.radio">
      <p>
        <FitMark :mark="fit.mark" /> <b>{{ fit.radio }}</b>
        <span class="quiet how">
          {{
            fit.mark === 'left_out' ? 'left out' : `${fit.mark.replace('_', ' ')}, slot ${fit.place}`
          }}</span
        >
      </p>
      <FitReasons :fit="fit" :busy="busy" @fix="(line) => emit('fix', line)" />
    </section>
  </div>
</template>

<style scoped>
.one {
  border-left: 3px solid var(--line);
  padding-left: 12px;
  display: grid;
  gap: 4px;
}
.how {
  margin-left: 6px;
}
.line {
  overflow-wrap: anywhere;
}
</style>
