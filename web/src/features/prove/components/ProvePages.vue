<script setup lang="ts">
/** The four pages of this step. */
const PAGES = [
  { name: 'prove', word: 'On the spot' },
  { name: 'dry-run', word: 'Dry run' },
  { name: 'log', word: 'Log' },
  { name: 'ready', word: 'Readiness' },
]
</script>

<template>
  <nav aria-label="Pages of Prove" class="acts no-print">
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
