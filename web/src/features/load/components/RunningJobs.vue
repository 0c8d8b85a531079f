<script setup lang="ts">
import { useRadios } from '@/shared/api/queries'
import type { Job } from '@/shared/api/client'
import { useRunningJobs } from '../composables/useJobs'

const { data: jobs } = useRunningJobs()
const { data: radios } = useRadios()
const name = (job: Job) => radios.value?.find((radio) => radio.id === job.radioId)?.name ?? job.radioId
const percent = (job: Job) => (job.bytesTotal ? Math.floor((100 * job.bytesDone) / job.bytesTotal) : 0)
</script>

<template>
  <router-link
    v-for="job in jobs"
    :key="job.id"
    class="job"
    :to="{ name: 'load', params: { radio: job.radioId } }"
  >
    {{ job.kind === 'READ' ? 'reading' : 'writing' }} {{ name(job) }} {{ percent(job) }} %
  </router-link>
</template>

<style scoped>
.job {
  color: inherit;
  white-space: nowrap;
}
</style>
