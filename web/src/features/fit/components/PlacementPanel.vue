<script setup lang="ts">
import type { Placement } from '@/shared/api/client'
import FitMark from '@/shared/components/FitMark.vue'
import SeverityMark from '@/shared/components/SeverityMark.vue'

/** What becomes of one channel in the radio, why, and what would avoid it. */
defineProps<{ placement: Placement }>()
</script>

<template>
  <div class="placement stack">
    <h2>Slot {{ placement.slot }} {{ placement.label }}</h2>
    <p>
      <FitMark :mark="placement.mark" /> <b>{{ placement.mark.replace('_', ' ') }}</b>
      <template v-if="placement.mark === 'exact'">: the radio does just what the list says.</template>
    </p>
    <section v-for="reason in placement.reasons" :key="reason.code + reason.field" class="reason">
      <p>{{ reason.why }}</p>
      <p v-if="reason.after" class="mono">{{ reason.before }} → {{ reason.after }}</p>
      <p v-if="reason.avoid" class="quiet">{{ reason.avoid }}</p>
    </section>
    <p v-if="placement.place !== null && placement.place !== placement.slot" class="quiet">
      It stands in slot {{ placement.place }} of the radio.
    </p>
    <section v-for="finding in placement.findings" :key="finding.code" class="reason">
      <p><SeverityMark :severity="finding.severity" /> {{ finding.message }}</p>
      <p class="quiet">{{ finding.why }}</p>
    </section>
    <slot />
  </div>
</template>

<style scoped>
.reason {
  border-left: 3px solid var(--line);
  padding-left: 12px;
  display: grid;
  gap: 4px;
}
</style>
