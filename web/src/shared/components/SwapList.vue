<script setup lang="ts">
import { useCounterpart } from '@/shared/composables/useCounterpart'

/** To the other one of home list and trip list. */
const { other, away, swap } = useCounterpart()
</script>

<template>
  <v-btn
    v-if="other"
    size="small"
    :color="away ? 'primary' : undefined"
    :variant="away ? 'flat' : undefined"
    title="Swap home list and trip list (h)"
    @click="swap"
  >
    {{ away ? 'Back to' : 'Over to' }} {{ other.name }}
  </v-btn>
</template>
