<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, Problem, unwrap, type Import, type Schemas } from '@/shared/api/client'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useNotice } from '@/shared/composables/useNotice'
import SheetDialog from '@/shared/components/SheetDialog.vue'
import { counted, moment } from '@/shared/words'
import ColumnMapping from './components/ColumnMapping.vue'
import ImportReport from './components/ImportReport.vue'

const CHARSETS = ['UTF-8', 'windows-1252', 'ISO-8859-15', 'windows-1250', 'windows-1251', 'Shift_JIS']

const route = useRoute()
const router = useRouter()
const cache = useQueryClient()
const { tell, tellProblem } = useNotice()
type Source = Schemas['SourceView']
const { open } = useOpenList()
const id = computed(() => String(route.params.id || ''))

const { data: sources, error: sourcesError } = useQuery({
  queryKey: ['sources'],
  queryFn: () => unwrap(api.GET('/api/find/sources')),
})
const { data: imports } = useQuery({
  queryKey: ['imports'],
  queryFn: () => unwrap(api.GET('/api/imports')),
})
const { data: service } = useQuery({
  queryKey: ['service'],
  queryFn: () => unwrap(api.GET('/api/imports/service')),
})
const { data: current, error } = useQuery({
  queryKey: ['import', id],
  enabled: computed(() => id.value !== ''),
  refetchInterval: (query) => (query.state.data?.state === 'reading' ? 400 : false),
  queryFn: () => unwrap(api.GET('/api/imports/{id}', { params: { path: { id: id.value } } })),
})
watch(
  () => current.value?.state,
  () => {
    void cache.invalidateQueries({ queryKey: ['imports'] })
    void cache.invalidateQueries({ queryKey: ['sources'] })
    void cache.invalidateQueries({ queryKey: ['find'] })
    void cache.invalidateQueries({ queryKey: ['list'] })
  },
)

const busy = ref(false)
const refused = ref('')
async function begin(work: () => Promise<Import>) {
  busy.value = true
  refused.value = ''
  try {
    show(await work())
  } catch (cause) {
    if (cause instanceof Problem && cause.status === 422) refused.value = cause.message
    else tellProblem(cause)
  } finally {
    busy.value = false
  }
}
function show(next: Import) {
  cache.setQueryData(['import', next.id], next)
  void router.push({ name: 'sources', params: { id: next.id } })
}

const charset = ref('')
const chosen = ref<File | null>(null)
async function bring(name: string, kind: string, body: Blob) {
  const query = new URLSearchParams({ name, kind, charset: kind === 'lines' ? 'UTF-8' : charset.value })
  // Lines leave shifts out that the plan of the open list supplies.
  if (open.value) query.set('bandPlan', open.value.bandPlan)
  let response: Response
  try {
    response = await fetch(`/api/imports?${query.toString()}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/octet-stream' },
      body,
    })
  } catch {
    throw new Problem('The server does not answer. The file is still chosen; try again.', 'server-lost', 0)
  }
  const answer = (await response.json()) as Import & { detail?: string; code?: string }
  if (!response.ok)
    throw new Problem(answer.detail ?? 'The file was refused.', answer.code ?? '', response.status)
  return answer
}
function bringFile() {
  const it = chosen.value
  if (!it) return
  const kind = /\.(geo)?json$/i.test(it.name) ? 'geojson' : 'csv'
  void begin(() => bring(it.name, kind, it))
}
const lines = useKeptText('reckonrod.sources.lines')
const bringLines = () =>
  begin(async () => {
    const made = await bring('Pasted lines', 'lines', new Blob([lines.value]))
    lines.value = ''
    return made
  })

async function mood(change: object) {
  try {
    const body = { there: true, delayMillis: 0, failsFrom: -1, later: false, ...service.value, ...change }
    cache.setQueryData(['service'], await unwrap(api.PUT('/api/imports/service', { body })))
  } catch (cause) {
    tellProblem(cause)
  }
}
const WORDS: Record<Import['state'], string> = {
  mapping: 'waits for its columns',
  reading: 'is being read',
  broken_off: 'broke off',
  read: 'waits to be taken',
  taken: 'taken',
  taken_back: 'taken back',
  given_up: 'given up',
}
const removing = ref<Source | null>(null)
const removeOpen = computed({
  get: () => removing.value !== null,
  set: (now: boolean) => {
    if (!now) removing.value = null
  },
})
async function remove() {
  const it = removing.value
  removing.value = null
  if (!it) return
  try {
    await unwrap(
      api.DELETE('/api/imports/sources/{source}', {
        params: { path: { source: it.source }, query: { entries: it.entries } },
      }),
    )
    tell(`${it.source} is out of the directory`)
  } catch (cause) {
    tellProblem(cause)
  }
  for (const key of ['sources', 'imports', 'find', 'list']) void cache.invalidateQueries({ queryKey: [key] })
}
</script>

<template>
  <div class="sources">
    <header>
      <h1>Sources of the directory</h1>
      <router-link :to="{ name: 'find' }">Back to Find</router-link>
    </header>
    <div v-if="id" class="one">
      <router-link class="back" :to="{ name: 'sources' }">All sources</router-link>
      <p v-if="error" role="alert" class="wrong">{{ error.message }}</p>
      <template v-else-if="current">
        <ColumnMapping
          v-if="current.state === 'mapping' && current.columns"
          :brought="current"
          @read="show"
        />
        <ImportReport v-else :brought="current" @changed="show" />
      </template>
      <p v-else class="quiet">Loading…</p>
    </div>
    <div v-else class="all">
      <section>
        <h2>In the directory now</h2>
        <p v-if="sourcesError" role="alert" class="wrong">{{ sourcesError.message }}</p>
        <p v-else-if="sources && !sources.length">
          Nothing yet. Pull the service's listing, or bring a file.
        </p>
        <ul v-else class="plain">
          <li v-for="each in sources" :key="each.source">
            <b>{{ each.source }}</b> {{ counted(each.entries, 'entry', 'entries')
            }}<template v-if="each.newest">, the newest confirmed {{ each.newest }}</template>
            <v-btn size="small" :aria-label="`Remove ${each.source}`" @click="removing = each">Remove…</v-btn>
          </li>
        </ul>
        <h2 v-if="imports?.length">Brought before</h2>
        <ul class="plain">
          <li v-for="each in imports" :key="each.id">
            <router-link :to="{ name: 'sources', params: { id: each.id } }">{{ each.name }}</router-link>
            {{ WORDS[each.state] }}, {{ moment(each.begunAt) }}
          </li>
        </ul>
      </section>
      <section v-if="service?.there" class="box">
        <h2>Directory service</h2>
        <p>
          The simulated service that ships with Reckonrod lists the Vellan Isles, Ardmoor, and 50,000 invented
          repeaters all over the earth.
        </p>
        <v-btn
          color="primary"
          variant="flat"
          :loading="busy"
          @click="begin(() => unwrap(api.POST('/api/imports/service')))"
          >Pull its listing</v-btn
        >
        <div class="moods">
          <label
            ><input
              type="checkbox"
              :checked="service.delayMillis > 0"
              @change="mood({ delayMillis: service.delayMillis ? 0 : 700 })"
            />
            make it slow</label
          >
          <label
            ><input
              type="checkbox"
              :checked="service.failsFrom >= 0"
              @change="mood({ failsFrom: service.failsFrom >= 0 ? -1 : 20000 })"
            />
            let it fail at entry 20,000</label
          >
          <label
            ><input type="checkbox" :checked="service.later" @change="mood({ later: !service.later })" /> next
            month's edition</label
          >
        </div>
      </section>
      <section class="box">
        <h2>A file</h2>
        <p>
          CSV with any columns, or GeoJSON points. You say what the columns mean, and see what would change
          first.
        </p>
        <form class="file" @submit.prevent="bringFile">
          <label>
            <span class="unseen">Listing file</span>
            <input
              type="file"
              accept=".csv,.tsv,.txt,.json,.geojson,text/csv,application/geo+json"
              @change="((chosen = ($event.target as HTMLInputElement).files?.[0] ?? null), (refused = ''))"
            />
          </label>
          <label>
            encoding
            <select v-model="charset">
              <option value="">found out</option>
              <option v-for="each in CHARSETS" :key="each">{{ each }}</option>
            </select>
          </label>
          <v-btn type="submit" :disabled="!chosen" :loading="busy">Bring the file in</v-btn>
        </form>
        <p v-if="refused" role="alert" class="wrong">{{ refused }}</p>
      </section>
      <section class="box">
        <h2>Pasted lines</h2>
        <form class="lines" @submit.prevent="bringLines">
          <label class="unseen" for="source-lines">Lines of directory notation</label>
          <textarea
            id="source-lines"
            v-model="lines"
            rows="4"
            spellcheck="false"
            placeholder="SKARRA 145.310- 71.9 E L"
          />
          <v-btn type="submit" :disabled="!lines.trim()" :loading="busy">Bring the lines in</v-btn>
        </form>
      </section>
    </div>
    <SheetDialog v-model="removeOpen" :title="`Remove ${removing?.source ?? ''} from the directory`">
      <p>
        {{ counted(removing?.entries ?? 0, 'entry', 'entries') }} would go. Channels that were taken from it
        stay in their lists, and its listing can be brought in again.
      </p>
      <div class="acts">
        <v-btn color="error" variant="flat" @click="remove"
          >Remove {{ counted(removing?.entries ?? 0, 'entry', 'entries') }}</v-btn
        >
        <v-btn autofocus @click="removing = null">Keep them</v-btn>
      </div>
    </SheetDialog>
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  gap: 8px;
}
.sources {
  padding: 14px 20px;
  max-width: 1120px;
}
header {
  display: flex;
  gap: 18px;
  align-items: baseline;
  margin-bottom: 12px;
}
a {
  color: var(--primary);
}
.all {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
  align-items: start;
}
.all > section:first-child {
  grid-row: span 3;
}
.box {
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: 6px;
  padding: 14px 16px;
}
p {
  margin: 0 0 10px;
}
.plain {
  list-style: none;
  padding: 0;
  margin: 0 0 18px;
  display: grid;
  gap: 6px;
}
.moods,
.file {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  margin-top: 10px;
}
.lines {
  display: grid;
  gap: 8px;
  justify-items: start;
}
textarea {
  width: 100%;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  padding: 8px 10px;
  font: 14px/1.5 var(--mono);
  background: var(--surface);
  color: var(--ink);
}
textarea::placeholder {
  color: var(--quiet);
  opacity: 1;
}
select {
  height: 34px;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  padding: 0 8px;
  background: var(--surface);
  color: var(--ink);
}
.wrong {
  color: var(--error);
  margin-top: 10px;
}
.back {
  display: inline-block;
  margin-bottom: 10px;
}
@media (max-width: 720px) {
  .sources {
    padding: 10px 12px;
  }
  .all {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
