<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, unwrap } from '@/shared/api/client'
import SwapList from '@/shared/components/SwapList.vue'
import RadioTabs from '@/shared/components/RadioTabs.vue'
import { useCounterpart } from '@/shared/composables/useCounterpart'
import { useNotice } from '@/shared/composables/useNotice'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useOpenRadio } from '@/shared/composables/useOpenRadio'
import { useKeys } from '@/shared/keys/useKeys'
import PageBar from '@/shared/ui/PageBar.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { counted, moment } from '@/shared/words'
import CardOut from './components/CardOut.vue'
import HalfWritten from './components/HalfWritten.vue'
import JobProgress from './components/JobProgress.vue'
import RadioFace from './components/RadioFace.vue'
import ByHandList from './components/ByHandList.vue'
import PlanQueue from './components/PlanQueue.vue'
import ReachLine from './components/ReachLine.vue'
import ReadStep from './components/ReadStep.vue'
import SnapshotList from './components/SnapshotList.vue'
import WriteStep from './components/WriteStep.vue'
import { useCard } from './composables/useCard'
import { cancelJob, useRadioJob } from './composables/useJobs'
import { useSound } from './composables/useSound'
import { useIntoList } from './composables/useIntoList'
import { useKeptPlans } from './composables/usePlans'
import { useWriting } from './composables/useWriting'

const { lists, open, openId } = useOpenList()
const { swap } = useCounterpart()
const { radios, radio, unknown, error } = useOpenRadio()
const radioId = computed(() => radio.value?.id ?? null)
const { job, lost: serverLost, start, running } = useRadioJob(radioId)
const writing = useWriting(radio, openId, start)
const sound = useSound(job)
const card = useCard(radioId, start)
const { difference, stale, lost, asking } = writing
const intoList = useIntoList()
const { keep } = useKeptPlans()
const loss = computed(() => difference.value?.loses ?? 0)

/** How many of the changes made on the radio would be written over. */
const driftOver = computed(
  () => difference.value?.slots.filter((each) => !each.left && each.origin.endsWith('_since')).length ?? 0,
)

/** What the radio was written with last, when that is another list than the open one. */
const held = computed(() => {
  const loaded = radio.value?.loaded
  if (!loaded || (loaded.listId ? loaded.listId === openId.value : loaded.listName === open.value?.name))
    return ''
  const name = lists.value?.find((each) => each.id === loaded.listId)?.name ?? loaded.listName
  return `${radio.value?.name} was written with ${name} last, on ${moment(loaded.since)}.`
})

/** The snapshot that is looked at before it is put back, where another screen or the radio's state asks for one. */
const route = useRoute()
const back = ref<string | null>(null)
watch(
  () => route.query.back,
  (now) => (back.value = typeof now === 'string' ? now : null),
  { immediate: true },
)

async function lookAt(snapshot: string) {
  back.value = null
  await nextTick()
  back.value = snapshot
}

const { tellProblem } = useNotice()
const params = () => ({ path: { radioId: radioId.value ?? '' } })
const read = () => start(() => unwrap(api.POST('/api/radios/{radioId}/read', { params: params() })))
const restore = (snapshotId: string) =>
  start(() => unwrap(api.POST('/api/radios/{radioId}/restore', { params: params(), body: { snapshotId } })))
const cancel = () => job.value && cancelJob(job.value.id).catch(tellProblem)

const work = ref<HTMLElement | null>(null)
useKeys({
  title: 'Load',
  focus: () => work.value?.focus(),
  keys: [
    {
      on: ['r'],
      shown: 'r',
      does: 'read the radio',
      when: () => !running.value && radio.value !== null && radio.value.line.reached !== 'none',
      act: read,
    },
    { on: ['h'], shown: 'h', does: 'swap home list and trip list', act: swap },
  ],
})
watch(work, (now) => now?.focus())
</script>

<template>
  <div class="load">
    <section ref="work" class="middle" tabindex="-1" aria-label="Load">
      <PageBar title="Load">
        <span v-if="open" class="quiet">{{ open.name }} into a radio: read, look, write, read back</span>
        <template #acts>
          <v-btn :aria-pressed="sound.on.value" @click="sound.toggle"
            >Sound {{ sound.on.value ? 'on' : 'off' }}</v-btn
          >
          <SwapList />
        </template>
      </PageBar>
      <p v-if="error" class="pad" role="alert">{{ error.message }}</p>
      <RadioTabs v-if="radios" :radios="radios" :open="radio?.id ?? ''" route="load" />
      <p v-if="unknown" class="pad" role="alert">
        There is no radio “{{ unknown }}” here. Choose one of those above; nothing was read or written.
      </p>
      <div v-if="radio" class="steps stack">
        <p v-if="held" class="quiet">{{ held }}</p>
        <HalfWritten v-if="radio.halfWritten && !running" :radio="radio" @restore="restore" />
        <v-alert
          v-if="radio.heldBeforeReset && !radio.halfWritten && !running"
          type="warning"
          variant="outlined"
          border="start"
          :title="`${radio.name} holds no channel any more.`"
        >
          <p>
            It was reset, or it is another radio. On {{ moment(radio.heldBeforeReset.takenAt) }} it held
            {{ counted(radio.heldBeforeReset.channels, 'channel') }}.
          </p>
          <v-btn class="mt-2" @click="lookAt(radio.heldBeforeReset.id)">Put that back…</v-btn>
        </v-alert>
        <ReachLine v-if="radio.line.way !== 'keys'" :radio="radio" :busy="running" />
        <JobProgress v-if="job" :job="job" :radio="radio.name" :lost="serverLost" @cancel="cancel" />
        <ByHandList v-if="!running" :key="radio.id" :radio-id="radio.id" :radio-name="radio.name" />
        <CardOut v-if="radio.cardOut && !running" :radio="radio" @forget="card.forget" />
        <p v-if="radio.line.way === 'keys'">
          The {{ radio.model }} is not loaded by cable or card here.
          <router-link :to="{ name: 'fit', params: { radio: radio.id } }">Fit shows</router-link>
          what of the list goes into it and what does not.
        </p>
        <ReadStep v-else :radio="radio" :running="running" @read="read" @zip="card.readZip" />
        <WriteStep
          v-if="difference && !radio.unknownSince"
          v-model:settings="writing.settings.value"
          :radio="radio"
          :difference="difference"
          :list-name="open?.name ?? ''"
          :empty="open?.channels === 0"
          :count="writing.count.value"
          :words="writing.words.value"
          :blocked="running || stale || radio.halfWritten || card.packing.value"
          @write="writing.write()"
          @zip="writing.write(card.writeZip)"
          @keep="writing.write((body) => keep(radio!.id, body), 'Keep it')"
          @choose="writing.choose"
          @into="(slots) => intoList(radio!.id, difference!.snapshotId, slots)"
        />
        <p v-if="writing.error.value" role="alert">{{ writing.error.value.message }}</p>
        <PlanQueue />
        <SnapshotList
          :key="radio.id"
          :radio-id="radio.id"
          :radio-name="radio.name"
          :busy="running"
          :back="back"
          @restore="restore"
        />
        <SheetDialog
          v-model="asking"
          :title="
            loss
              ? `${counted(loss, 'channel')} of ${radio.name} would go`
              : `What was changed on ${radio.name} would be written over`
          "
        >
          <p v-if="loss">
            Writing {{ open?.name }} takes away what {{ radio.name }} holds now:
            {{ lost.slice(0, 8).join(', ')
            }}<template v-if="lost.length > 8"> and {{ lost.length - 8 }} more</template>. It will hold
            {{ counted(difference?.held ?? 0, 'channel') }} afterwards.
          </p>
          <p v-if="driftOver">
            {{ counted(driftOver, 'slot') }} {{ driftOver === 1 ? 'was' : 'were' }} changed on the radio since
            it was written last, and {{ driftOver === 1 ? 'goes' : 'go' }} back to what the list says.
          </p>
          <p>
            The snapshot of {{ radio.newestSnapshot ? moment(radio.newestSnapshot.takenAt) : '' }} keeps what
            it holds now, and can be put back.
          </p>
          <template #acts>
            <v-btn color="error" variant="flat" @click="writing.writeAsMeant">{{
              loss
                ? `${writing.verb.value}, and let ${loss === 1 ? 'it' : 'them'} go`
                : `${writing.verb.value} over what was changed`
            }}</v-btn>
            <v-btn data-first @click="asking = false">{{
              writing.verb.value === 'Write' ? 'Write nothing' : 'Keep nothing'
            }}</v-btn>
          </template>
        </SheetDialog>
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
.steps {
  gap: 20px;
  padding: 0 20px 24px;
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
}
</style>
