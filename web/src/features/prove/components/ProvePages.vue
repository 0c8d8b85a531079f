<script setup lang="ts">
import StepPages from '@/shared/components/StepPages.vue'

const PAGES = [
  { name: 'prove', word: 'On the spot' },
  { name: 'dry-run', word: 'Dry run' },
  { name: 'log', word: 'Log' },
  { name: 'ready', word: 'Readiness' },
]
</script>

<template>
  <StepPages step="Prove" :pages="PAGES" />
</template>
