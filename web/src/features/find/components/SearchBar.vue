<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'
import type { Filters, Order, RouteGiven, Way } from '../composables/useFind'
import { useStation } from '../composables/useStation'

const props = defineProps<{ bands: string[]; problem: string | null; drawing: boolean; drawn: number[][] }>()
const emit = defineEmits<{ draw: []; drawn: []; undraw: [] }>()
const way = defineModel<Way>('way', { required: true })
const at = defineModel<string>('at', { required: true })
const km = defineModel<number>('km', { required: true })
const order = defineModel<Order>('order', { required: true })
const corridor = defineModel<number>('corridor', { required: true })
const filters = defineModel<Filters>('filters', { required: true })
const route = defineModel<RouteGiven | null>('route', { required: true })

const { tellProblem } = useNotice()
const typed = ref(at.value)
watch(at, (now) => (typed.value = now))
const suggesting = computed(() => /^\p{L}[\p{L} '-]+$/u.test(typed.value.trim()) && typed.value !== at.value)
const { data: places } = useQuery({
  queryKey: ['places', typed],
  enabled: suggesting,
  queryFn: ({ signal }) =>
    unwrap(api.GET('/api/map/places', { params: { query: { text: typed.value } }, signal })),
})
const { id: stationId, own, stations, OWN } = useStation()
const { data: flags } = useQuery({
  queryKey: ['flags'],
  staleTime: Infinity,
  queryFn: () => unwrap(api.GET('/api/find/flags')),
})

const locating = ref(false)
const canLocate = 'geolocation' in navigator
function locate() {
  locating.value = true
  navigator.geolocation.getCurrentPosition(
    ({ coords }) => {
      locating.value = false
      at.value = `${coords.latitude.toFixed(5)} ${coords.longitude.toFixed(5)}`
    },
    (refused) => {
      locating.value = false
      tellProblem(
        new Error(`The browser does not say where you are: ${refused.message}. Type the place instead.`),
      )
    },
    { timeout: 10_000, maximumAge: 60_000 },
  )
}

const stops = ref(route.value?.points && !route.value.gpx ? route.value.name : '')
async function byNames() {
  const names = stops.value
    .split(/[;\n]|–|→| to /)
    .map((each) => each.trim())
    .filter(Boolean)
  try {
    if (names.length < 2) throw new Error('Name at least two places, parted by semicolons.')
    const points: number[][] = []
    for (const name of names) {
      const found = await unwrap(api.GET('/api/map/places', { params: { query: { text: name } } }))
      const place = found[0]
      if (!place)
        throw new Error(`No place is called “${name}” in the directory. Give its coordinates instead.`)
      points.push([place.latitude, place.longitude])
    }
    route.value = { name: names.join(' – '), gpx: null, points }
  } catch (cause) {
    tellProblem(cause)
  }
}
const file = ref<HTMLInputElement | null>(null)
async function read(files: FileList | null) {
  const gpx = files?.[0]
  if (gpx) route.value = { name: gpx.name.replace(/\.gpx$/i, ''), gpx: await gpx.text(), points: null }
  if (file.value) file.value.value = ''
}
async function tryDrive() {
  try {
    const answer = await fetch('/api/map/drive.gpx')
    route.value = { name: 'Through Ardmoor', gpx: await answer.text(), points: null }
  } catch (cause) {
    tellProblem(cause)
  }
}
const active = computed(() => Object.values(filters.value).filter((each) => each.trim() !== '').length)
const more = ref(active.value > 0)
const filtersShown = computed(() => more.value || props.problem !== null)
</script>

<template>
  <div class="search">
    <div class="ways" role="group" aria-label="Search">
      <button type="button" :aria-pressed="way === 'around'" @click="way = 'around'">Around a place</button>
      <button type="button" :aria-pressed="way === 'along'" @click="way = 'along'">Along a route</button>
    </div>
    <form v-if="way === 'around'" class="fields" @submit.prevent="at = typed.trim()">
      <label class="grow">
        <span class="unseen">Place, coordinates or locator</span>
        <input
          id="find-at"
          v-model="typed"
          list="find-places"
          autocomplete="off"
          spellcheck="false"
          placeholder="Place, coordinates or locator"
          @change="at = typed.trim()"
        />
        <datalist id="find-places">
          <option v-for="place in places" :key="place.name + place.latitude" :value="place.name">
            {{ place.area }}
          </option>
        </datalist>
      </label>
      <v-btn v-if="canLocate" :loading="locating" @click="locate">Where I am</v-btn>
      <label>
        within
        <select v-model.number="km">
          <option v-for="each in [10, 20, 40, 60, 100, 150, 300, 1000]" :key="each" :value="each">
            {{ each }} km
          </option>
        </select>
      </label>
      <label>
        <span class="unseen">Order</span>
        <select v-model="order">
          <option value="use">best first</option>
          <option value="distance">nearest first</option>
          <option value="output">by frequency</option>
        </select>
      </label>
    </form>
    <form v-else class="fields" @submit.prevent="byNames">
      <label class="grow">
        <span class="unseen">Places along the route, parted by semicolons</span>
        <input v-model="stops" spellcheck="false" placeholder="Port Ardmoor; Tolmere; Northwatch" />
      </label>
      <v-btn type="submit">Go</v-btn>
      <input
        ref="file"
        type="file"
        accept=".gpx,application/gpx+xml"
        class="unseen"
        tabindex="-1"
        aria-label="GPX file"
        @change="read(($event.target as HTMLInputElement).files)"
      />
      <v-btn @click="file?.click()">GPX file…</v-btn>
      <v-btn v-if="!drawing" @click="emit('draw')">Draw</v-btn>
      <template v-else>
        <v-btn color="primary" variant="flat" :disabled="drawn.length < 2" @click="emit('drawn')">
          Use {{ drawn.length }} points
        </v-btn>
        <v-btn :disabled="!drawn.length" @click="emit('undraw')">Take back</v-btn>
      </template>
      <label>
        corridor
        <select v-model.number="corridor">
          <option v-for="each in [5, 10, 20, 40, 60, 80, 120]" :key="each" :value="each">
            {{ each }} km
          </option>
        </select>
      </label>
      <v-btn v-if="!route && !drawing" variant="text" @click="tryDrive">Try the road through Ardmoor</v-btn>
    </form>
    <div class="fields">
      <label>
        My radio
        <select v-model="stationId">
          <option v-for="each in stations" :key="each.id" :value="each.id">{{ each.words }}</option>
          <option :value="OWN">Other figures</option>
        </select>
      </label>
      <template v-if="stationId === OWN">
        <label
          >antenna
          <input v-model.number="own.antenna" type="number" min="0.5" max="1000" step="0.5" /> m</label
        >
        <label
          >gain <input v-model.number="own.gain" type="number" min="-20" max="30" step="0.5" /> dBi</label
        >
        <label
          >power <input v-model.number="own.watts" type="number" min="0.01" max="2000" step="any" /> W</label
        >
      </template>
      <v-btn :aria-expanded="filtersShown" variant="text" @click="more = !more">
        {{ active ? `${active} ${active === 1 ? 'filter' : 'filters'}` : 'Filter' }}
      </v-btn>
      <template v-if="filtersShown">
        <label>
          <span class="unseen">Band</span>
          <select v-model="filters.band">
            <option value="">any band</option>
            <option v-for="band in bands" :key="band">{{ band }}</option>
          </select>
        </label>
        <label>
          <span class="unseen">State</span>
          <select v-model="filters.state">
            <option value="">any state</option>
            <option value="usable">not known silent</option>
            <option>on the air</option>
            <option>off the air</option>
            <option>unknown</option>
            <option>no longer listed</option>
          </select>
        </label>
        <label>
          <span class="unseen">Mode</span>
          <select v-model="filters.mode">
            <option value="">any mode</option>
            <option>FM</option>
            <option>NFM</option>
            <option>AM</option>
            <option>digital</option>
          </select>
        </label>
        <label>
          <span class="unseen">What it must have</span>
          <select v-model="filters.flag">
            <option value="">with anything</option>
            <option v-for="flag in flags" :key="flag.words" :value="flag.words">{{ flag.words }}</option>
          </select>
        </label>
        <label>
          <span class="unseen">Talk tone</span>
          <input v-model.lazy="filters.tone" class="short" placeholder="tone" />
        </label>
        <label>
          <span class="unseen">Words in the entry</span>
          <input v-model.lazy="filters.text" class="words" placeholder="words in it" />
        </label>
        <v-btn
          v-if="active"
          variant="text"
          @click="filters = { band: '', state: '', mode: '', flag: '', tone: '', text: '' }"
        >
          Clear
        </v-btn>
      </template>
    </div>
  </div>
</template>

<style scoped>
.search {
  padding: 10px 16px;
  display: grid;
  gap: 8px;
  grid-template-columns: auto 1fr;
  border-bottom: 1px solid var(--line);
}
.search > .fields:last-child {
  grid-column: 1 / -1;
}
.ways,
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
}
.ways {
  gap: 0;
}
.ways button {
  height: 36px;
  padding: 0 12px;
  border: 1px solid var(--line);
  background: var(--surface);
  color: var(--quiet);
  font: inherit;
  cursor: pointer;
}
.ways button:first-child {
  border-radius: 6px 0 0 6px;
}
.ways button:last-child {
  border-radius: 0 6px 6px 0;
  border-left: 0;
}
.ways button[aria-pressed='true'] {
  background: var(--picked);
  color: var(--primary);
  font-weight: 600;
}
.grow {
  flex: 1 1 200px;
}
.grow input {
  width: 100%;
}
input,
select {
  height: 36px;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  padding: 0 8px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
}
input::placeholder {
  color: var(--quiet);
  opacity: 1;
}
input[type='number'] {
  width: 70px;
}
.short {
  width: 74px;
}
.words {
  width: 120px;
}
label {
  color: var(--quiet);
}
@media (max-width: 720px) {
  .search {
    grid-template-columns: 1fr;
    padding: 8px 12px;
  }
}
</style>
