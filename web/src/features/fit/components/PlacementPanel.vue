<script setup lang="ts">
import type { Placement, Schemas } from '@/shared/api/client'
import FitMark from '@/shared/components/FitMark.vue'
import FitReasons from './FitReasons.vue'

/** What becomes of one channel in the radio, why, and what would mend it in the list. */
defineProps<{ placement: Placement; fit: Schemas['ChannelFit'] | null; busy: boolean }>()
const emit = defineEmits<{ fix: [line: string] }>()
</script>

<template>
  <div class="placement stack">
    <h2>Slot {{ placement.slot }} {{ placement.label }}</h2>
    <p>
      <FitMark :mark="placement.mark" /> <b>{{ placement.mark.replace('_', ' ') }}</b>
      <template v-if="placement.mark === 'exact'">: the radio does just what the list says.</template>
    </p>
    <FitReasons v-if="fit" :fit="fit" :busy="busy" @fix="(line) => emit('fix', line)" />
    <p v-if="placement.place !== null && placement.place !== placement.slot" class="quiet">
      It stands in slot {{ placement.place }} of the radio.
    </p>
    <slot />
  </div>
</template>
