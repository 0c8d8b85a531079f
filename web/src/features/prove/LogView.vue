<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import { useDoing } from '@/shared/composables/useDoing'
import { useNotice } from '@/shared/composables/useNotice'
import { useKeys } from '@/shared/keys/useKeys'
import { saveFile } from '@/shared/saveFile'
import PageBar from '@/shared/ui/PageBar.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import SheetTable from '@/shared/ui/SheetTable.vue'
import { counted, moment } from '@/shared/words'
import CorrectTest from './components/CorrectTest.vue'
import ProvePages from './components/ProvePages.vue'
import TakeLog from './components/TakeLog.vue'
import { SEEN, useFieldLog, useTests, type FieldTest } from './composables/useFieldLog'

/** The log of all tests: filtered, corrected, given out and taken in. */
const { data: tests, error } = useTests()
const log = useFieldLog()
const does = useDoing()
const { tellProblem } = useNotice()
const words = ref('')
const result = ref('')
const radio = ref('')
const RESULTS = [
  { value: '', title: 'all results' },
  { value: 'proven', title: 'answered' },
  { value: 'heard', title: 'heard only' },
  { value: 'silent', title: 'silent' },
  { value: 'open', title: 'not finished' },
]
const radios = computed(() => [
  { value: '', title: 'all radios' },
  ...[...new Set((tests.value ?? []).map((each) => each.radio).filter(Boolean))]
    .sort()
    .map((each) => ({ value: each, title: each })),
])
const shown = computed(() =>
  (tests.value ?? []).filter(
    (each) =>
      (!result.value || each.result === result.value) &&
      (!radio.value || each.radio === radio.value) &&
      `${each.channel} ${each.line} ${each.place} ${each.radio} ${each.note} ${each.at.slice(0, 10)}`
        .toLowerCase()
        .includes((words.value ?? '').trim().toLowerCase()),
  ),
)
const all = computed(() => shown.value.length === tests.value?.length)
/** The whole log, or what is shown of it. */
async function give(as: 'csv' | 'json' | 'gpx') {
  try {
    const query = { as }
    const text = all.value
      ? await unwrap(api.GET('/api/tests/export', { params: { query }, parseAs: 'text' }))
      : await unwrap(
          api.POST('/api/tests/export', {
            params: { query },
            body: { which: shown.value.map((each) => each.id) },
            parseAs: 'text',
          }),
        )
    saveFile(new Blob([text], { type: 'text/plain' }), `field log.${as}`)
  } catch (cause) {
    tellProblem(cause)
  }
}
const seenWords = (each: FieldTest) =>
  each.seen.map((seen) => SEEN.find((one) => one.seen === seen)?.words.toLowerCase() ?? seen).join(', ')

const editing = ref<FieldTest | null>(null)
const letting = ref<FieldTest | null>(null)
const asksLetting = computed({
  get: () => letting.value !== null,
  set: (now) => !now && (letting.value = null),
})
async function letGo() {
  const id = letting.value?.id
  letting.value = null
  if (id)
    await does(() => unwrap(api.DELETE('/api/tests/{id}', { params: { path: { id } } })), 'The test is gone')
}
const taking = ref(false)
const work = ref<HTMLElement | null>(null)
const find = ref<{ focus: () => void } | null>(null)
useKeys({ title: 'Log', focus: () => work.value?.focus(), find: () => find.value?.focus(), keys: [] })
watch(work, (at) => at?.focus())
</script>

<template>
  <section ref="work" tabindex="-1" aria-label="Log" class="column">
    <PageBar title="Log">
      <span v-if="tests" class="quiet">{{ counted(tests.length, 'test') }} on the air</span>
      <template #acts><ProvePages /></template>
    </PageBar>
    <div class="pad stack scroll">
      <p v-if="error" role="alert" class="wrong">{{ error.message }}</p>
      <p v-if="log.unsent.value" role="status">
        {{ counted(log.unsent.value, 'test') }} kept in this browser; sent when the server answers.
      </p>
      <div class="acts filters">
        <v-text-field ref="find" v-model="words" label="Find" density="compact" hide-details clearable />
        <v-select v-model="result" label="Result" :items="RESULTS" density="compact" hide-details />
        <v-select v-model="radio" label="Radio" :items="radios" density="compact" hide-details />
        <v-btn size="small" :disabled="!shown.length" @click="give('csv')">CSV</v-btn>
        <v-btn size="small" :disabled="!shown.length" @click="give('json')">JSON</v-btn>
        <v-btn size="small" :disabled="!shown.length" @click="give('gpx')">GPX</v-btn>
        <v-btn size="small" @click="taking = true">Take a log in…</v-btn>
      </div>
      <SheetTable v-if="shown.length" label="All tests">
        <thead>
          <tr>
            <th scope="col">When</th>
            <th scope="col">Channel</th>
            <th scope="col">Result</th>
            <th scope="col">Where, with</th>
            <th scope="col" class="roomy">Seen and heard</th>
            <th scope="col"><span class="unseen">What to do</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="each in shown" :key="each.id">
            <td class="mono small">{{ moment(each.at) }}</td>
            <th scope="row">
              {{ each.channel || each.line }}<span class="quiet small mono under">{{ each.line }}</span>
            </th>
            <td>
              <span class="result" :class="each.result">{{ each.says }}</span>
            </td>
            <td class="small">{{ [each.place, each.radio].filter(Boolean).join(', ') || '–' }}</td>
            <td class="roomy small">
              {{ seenWords(each) }}<template v-if="each.strength">; strength {{ each.strength }}</template>
              <span v-if="each.note" class="under">{{ each.note }}</span>
            </td>
            <td class="end">
              <v-btn
                size="small"
                :aria-label="`Correct the test of ${each.channel}, ${moment(each.at)}`"
                @click="editing = each"
                >Correct…</v-btn
              >
              <v-btn
                size="small"
                :aria-label="`Let go the test of ${each.channel}, ${moment(each.at)}`"
                @click="letting = each"
                >Let go…</v-btn
              >
            </td>
          </tr>
        </tbody>
      </SheetTable>
      <p v-else-if="tests?.length" class="quiet">No test is like that.</p>
      <p v-else-if="tests">
        Nothing was tried yet. <router-link :to="{ name: 'prove' }">Try a channel on the spot</router-link>,
        or take a log in.
      </p>
    </div>
    <CorrectTest v-model="editing" />
    <SheetDialog v-model="asksLetting" title="Let a test go" @submit="letGo">
      <p>
        The test of {{ letting?.channel }} on {{ letting ? moment(letting.at) : '' }} goes for good. What it
        proved is not held for proven any more.
      </p>
      <template #acts>
        <v-btn type="submit" color="error" variant="flat">Let it go</v-btn>
        <v-btn data-first @click="letting = null">Keep it</v-btn>
      </template>
    </SheetDialog>
    <TakeLog v-model="taking" />
  </section>
</template>

<style scoped>
.filters > .v-input {
  flex: 1 1 150px;
  max-width: 260px;
}
.under {
  display: block;
  font-weight: 400;
}
.result {
  border-left: 4px solid var(--line);
  padding-left: 8px;
  white-space: nowrap;
}
.result.proven {
  border-color: var(--primary);
}
.result.silent {
  border-color: var(--error);
}
.result.heard {
  border-color: var(--doubt);
}
</style>
