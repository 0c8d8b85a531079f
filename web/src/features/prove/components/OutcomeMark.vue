<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'

/** What a channel does there: a shape and a word, never a colour alone. */
defineProps<{ outcome: Schemas['DryCellView']['outcome']; words: string; short?: boolean }>()
</script>

<template>
  <span class="outcome" :class="outcome">
    <svg viewBox="0 0 12 12" aria-hidden="true">
      <path
        v-if="outcome === 'opens'"
        d="M1.5 6.5l3 3 6-7"
        fill="none"
        stroke="currentColor"
        stroke-width="2"
      />
      <path
        v-else-if="outcome === 'perhaps'"
        d="M1 7c2-4 3 2 5-1s3-3 5-1"
        fill="none"
        stroke="currentColor"
        stroke-width="1.8"
      />
      <path
        v-else-if="outcome === 'direct' || outcome === 'listens'"
        d="M1 6h10M8 3l3 3-3 3"
        fill="none"
        stroke="currentColor"
        stroke-width="1.5"
      />
      <path
        v-else-if="outcome === 'heard_only' || outcome === 'unheard'"
        d="M6 1.5l5 9H1z"
        fill="currentColor"
      />
      <path
        v-else-if="outcome === 'silent'"
        d="M2 2l8 8M10 2l-8 8"
        fill="none"
        stroke="currentColor"
        stroke-width="2"
      />
      <path v-else d="M3 6h6" stroke="currentColor" stroke-width="1.5" />
    </svg>
    <span :class="{ unseen: short }">{{ words }}</span>
  </span>
</template>

<style scoped>
.outcome {
  display: inline-flex;
  align-items: center;
  gap: 5px;
  white-space: nowrap;
  position: relative;
}
svg {
  width: 12px;
  height: 12px;
  flex: none;
}
.opens {
  color: var(--primary);
}
.perhaps,
.heard_only,
.unheard {
  color: var(--doubt);
}
.silent {
  color: var(--error);
}
.direct,
.listens,
.not_listed,
.not_in_radio {
  color: var(--quiet);
}
</style>
