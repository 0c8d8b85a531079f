<script setup lang="ts">
import type { Radio } from '@/shared/api/client'

/** Some of the radios, each on or off. */
const props = defineProps<{ radios: Radio[]; label: string }>()
const chosen = defineModel<string[]>({ required: true })
const toggle = (id: string) =>
  (chosen.value = chosen.value.includes(id)
    ? chosen.value.filter((each) => each !== id)
    : props.radios.map((each) => each.id).filter((each) => each === id || chosen.value.includes(each)))
</script>

<template>
  <div class="acts" role="group" :aria-label="label">
    <v-btn
      v-for="each in radios"
      :key="each.id"
      size="small"
      :aria-pressed="chosen.includes(each.id)"
      :class="{ on: chosen.includes(each.id) }"
      @click="toggle(each.id)"
      ><span aria-hidden="true">{{ chosen.includes(each.id) ? '✓ ' : '' }}</span
      >{{ each.name }}</v-btn
    >
  </div>
</template>

<style scoped>
.on {
  border-color: var(--primary);
  font-weight: 620;
}
</style>
