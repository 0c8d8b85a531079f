<script setup lang="ts">
import type { ListView, Row } from '@/shared/api/client'
import FitMark from '@/shared/components/FitMark.vue'
import SeverityMark from '@/shared/components/SeverityMark.vue'

/** What each of the person's radios makes of a channel. */
const props = defineProps<{ row: Row; radios: ListView['radios'] }>()
const name = (id: string) => props.radios.find((radio) => radio.id === id)?.name ?? id
</script>

<template>
  <section aria-label="On your radios">
    <h2>On your radios</h2>
    <dl class="facts radios">
      <template v-for="fit in row.fits" :key="fit.radioId">
        <dt><FitMark :mark="fit.mark" /> {{ name(fit.radioId) }}</dt>
        <dd class="quiet">
          {{ fit.mark === 'left_out' ? 'left out' : `${fit.mark.replace('_', ' ')}, slot ${fit.place}` }}
          <p v-for="finding in fit.findings" :key="finding.code">
            <SeverityMark :severity="finding.severity" /> {{ finding.message }}
          </p>
          <p v-for="reason in fit.reasons" :key="reason.code + reason.field">
            <template v-if="reason.after">
              {{ reason.field }}: <span class="mono">{{ reason.before }} → {{ reason.after }}</span>
            </template>
            <template v-else>{{ reason.why }}</template>
          </p>
        </dd>
      </template>
    </dl>
  </section>
</template>

<style scoped>
.radios {
  --facts: 110px;
}
.radios dt {
  color: var(--ink);
}
</style>
