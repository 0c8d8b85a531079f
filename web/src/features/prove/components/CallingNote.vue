<script setup lang="ts">
import { useCalling } from '../composables/useDiagnosis'

const { data: note } = useCalling()
</script>

<template>
  <details v-if="note" class="calling">
    <summary>A first call, and emergencies</summary>
    <h2>A first call</h2>
    <ol>
      <li v-for="each in note.firstCall" :key="each">{{ each }}</li>
    </ol>
    <h2>When life is in danger</h2>
    <ol>
      <li v-for="each in note.emergency" :key="each">{{ each }}</li>
    </ol>
    <p class="quiet">{{ note.nothingSent }}</p>
  </details>
</template>

<style scoped>
.calling {
  border: 1px solid var(--line);
  border-radius: 6px;
  padding: 8px 14px;
  max-width: 70ch;
}
summary {
  cursor: pointer;
  min-height: 28px;
}
ol {
  padding-left: 20px;
  margin: 0 0 10px;
}
</style>
