<script setup lang="ts">
/** The pages of a step. */
defineProps<{ step: string; pages: { name: string; word: string }[] }>()
</script>

<template>
  <nav :aria-label="`Pages of ${step}`" class="acts no-print">
    <v-btn
      v-for="each in pages"
      :key="each.name"
      size="small"
      :to="{ name: each.name }"
      :aria-current="$route.name === each.name ? 'page' : undefined"
      >{{ each.word }}</v-btn
    >
  </nav>
</template>

<script lang="ts">
/** Those of Carry. */
export const CARRY = [
  { name: 'carry', word: 'Key sheets' },
  { name: 'cards', word: 'Cards' },
  { name: 'practice', word: 'Practice' },
]
</script>
