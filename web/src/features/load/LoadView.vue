<script setup lang="ts">
import { computed } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import RadioTabs from '@/shared/components/RadioTabs.vue'
import { useNotice } from '@/shared/composables/useNotice'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useOpenRadio } from '@/shared/composables/useOpenRadio'
import DifferenceTable from './components/DifferenceTable.vue'
import JobProgress from './components/JobProgress.vue'
import RadioFace from './components/RadioFace.vue'
import SnapshotList from './components/SnapshotList.vue'
import { useDifference } from './composables/useDifference'
import { cancelJob, useRadioJob } from './composables/useJobs'

const { open, openId } = useOpenList()
const { radios, radio, error } = useOpenRadio()
const radioId = computed(() => radio.value?.id ?? null)
const { job, lost, start, running } = useRadioJob(radioId)
const { data: difference } = useDifference(radio, openId)
const { tellProblem } = useNotice()

const when = (at: string) =>
  new Date(at).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })
const count = computed(() => difference.value?.slots.length ?? 0)
const params = () => ({ path: { radioId: radioId.value ?? '' } })

const read = () => start(() => unwrap(api.POST('/api/radios/{radioId}/read', { params: params() })))
const restore = (snapshotId: string) =>
  start(() => unwrap(api.POST('/api/radios/{radioId}/restore', { params: params(), body: { snapshotId } })))
function write() {
  const seen = difference.value
  if (!seen) return
  const { listId, listVersion, snapshotId } = seen
  const body = { listId, listVersion, snapshotId }
  void start(() => unwrap(api.POST('/api/radios/{radioId}/write', { params: params(), body })))
}
const cancel = () => job.value && cancelJob(job.value.id).catch(tellProblem)
</script>

<template>
  <div class="load">
    <section class="middle">
      <header>
        <h1>Load</h1>
        <span v-if="open" class="quiet">{{ open.name }} into a radio: read, look, write, read back</span>
      </header>
      <p v-if="error" class="pad" role="alert">{{ error.message }}</p>
      <RadioTabs v-if="radios && radio" :radios="radios" :open="radio.id" route="load" />
      <div v-if="radio" class="steps">
        <div v-if="radio.halfWritten && !running" class="half" role="alert">
          <b>{{ radio.name }} is half written.</b>
          A write was begun and not brought to an end, so nobody knows what it holds. Put back what it held
          before.
          <v-btn v-if="radio.snapshotToPutBack" color="error" @click="restore(radio.snapshotToPutBack)">
            Put the snapshot back into {{ radio.name }}
          </v-btn>
        </div>
        <JobProgress v-if="job" :job="job" :lost="lost" @cancel="cancel" />
        <section aria-labelledby="step-read">
          <h2 id="step-read">1 · Read</h2>
          <div class="action">
            <v-btn :disabled="running" @click="read">Read {{ radio.name }}</v-btn>
            <span class="quiet">
              <template v-if="radio.newestSnapshot">
                Newest snapshot {{ when(radio.newestSnapshot.takenAt) }},
                {{ radio.newestSnapshot.channels }} channels.
              </template>
              <template v-else>Not read yet. Nothing is written before a snapshot exists.</template>
            </span>
          </div>
          <p v-if="radio.simulated" class="person quiet">
            A simulated radio: its cable is always in. With a real one:
          </p>
          <ol class="person quiet">
            <li v-for="step in radio.person" :key="step">{{ step }}</li>
          </ol>
        </section>
        <section v-if="difference" aria-labelledby="step-write">
          <h2 id="step-write">2 · Look and write</h2>
          <div class="action">
            <v-btn
              color="primary"
              variant="flat"
              :disabled="running || count === 0 || radio.halfWritten"
              @click="write"
            >
              Write {{ count }} changed {{ count === 1 ? 'slot' : 'slots' }} to {{ radio.name }}
            </v-btn>
            <span class="quiet">
              <template v-if="count">
                {{ difference.bytesToWrite }} bytes, about {{ difference.secondsAtLineSpeed }} s at
                {{ radio.baud }} baud
              </template>
              <template v-else>{{ radio.name }} holds exactly what fits of {{ open?.name }}.</template>
            </span>
          </div>
          <div v-if="count" class="scroll" tabindex="0" role="region" aria-label="Difference slot by slot">
            <DifferenceTable :difference="difference" />
          </div>
        </section>
        <SnapshotList :radio-id="radio.id" :busy="running" @restore="restore" />
      </div>
    </section>
    <aside v-if="radio?.simulated" class="side" aria-label="Radio">
      <RadioFace :key="radio.id" :radio="radio" :busy="running" />
    </aside>
  </div>
</template>

<style scoped>
.load {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  height: 100%;
}
.middle {
  overflow: auto;
  min-width: 0;
}
header {
  display: flex;
  gap: 14px;
  align-items: baseline;
  padding: 14px 20px 12px;
}
.pad {
  padding: 0 20px;
}
.steps {
  display: grid;
  gap: 20px;
  padding: 0 20px 24px;
}
.action {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}
.person {
  margin: 8px 0 0;
  font-size: 13.5px;
}
ol.person {
  margin-top: 2px;
  padding-left: 20px;
}
.half {
  border-left: 3px solid var(--error);
  padding: 4px 0 4px 12px;
}
.half .v-btn {
  display: flex;
  margin-top: 8px;
}
.scroll {
  margin-top: 12px;
  max-height: 420px;
  overflow: auto;
  border: 1px solid var(--line);
  border-radius: 6px;
}
.side {
  border-left: 1px solid var(--line);
  padding: 14px 16px;
  overflow: auto;
}
@media (max-width: 720px) {
  .load {
    display: block;
    overflow: auto;
  }
  .side {
    border-left: 0;
    border-top: 1px solid var(--line);
  }
  .scroll {
    max-height: none;
  }
}
</style>
