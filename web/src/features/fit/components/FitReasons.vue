<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import FindingList from '@/shared/components/FindingList.vue'

/** Why a channel is not just as in the list in one radio, and what would mend it in the list. */
defineProps<{ fit: Schemas['ChannelFit']; busy: boolean }>()
const emit = defineEmits<{ fix: [line: string] }>()
</script>

<template>
  <div v-for="reason in fit.reasons" :key="reason.finding.code + reason.field">
    <p v-if="reason.after" class="mono small">{{ reason.field }}: {{ reason.before }} → {{ reason.after }}</p>
    <FindingList :findings="[reason.finding]" :inert="busy" @fix="(line) => emit('fix', line)" />
  </div>
  <p v-if="fit.reasons.some((each) => each.byPolicy)">
    <v-btn size="small" :to="{ name: 'arrange', hash: '#policies' }">For the whole list…</v-btn>
  </p>
  <FindingList
    v-if="fit.findings.length"
    :findings="fit.findings"
    :inert="busy"
    @fix="(line) => emit('fix', line)"
  />
</template>
