<script setup lang="ts">
import type { RunningWork } from '@/shared/api/client'
import { useRunning } from './useRunning'

const { data: running } = useRunning()
const to = (work: RunningWork) =>
  work.kind === 'transfer'
    ? { name: 'load', params: { radio: work.of } }
    : { name: 'sources', params: { id: work.of } }
const percent = (work: RunningWork) =>
  work.done && work.total ? ` ${Math.floor((100 * work.done) / work.total)} %` : ''
</script>

<template>
  <router-link v-for="work in running" :key="work.id" class="job" :to="to(work)">
    {{ work.name }} · {{ work.phase }}{{ percent(work) }}
  </router-link>
</template>

<style scoped>
.job {
  color: inherit;
  white-space: nowrap;
}
</style>
