<script setup lang="ts">
defineProps<{ chosen: number; listName: string | null; canPlan: boolean }>()
defineEmits<{ take: []; plan: [] }>()
</script>

<template>
  <footer class="acts">
    <v-btn color="primary" variant="flat" :disabled="!chosen || !listName" @click="$emit('take')">
      Take {{ chosen || 'the chosen' }} into {{ listName ?? 'a list' }}…
    </v-btn>
    <v-btn v-if="canPlan" @click="$emit('plan')">Plan the trip</v-btn>
    <v-spacer />
    <span class="quiet small"><kbd>?</kbd> all keys</span>
  </footer>
</template>

<style scoped>
footer {
  padding: 8px 16px;
  border-top: 1px solid var(--line);
}
</style>
