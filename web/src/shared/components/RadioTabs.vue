<script setup lang="ts">
import type { Radio } from '@/shared/api/client'

defineProps<{ radios: Radio[]; open: string; route: 'fit' | 'load' }>()
</script>

<template>
  <nav class="tabs" aria-label="Radios">
    <router-link
      v-for="radio in radios"
      :key="radio.id"
      :to="{ name: route, params: { radio: radio.id } }"
      :aria-current="radio.id === open ? 'page' : undefined"
    >
      <b>{{ radio.name }}</b>
      <span>{{ radio.halfWritten ? 'half written' : radio.model }}</span>
    </router-link>
  </nav>
</template>

<style scoped>
.tabs {
  display: flex;
  gap: 8px;
  padding: 0 20px 12px;
  overflow-x: auto;
}
a {
  display: grid;
  padding: 6px 14px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--surface);
  color: var(--ink);
  text-decoration: none;
  white-space: nowrap;
}
a span {
  color: var(--quiet);
  font-size: 12.5px;
}
a[aria-current] {
  border-color: var(--primary);
  box-shadow: inset 0 -3px 0 var(--primary);
}
</style>
