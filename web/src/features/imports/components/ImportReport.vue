<script setup lang="ts">
import { useInfiniteQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, unwrap, type Import } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'

const props = defineProps<{ brought: Import }>()
const emit = defineEmits<{ changed: [next: Import] }>()
const { tell, tellProblem } = useNotice()

const KINDS = [
  { kind: 'added', words: 'new' },
  { kind: 'changed', words: 'changed' },
  { kind: 'gone', words: 'no longer in it' },
  { kind: 'doubtful', words: 'in doubt' },
  { kind: 'bad', words: 'bad' },
  { kind: 'same', words: 'as before' },
] as const
const of = (kind: (typeof KINDS)[number]['kind']) =>
  kind === 'gone' ? props.brought.gone : props.brought.counts[kind]
const kind = ref<(typeof KINDS)[number]['kind']>('added')
const settled = computed(() => props.brought.state === 'read' || props.brought.state === 'taken')
watch(
  settled,
  (now) => {
    const first = (['changed', 'bad', 'added'] as const).find((each) => of(each) > 0)
    if (now && first) kind.value = first
  },
  { immediate: true },
)
const {
  data: pages,
  error,
  fetchNextPage,
  isFetchingNextPage,
} = useInfiniteQuery({
  queryKey: ['import-rows', () => props.brought.id, kind, () => props.brought.state],
  enabled: settled,
  initialPageParam: 0,
  queryFn: ({ pageParam }) =>
    unwrap(
      api.GET('/api/imports/{id}/rows', {
        params: { path: { id: props.brought.id }, query: { kind: kind.value, fromLine: pageParam } },
      }),
    ),
  // What is gone has no line; the rest goes on behind the last one.
  getNextPageParam: (last, all) =>
    kind.value === 'gone' ? all.flat().length : (last[last.length - 1]?.line ?? 0) + 1,
})
const rows = computed(() => pages.value?.pages.flat())

const doubtful = ref(true)
const dropGone = ref(props.brought.kind === 'service')
const path = computed(() => ({ params: { path: { id: props.brought.id } } }))
const busy = ref(false)
async function run(work: () => Promise<Import | undefined>) {
  busy.value = true
  try {
    const next = await work()
    if (next) emit('changed', next)
  } catch (cause) {
    tellProblem(cause)
  } finally {
    busy.value = false
  }
}
const take = () =>
  run(async () => {
    const next = await unwrap(
      api.POST('/api/imports/{id}/take', {
        ...path.value,
        body: { doubtful: doubtful.value, dropGone: dropGone.value },
      }),
    )
    tell(next.message)
    return next
  })
const takeBack = () => run(() => unwrap(api.POST('/api/imports/{id}/take-back', path.value)))
const giveUp = () => run(() => unwrap(api.DELETE('/api/imports/{id}', path.value)))
const goOn = () => run(() => unwrap(api.POST('/api/imports/{id}/go-on', path.value)))
const mapAgain = () => run(() => unwrap(api.POST('/api/imports/{id}/map-again', path.value)))
const hasColumns = computed(() => props.brought.kind === 'csv' || props.brought.kind === 'geojson')
const stop = () =>
  run(async () => {
    await unwrap(api.POST('/api/imports/{id}/stop', path.value))
    return undefined
  })
const going = computed(() => {
  const { added, changed, doubtful: doubts } = props.brought.counts
  return added + changed - (doubtful.value ? 0 : doubts)
})
const count = (value: number) => value.toLocaleString('en')
const share = computed(() => (100 * props.brought.rowsRead) / Math.max(1, props.brought.rowsTotal))
</script>

<template>
  <section>
    <h2>{{ brought.name }}</h2>
    <div v-if="brought.state === 'reading'" class="reading">
      <p role="status">
        Read {{ count(brought.rowsRead)
        }}<template v-if="brought.rowsTotal"> of {{ count(brought.rowsTotal) }}</template> rows. Nothing is in
        the directory yet.
      </p>
      <v-progress-linear
        :model-value="share"
        :indeterminate="!brought.rowsTotal"
        color="primary"
        height="8"
        aria-label="Rows read"
      />
      <v-btn size="small" :disabled="busy" @click="stop">Stop reading</v-btn>
    </div>
    <div v-else-if="brought.state === 'broken_off'" class="reading">
      <p role="alert" class="wrong">{{ brought.message }}</p>
      <v-btn color="primary" variant="flat" :disabled="busy" @click="goOn"
        >Go on from row {{ count(brought.rowsRead + 1) }}</v-btn
      >
      <v-btn :disabled="busy" @click="giveUp">Give it up</v-btn>
    </div>
    <p v-else-if="brought.message" role="status">{{ brought.message }}</p>
    <template v-if="settled">
      <div class="kinds" role="group" aria-label="Show rows">
        <button
          v-for="each in KINDS"
          :key="each.kind"
          type="button"
          :aria-pressed="kind === each.kind"
          :disabled="of(each.kind) === 0"
          @click="kind = each.kind"
        >
          <b>{{ count(of(each.kind)) }}</b> {{ each.words }}
        </button>
      </div>
      <p v-if="error" role="alert" class="wrong">{{ error.message }}</p>
      <div v-if="rows?.length" class="scroll" tabindex="0" role="region" aria-label="Rows">
        <table>
          <thead>
            <tr>
              <th scope="col" class="figure">Line</th>
              <th scope="col">{{ kind === 'bad' ? 'Row as it stands' : 'Repeater' }}</th>
              <th v-if="kind !== 'bad'" scope="col">Output</th>
              <th scope="col">{{ kind === 'bad' ? 'Why it is left out' : 'What there is to say' }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(row, i) in rows" :key="i">
              <td class="figure mono">{{ row.line || '' }}</td>
              <td class="label">{{ row.label }}</td>
              <td v-if="kind !== 'bad'" class="mono">{{ row.output }}</td>
              <td class="says">{{ row.says }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-if="rows && of(kind) > rows.length" class="quiet">
        The first {{ count(rows.length) }} are shown.
        <v-btn size="small" :loading="isFetchingNextPage" @click="fetchNextPage()">Show more</v-btn>
      </p>
      <p v-if="brought.counts.bad">
        <a :href="`/api/imports/${brought.id}/bad.csv`" download>
          Save the {{ count(brought.counts.bad) }} bad rows as a file, with the reason on each
        </a>
      </p>
    </template>
    <div v-if="brought.state === 'taken'" class="take">
      <v-btn :disabled="busy" @click="takeBack">Take it back out of the directory</v-btn>
      <span class="quiet">What it added goes, and what it changed is as before.</span>
    </div>
    <div v-if="brought.state === 'read'" class="take">
      <label v-if="brought.counts.doubtful"
        ><input v-model="doubtful" type="checkbox" /> take the {{ count(brought.counts.doubtful) }} in doubt
        too</label
      >
      <label v-if="brought.gone"
        ><input v-model="dropGone" type="checkbox" /> mark the {{ count(brought.gone) }} that
        {{ brought.gone === 1 ? 'is' : 'are' }} no longer in it</label
      >
      <v-btn
        color="primary"
        variant="flat"
        :disabled="busy || (going === 0 && !(dropGone && brought.gone))"
        @click="take"
      >
        Take {{ count(going) }} {{ going === 1 ? 'entry' : 'entries' }} into the directory
      </v-btn>
      <v-btn v-if="hasColumns" :disabled="busy" @click="mapAgain">Back to the columns</v-btn>
      <v-btn :disabled="busy" @click="giveUp">Give it up</v-btn>
    </div>
  </section>
</template>

<style scoped>
p {
  margin: 0 0 10px;
}
.reading {
  display: grid;
  gap: 8px;
  justify-items: start;
  max-width: 640px;
}
.kinds {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-bottom: 10px;
}
.kinds button {
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
  padding: 0 14px;
  height: 36px;
  cursor: pointer;
}
.kinds button[aria-pressed='true'] {
  border-color: var(--primary);
  background: var(--picked);
}
.kinds button:disabled {
  color: var(--quiet);
  cursor: default;
}
.scroll {
  overflow: auto;
  max-height: 50vh;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--surface);
  margin-bottom: 10px;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  padding: 5px 10px;
  border-bottom: 1px solid var(--line);
  vertical-align: top;
}
th {
  font-weight: 500;
  font-size: 12.5px;
  color: var(--quiet);
  position: sticky;
  top: 0;
  background: var(--surface);
}
.figure {
  text-align: right;
}
.label {
  max-width: 340px;
  overflow-wrap: anywhere;
}
.says {
  color: var(--quiet);
}
.take {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}
a {
  color: var(--primary);
}
.wrong {
  color: var(--error);
}
</style>
