<script setup lang="ts">
import { computed, ref } from 'vue'
import { useKeys } from '@/shared/keys/useKeys'
import PageBar from '@/shared/ui/PageBar.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import SheetTable from '@/shared/ui/SheetTable.vue'
import { counted, moment } from '@/shared/words'
import BesideDialog from './components/BesideDialog.vue'
import SnapshotListDialog from './components/SnapshotListDialog.vue'
import SnapshotNoteDialog from './components/SnapshotNoteDialog.vue'
import TakeInDialog from './components/TakeInDialog.vue'
import ThinDialog from './components/ThinDialog.vue'
import { useLibrary, type Shelved } from './composables/useLibrary'

/** The library: what every radio held whenever it was read, for years. */
const { snapshots, radios, error, note, forget, thinning, thin, takeIn } = useLibrary()
const radio = ref('')
const words = ref('')
const shown = computed(() =>
  (snapshots.value ?? []).filter(
    (each) =>
      (!radio.value || each.radioId === radio.value) &&
      `${each.name} ${each.note} ${each.radio} ${each.model} ${each.reason}`
        .toLowerCase()
        .includes(words.value.trim().toLowerCase()),
  ),
)
const owners = computed(() => [
  { value: '', title: 'all radios' },
  ...[...new Map((snapshots.value ?? []).map((each) => [each.radioId, each.radio]))].map(
    ([value, title]) => ({ value, title }),
  ),
])
const title = (each: Shelved) => each.name || `${each.radio}, ${moment(each.takenAt)}`

const chosen = ref<string[]>([])
const pair = computed(() => (snapshots.value ?? []).filter((each) => chosen.value.includes(each.id)))
function choose(id: string, on: boolean) {
  // Two can be laid beside each other; a third takes the place of the first.
  chosen.value = on ? [...chosen.value, id].slice(-2) : chosen.value.filter((each) => each !== id)
}
const beside = ref(false)
const noting = ref<Shelved | null>(null)
const asList = ref<Shelved | null>(null)
const thinner = ref(false)
const letting = ref<Shelved | null>(null)
const asksLetting = computed({
  get: () => letting.value !== null,
  set: (now) => {
    if (!now) letting.value = null
  },
})
async function letGo() {
  const id = letting.value?.id
  letting.value = null
  if (id) await forget(id)
}
const taking = ref(false)

const work = ref<HTMLElement | null>(null)
const find = ref<{ focus: () => void } | null>(null)
useKeys({
  title: 'Snapshots',
  focus: () => work.value?.focus(),
  find: () => find.value?.focus(),
  keys: [
    {
      on: ['c'],
      shown: 'c',
      does: 'the two that are ticked beside each other',
      when: () => pair.value.length === 2,
      act: () => (beside.value = true),
    },
  ],
})
</script>

<template>
  <section ref="work" tabindex="-1" aria-label="Snapshots" class="column">
    <PageBar title="Snapshots">
      <span v-if="snapshots" class="quiet">{{ counted(snapshots.length, 'snapshot') }} of all radios</span>
      <template #acts>
        <v-btn :disabled="pair.length !== 2" @click="beside = true">Compare the two</v-btn>
        <v-btn @click="thinner = true">Thin out…</v-btn>
        <v-btn @click="taking = true">Bring a file…</v-btn>
      </template>
    </PageBar>
    <div class="pad stack scroll">
      <p v-if="error" role="alert" class="wrong">{{ error.message }}</p>
      <div class="acts filters">
        <v-select v-model="radio" label="Radio" :items="owners" density="compact" hide-details />
        <v-text-field ref="find" v-model="words" label="Find" density="compact" hide-details clearable />
      </div>
      <SheetTable v-if="shown.length" label="All snapshots">
        <thead>
          <tr>
            <th scope="col"><span class="unseen">Compare</span></th>
            <th scope="col">Snapshot</th>
            <th scope="col" class="figure">Channels</th>
            <th scope="col" class="roomy">Why it was kept</th>
            <th scope="col"><span class="unseen">What to do</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="each in shown" :key="each.id" class="middle">
            <td>
              <v-checkbox-btn
                :model-value="chosen.includes(each.id)"
                :aria-label="`Lay ${title(each)} beside another`"
                @update:model-value="(on: boolean) => choose(each.id, on)"
              />
            </td>
            <th scope="row">
              {{ title(each) }}
              <span class="quiet small note">
                {{ each.model
                }}<template v-if="each.name"> · {{ each.radio }}, {{ moment(each.takenAt) }}</template>
                <template v-if="each.kept"> · kept for ever</template>
              </span>
              <span v-if="each.note" class="small note">{{ each.note }}</span>
            </th>
            <td class="figure">{{ each.channels }}</td>
            <td class="roomy small">{{ each.reason }}</td>
            <td class="end">
              <v-btn size="small" :aria-label="`Name and note of ${title(each)}`" @click="noting = each"
                >Note…</v-btn
              >
              <v-btn size="small" :aria-label="`Make a list of ${title(each)}`" @click="asList = each"
                >As a list…</v-btn
              >
              <v-btn
                size="small"
                :aria-label="`Save ${title(each)} as a file`"
                :href="`/api/snapshots/${each.id}/file`"
                download
                >File</v-btn
              >
              <v-btn
                size="small"
                :aria-label="`Put ${title(each)} back`"
                :to="{ name: 'load', params: { radio: each.radioId }, query: { back: each.id } }"
                >Put back…</v-btn
              >
              <v-btn
                size="small"
                :disabled="each.kept || each.needed !== ''"
                :title="each.needed"
                :aria-label="`Let ${title(each)} go`"
                @click="letting = each"
                >Let go…</v-btn
              >
            </td>
          </tr>
        </tbody>
      </SheetTable>
      <p v-else-if="snapshots" class="quiet">
        {{
          snapshots.length
            ? 'None is like that.'
            : 'No radio was read yet. Each reading is kept here, and can be put back, looked at or made a list of.'
        }}
      </p>
    </div>
    <BesideDialog v-model="beside" :pair="pair" />
    <SnapshotNoteDialog
      v-model="noting"
      :keep="(name, text, kept) => note(noting?.id ?? '', name, text, kept)"
    />
    <SnapshotListDialog
      :model-value="asList?.id ?? null"
      :radio-id="asList?.radioId ?? ''"
      :radio-name="asList?.radio ?? ''"
      @update:model-value="asList = null"
    />
    <TakeInDialog v-model="taking" :radios="radios ?? []" :take-in="takeIn" />
    <ThinDialog v-model="thinner" :thinning="thinning" :thin="thin" />
    <SheetDialog v-model="asksLetting" title="Let a snapshot go">
      <p v-if="letting">
        {{ title(letting) }}, {{ counted(letting.channels, 'channel') }}. It cannot be brought back, unless
        you save it as a file first.
      </p>
      <template #acts>
        <v-btn color="error" variant="flat" @click="letGo">Let it go</v-btn>
        <v-btn data-first @click="letting = null">Keep it</v-btn>
      </template>
    </SheetDialog>
  </section>
</template>

<style scoped>
.scroll {
  flex: 1;
  min-height: 0;
  overflow: auto;
}
.filters {
  padding-top: 6px;
}
.filters > * {
  max-width: 260px;
  flex: 1 1 160px;
}
.end {
  white-space: nowrap;
}
.end .v-btn {
  margin-left: 6px;
}
@media (max-width: 720px) {
  .roomy {
    display: none;
  }
  thead {
    display: none;
  }
  tbody tr {
    display: grid;
    grid-template-columns: 48px minmax(0, 1fr) auto;
    align-items: center;
    border-bottom: 1px solid var(--line);
  }
  tbody td,
  tbody th {
    height: auto !important;
    border: 0 !important;
    padding-block: 4px !important;
  }
  .end {
    grid-column: 1 / -1;
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    white-space: normal;
  }
  .end .v-btn {
    margin-left: 0;
  }
}
</style>
