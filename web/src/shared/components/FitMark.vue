<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'

const props = defineProps<{ mark: Schemas['RowFit']['mark']; radio?: string }>()
const words = computed(() => props.mark.replace('_', ' '))
const label = computed(() => (props.radio ? `${props.radio}: ${words.value}` : words.value))
</script>

<template>
  <svg class="fit" :class="mark" viewBox="0 0 12 12" role="img" :aria-label="label">
    <title>{{ label }}</title>
    <circle v-if="mark === 'exact'" cx="6" cy="6" r="3.2" fill="currentColor" />
    <g v-else-if="mark === 'adapted'">
      <circle cx="6" cy="6" r="4.6" fill="none" stroke="currentColor" stroke-width="1.5" />
      <path d="M6 1.4a4.6 4.6 0 0 0 0 9.2z" fill="currentColor" />
    </g>
    <path v-else-if="mark === 'by_hand'" d="M1.5 10.5l.6-2.6L8.6 1.4l2 2-6.5 6.5z" fill="currentColor" />
    <circle v-else cx="6" cy="6" r="4.4" fill="none" stroke="currentColor" stroke-width="1.6" />
  </svg>
</template>

<style scoped>
.fit {
  width: 13px;
  height: 13px;
  flex: none;
}
.exact {
  color: var(--quiet);
}
.adapted {
  color: var(--doubt);
}
.by_hand {
  color: var(--note);
}
.left_out {
  color: var(--error);
}
</style>
