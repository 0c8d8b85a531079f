<script setup lang="ts">
import type { Finding } from '@/shared/api/client'

defineProps<{ severity: Finding['severity'] }>()
</script>

<template>
  <svg class="mark" :class="severity" viewBox="0 0 12 12" role="img" :aria-label="severity">
    <title>{{ severity }}</title>
    <rect x="1" y="1" width="10" height="10" fill="none" stroke="currentColor" stroke-width="1.6" />
    <path v-if="severity === 'error'" d="M1 1h10v10H1z" fill="currentColor" />
    <path v-if="severity === 'doubt'" d="M1 1h5v10H1z" fill="currentColor" />
  </svg>
</template>

<style scoped>
.mark {
  width: 12px;
  height: 12px;
  flex: none;
}
.error {
  color: var(--error);
}
.doubt {
  color: var(--doubt);
}
.note {
  color: var(--note);
}
</style>
