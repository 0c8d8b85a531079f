<script setup lang="ts">
/** The head of a screen: what it is, what it is about, and what can be done with all of it. */
defineProps<{ title: string }>()
</script>

<template>
  <header class="page-bar">
    <h1>{{ title }}</h1>
    <slot />
    <v-spacer />
    <slot name="acts" />
  </header>
</template>

<style scoped>
.page-bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
  padding: 12px 20px 8px;
}
@media (max-width: 720px) {
  .page-bar {
    padding: 8px 12px 4px;
  }
}
</style>
