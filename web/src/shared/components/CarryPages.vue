<script setup lang="ts">
/** The pages of this step. */
const PAGES = [
  { name: 'carry', word: 'Key sheets' },
  { name: 'practice', word: 'Practice' },
]
</script>

<template>
  <nav aria-label="Pages of Carry" class="acts no-print">
    <v-btn
      v-for="each in PAGES"
      :key="each.name"
      size="small"
      :to="{ name: each.name }"
      :aria-current="$route.name === each.name ? 'page' : undefined"
      >{{ each.word }}</v-btn
    >
  </nav>
</template>
