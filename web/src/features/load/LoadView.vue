<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import SheetDialog from '@/shared/components/SheetDialog.vue'
import RadioTabs from '@/shared/components/RadioTabs.vue'
import { useNotice } from '@/shared/composables/useNotice'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useOpenRadio } from '@/shared/composables/useOpenRadio'
import { useScreen } from '@/shared/keys/useScreen'
import { counted, moment } from '@/shared/words'
import DifferenceTable from './components/DifferenceTable.vue'
import JobProgress from './components/JobProgress.vue'
import RadioFace from './components/RadioFace.vue'
import SnapshotList from './components/SnapshotList.vue'
import { useDifference } from './composables/useDifference'
import { cancelJob, useRadioJob } from './composables/useJobs'

const { open, openId } = useOpenList()
const { radios, radio, unknown, error } = useOpenRadio()
const radioId = computed(() => radio.value?.id ?? null)
const { job, lost: serverLost, start, running } = useRadioJob(radioId)
/** The slots that the person leaves as they are; null while nothing was chosen. */
const leave = ref<number[] | null>(null)
const {
  data: difference,
  error: differenceError,
  isPlaceholderData: stale,
} = useDifference(radio, openId, leave)
watch([() => radio.value?.id, openId, () => radio.value?.newestSnapshot?.id], () => (leave.value = null))
const { tellProblem } = useNotice()

const changes = computed(() => difference.value?.slots.map((each) => each.change) ?? [])
const count = computed(() => difference.value?.slots.filter((each) => !each.left).length ?? 0)
const loss = computed(() => difference.value?.loses ?? 0)
/** What is written, in numbers: 5 new, 3 changed, 9 removed. */
const sum = computed(() => {
  const now = difference.value
  if (!now) return ''
  const parts = [
    [now.added, 'new'],
    [now.changed, 'changed'],
    [now.replaced, 'replaced'],
    [now.removed, 'removed'],
  ] as const
  return parts
    .filter(([number]) => number > 0)
    .map(([number, word]) => `${number} ${word}`)
    .join(', ')
})
const writeWords = computed(() => {
  const name = radio.value?.name ?? ''
  if (!count.value) return `Nothing to write to ${name}`
  return difference.value?.removed === count.value
    ? `Remove ${counted(count.value, 'channel')} from ${name}`
    : `Write ${sum.value} to ${name}`
})
const lost = computed(
  () =>
    difference.value?.slots
      .filter((each) => !each.left && each.change.takesAway)
      .map(
        (each) =>
          `${each.change.before?.name || each.change.before?.listen || 'unreadable'} (slot ${each.change.slot})`,
      ) ?? [],
)
function choose(slots: number[], left: boolean) {
  const now = new Set(difference.value?.slots.filter((each) => each.left).map((each) => each.change.slot))
  for (const slot of slots) {
    if (left) now.add(slot)
    else now.delete(slot)
  }
  leave.value = [...now].sort((a, b) => a - b)
}
const ofTheRadio = computed(
  () =>
    difference.value?.slots
      .filter((each) => each.change.kind === 'removed' && !each.fromList)
      .map((each) => each.change.slot) ?? [],
)
const allStay = computed(() => difference.value?.keptOfTheRadio === ofTheRadio.value.length)

const asking = ref(false)
const work = ref<HTMLElement | null>(null)
useScreen({ onKey: () => false, focus: () => work.value?.focus() })
onMounted(() => work.value?.focus())
const params = () => ({ path: { radioId: radioId.value ?? '' } })

const read = () => start(() => unwrap(api.POST('/api/radios/{radioId}/read', { params: params() })))
const restore = (snapshotId: string) =>
  start(() => unwrap(api.POST('/api/radios/{radioId}/restore', { params: params(), body: { snapshotId } })))
/** Two ways in, so that no second click on the first button is ever taken for the answer to what is asked. */
function write() {
  if (difference.value?.mustBeAsked) asking.value = true
  else writeAsMeant()
}
function writeAsMeant() {
  asking.value = false
  const seen = difference.value
  if (!seen) return
  const { listId, listVersion, snapshotId } = seen
  const left = seen.slots.filter((each) => each.left).map((each) => each.change.slot)
  const body = { listId, listVersion, snapshotId, leave: left, takesAway: loss.value }
  void start(() => unwrap(api.POST('/api/radios/{radioId}/write', { params: params(), body })))
}
const cancel = () => job.value && cancelJob(job.value.id).catch(tellProblem)
</script>

<template>
  <div class="load">
    <section ref="work" class="middle" tabindex="-1" aria-label="Load">
      <header>
        <h1>Load</h1>
        <span v-if="open" class="quiet">{{ open.name }} into a radio: read, look, write, read back</span>
      </header>
      <p v-if="error" class="pad" role="alert">{{ error.message }}</p>
      <RadioTabs v-if="radios" :radios="radios" :open="radio?.id ?? ''" route="load" />
      <p v-if="unknown" class="pad" role="alert">
        There is no radio “{{ unknown }}” here. Choose one of those above; nothing was read or written.
      </p>
      <div v-if="radio" class="steps">
        <div v-if="radio.halfWritten && !running" class="half" role="alert">
          <b>{{ radio.name }} is half written.</b>
          A write was begun and not brought to an end, so nobody knows what it holds. Put back what it held
          before.
          <v-btn v-if="radio.snapshotToPutBack" color="error" @click="restore(radio.snapshotToPutBack)">
            Put the snapshot back into {{ radio.name }}
          </v-btn>
        </div>
        <JobProgress v-if="job" :job="job" :lost="serverLost" @cancel="cancel" />
        <p v-if="radio.baud === null" class="no-cable">
          The {{ radio.model }} is not loaded by cable here.
          <router-link :to="{ name: 'fit', params: { radio: radio.id } }">Fit shows</router-link>
          what of the list goes into it and what does not.
        </p>
        <section v-else aria-labelledby="step-read">
          <h2 id="step-read">1 · Read</h2>
          <div class="action">
            <v-btn :disabled="running" @click="read">Read {{ radio.name }}</v-btn>
            <span class="quiet">
              <template v-if="radio.newestSnapshot">
                Newest snapshot {{ moment(radio.newestSnapshot.takenAt) }},
                {{ counted(radio.newestSnapshot.channels, 'channel') }}.
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
              :disabled="running || stale || count === 0 || radio.halfWritten"
              @click="write"
            >
              {{ writeWords }}
            </v-btn>
            <span class="quiet">
              <template v-if="count">
                {{ difference.bytesToWrite }} bytes, about {{ difference.secondsAtLineSpeed }} s at
                {{ radio.baud }} baud; it will hold {{ counted(difference.held, 'channel') }}
              </template>
              <template v-else-if="open && !open.channels"
                >{{ open.name }} has no channels; {{ radio.name }} stays as it is.</template
              >
              <template v-else>{{ radio.name }} holds all that fits of {{ open?.name }}.</template>
            </span>
          </div>
          <p v-if="ofTheRadio.length" class="own">
            <template v-if="difference.keptOfTheRadio"
              >{{ counted(difference.keptOfTheRadio, 'channel') }} only in {{ radio.name }}
              {{ difference.keptOfTheRadio === 1 ? 'stays' : 'stay' }} as
              {{ difference.keptOfTheRadio === 1 ? 'it is' : 'they are' }}.
            </template>
            <template v-else>Channels only in {{ radio.name }} are to be removed.</template>
            <v-btn size="small" @click="choose(ofTheRadio, !allStay)">
              {{ allStay ? `Remove ${ofTheRadio.length === 1 ? 'it' : 'them'} too` : 'Keep them all' }}
            </v-btn>
          </p>
          <div
            v-if="changes.length"
            class="scroll"
            tabindex="0"
            role="region"
            aria-label="Difference slot by slot"
          >
            <DifferenceTable
              :changes="changes"
              :planned="difference.slots"
              @leave="(slot, left) => choose([slot], left)"
            />
          </div>
        </section>
        <p v-if="differenceError" role="alert">{{ differenceError.message }}</p>
        <SheetDialog v-model="asking" :title="`${counted(loss, 'channel')} of ${radio.name} would go`">
          <p>
            Writing {{ open?.name }} takes away what {{ radio.name }} holds now:
            {{ lost.slice(0, 8).join(', ')
            }}<template v-if="lost.length > 8"> and {{ lost.length - 8 }} more</template>. It will hold
            {{ counted(difference?.held ?? 0, 'channel') }} afterwards. The snapshot of
            {{ radio.newestSnapshot ? moment(radio.newestSnapshot.takenAt) : '' }} keeps them, and can be put
            back.
          </p>
          <div class="acts">
            <v-btn color="error" variant="flat" @click="writeAsMeant"
              >Write, and let {{ loss === 1 ? 'it' : 'them' }} go</v-btn
            >
            <v-btn autofocus @click="asking = false">Write nothing</v-btn>
          </div>
        </SheetDialog>
        <SnapshotList :radio-id="radio.id" :radio-name="radio.name" :busy="running" @restore="restore" />
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
.own {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  margin: 10px 0 0;
  font-size: 13.5px;
}
.acts {
  display: flex;
  gap: 8px;
}
.middle:focus {
  outline: none;
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
.no-cable a {
  color: var(--primary);
}
</style>
