<script setup lang="ts">
defineProps<{ title: string; width?: number }>()
const open = defineModel<boolean>({ required: true })
</script>

<template>
  <v-dialog v-model="open" :max-width="width ?? 460" scrollable :aria-label="title">
    <div class="sheet">
      <h1>{{ title }}</h1>
      <slot />
    </div>
  </v-dialog>
</template>

<style scoped>
.sheet {
  background: var(--ground);
  color: var(--ink);
  border-radius: 6px;
  padding: 20px;
  overflow: auto;
}
</style>
