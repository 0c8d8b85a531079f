<script setup lang="ts">
import type { Radio } from '@/shared/api/client'

defineProps<{ radio: Radio }>()
const emit = defineEmits<{ restore: [snapshotId: string] }>()
</script>

<template>
  <v-alert
    class="half"
    type="error"
    variant="outlined"
    border="start"
    :title="`${radio.name} is half written.`"
  >
    <p>
      A write was begun and not brought to an end, so nobody knows what it holds. Put back what it held
      before.
    </p>
    <v-btn
      v-if="radio.snapshotToPutBack"
      color="error"
      class="mt-2"
      @click="emit('restore', radio.snapshotToPutBack)"
    >
      Put the snapshot back into {{ radio.name }}
    </v-btn>
  </v-alert>
</template>
