<script setup lang="ts">
import { useRadios } from '@/shared/api/queries'
import type { Job } from '@/shared/api/client'
import { useRunningImports, useRunningJobs } from './useRunning'

const { data: jobs } = useRunningJobs()
const { data: radios } = useRadios()
const { data: imports } = useRunningImports()
const name = (job: Job) => radios.value?.find((radio) => radio.id === job.radioId)?.name ?? job.radioId
const percent = (job: Job) =>
  job.bytesDone ? ` ${Math.floor((100 * job.bytesDone) / job.bytesTotal)} %` : ''
</script>

<template>
  <router-link
    v-for="job in jobs"
    :key="job.id"
    class="job"
    :to="{ name: 'load', params: { radio: job.radioId } }"
  >
    {{ name(job) }} · {{ job.phase }}{{ percent(job) }}
  </router-link>
  <router-link
    v-for="each in imports"
    :key="each.id"
    class="job"
    :to="{ name: 'sources', params: { id: each.id } }"
  >
    {{ each.name }} {{ Math.floor((100 * each.rowsRead) / Math.max(1, each.rowsTotal)) }} %
  </router-link>
</template>

<style scoped>
.job {
  color: inherit;
  white-space: nowrap;
}
</style>
