<script setup lang="ts">
import { computed } from 'vue'

const props = defineProps<{
  verdict: 'likely' | 'marginal' | 'unlikely' | null
  dead: boolean
  bare?: boolean
}>()
const says = computed(() => (props.dead ? 'looks dead' : (props.verdict ?? 'no position')))
</script>

<template>
  <span class="reach" :class="dead ? 'dead' : (verdict ?? 'unknown')">
    <!-- A mast; the waves on either side say how well it is heard, a bar across it that it looks dead. -->
    <svg viewBox="0 0 22 18" width="22" height="18" aria-hidden="true">
      <path d="M11 7v10M8 17h6" />
      <circle cx="11" cy="5.5" r="1.7" />
      <template v-if="!dead">
        <path
          v-if="verdict === 'likely' || verdict === 'marginal'"
          d="M7.6 9a5 5 0 0 1 0-7M14.4 2a5 5 0 0 1 0 7"
        />
        <path v-if="verdict === 'likely'" d="M4.6 11a9 9 0 0 1 0-10.4M17.4.6a9 9 0 0 1 0 10.4" />
      </template>
      <path v-else d="M4 15 18 3" />
    </svg>
    <span :class="{ unseen: bare }">{{ says }}</span>
  </span>
</template>

<style scoped>
.reach {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  white-space: nowrap;
}
svg {
  flex: none;
  fill: none;
  stroke: currentColor;
  stroke-width: 1.7;
  stroke-linecap: round;
}
circle {
  fill: currentColor;
  stroke: none;
}
.likely {
  color: var(--primary);
}
.marginal {
  color: var(--doubt);
}
.unlikely,
.unknown {
  color: var(--quiet);
}
.dead {
  color: var(--error);
}
</style>
