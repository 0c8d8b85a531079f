<script setup lang="ts">
import { useNotice } from '@/shared/composables/useNotice'

/** What was done, or why not: a row of its own, so that it covers nothing. */
const { notice } = useNotice()
</script>

<template>
  <div class="notice no-print" :class="{ grave: notice?.grave }">
    <p :role="notice?.grave ? 'alert' : 'status'">{{ notice?.text }}</p>
    <v-btn v-if="notice" size="small" variant="text" @click="notice = null">Close</v-btn>
  </div>
</template>

<style scoped>
.notice {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 0 20px;
  background: var(--bar);
  color: var(--bar-ink);
  font-size: 13.5px;
}
p {
  padding: 6px 0;
  flex: 1;
}
p:empty {
  padding: 0;
}
.grave {
  border-left: 4px solid var(--error);
}
</style>
