<script setup lang="ts">
import type { Radio } from '@/shared/api/client'

/** The person's radios, one of which is looked at. */
defineProps<{ radios: Radio[]; open: string; route: 'fit' | 'load' }>()
</script>

<template>
  <v-tabs :model-value="open" class="radios" aria-label="Radios" :height="48">
    <v-tab v-if="route === 'fit'" value="all" :to="{ name: 'matrix' }" replace>
      <span class="radio"><b>All radios</b><small class="quiet">side by side</small></span>
    </v-tab>
    <v-tab
      v-for="radio in radios"
      :key="radio.id"
      :value="radio.id"
      :to="{ name: route, params: { radio: radio.id } }"
      replace
    >
      <span class="radio">
        <b>{{ radio.name }}</b>
        <small :class="radio.halfWritten ? 'wrong' : 'quiet'">{{
          radio.halfWritten ? 'half written' : radio.model
        }}</small>
      </span>
    </v-tab>
  </v-tabs>
</template>

<style scoped>
.radios {
  flex: none;
  margin: 0 20px 12px;
  border-bottom: 1px solid var(--line);
}
.radio {
  display: grid;
  text-align: left;
  line-height: 1.25;
  color: var(--ink);
}
@media (max-width: 720px) {
  .radios {
    margin: 0 0 8px;
  }
}
</style>
