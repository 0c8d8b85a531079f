<script setup lang="ts">
import type { Finding } from '@/shared/api/client'
import SeverityMark from './SeverityMark.vue'

defineProps<{ findings: Finding[] }>()
const emit = defineEmits<{ fix: [line: string] }>()
</script>

<template>
  <ul class="findings" aria-label="Findings">
    <li v-for="finding in findings" :key="finding.code + finding.field" :class="finding.severity">
      <p class="what"><SeverityMark :severity="finding.severity" />{{ finding.message }}</p>
      <p class="why">{{ finding.why }}</p>
      <div v-if="finding.fixes.length" class="fixes">
        <v-btn
          v-for="fix in finding.fixes"
          :key="fix.line"
          size="small"
          :title="fix.line"
          @click="emit('fix', fix.line)"
        >
          {{ fix.label }}
        </v-btn>
      </div>
    </li>
  </ul>
</template>

<style scoped>
.findings {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 12px;
}
li {
  border-left: 3px solid var(--note);
  padding: 2px 0 2px 12px;
}
li.doubt {
  border-color: var(--doubt);
}
li.error {
  border-color: var(--error);
}
p {
  margin: 0;
}
.what {
  font-weight: 560;
  display: flex;
  gap: 8px;
  align-items: baseline;
}
.why {
  color: var(--quiet);
  font-size: 13.5px;
}
.fixes {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 6px;
}
</style>
