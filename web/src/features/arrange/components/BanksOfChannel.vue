<script setup lang="ts">
import { computed } from 'vue'
import type { ListView, Row } from '@/shared/api/client'

/** The banks that a channel is in, and whether a scan stops at it. */
const props = defineProps<{ list: ListView; row: Row }>()
const banks = computed(() =>
  props.list.banks.banks.flatMap((bank, i) =>
    bank.channels.includes(props.row.id) ? [`${i + 1} ${bank.name}`] : [],
  ),
)
const scan = computed(() => {
  const skipped = props.list.banks.skipped.find((each) => each.channel === props.row.id)
  if (!skipped) return props.row.scan ? 'A scan stops at it, as you said.' : 'A scan stops at it.'
  return skipped.why ? `A scan passes it by: ${skipped.why}.` : 'A scan passes it by, as you said.'
})
</script>

<template>
  <section aria-label="Banks of the channel">
    <h2>Banks and scan</h2>
    <p>
      <template v-if="banks.length">In {{ banks.join(', ') }}. </template>
      <span :class="{ quiet: banks.length > 0 }">{{ scan }}</span>
      <b v-if="list.banks.priority === row.id"> It comes back here again and again.</b>
    </p>
  </section>
</template>
