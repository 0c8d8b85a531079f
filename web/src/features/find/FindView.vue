<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, defineAsyncComponent, nextTick, ref, watch } from 'vue'
import { api, unwrap, type Found, type Schemas } from '@/shared/api/client'
import KeysDialog from '@/shared/components/KeysDialog.vue'
import { useOpenList } from '@/shared/composables/useOpenList'
import EntryPanel from './components/EntryPanel.vue'
import FoundList from './components/FoundList.vue'
import FoundNotes from './components/FoundNotes.vue'
import SearchBar from './components/SearchBar.vue'
import TakeDialog from './components/TakeDialog.vue'
import TripPanel from './components/TripPanel.vue'
import { useScreen } from '@/shared/keys/useScreen'
import { useChoice } from './composables/useChoice'
import { useFind } from './composables/useFind'
import { useStation } from './composables/useStation'

// The map and its coastlines are the heavy part; the list does not wait for them.
const FindMap = defineAsyncComponent(() => import('./components/FindMap.vue'))

const KEYS: [string, string][] = [
  ['↑ ↓ or j k', 'up and down what was found'],
  ['Space', 'choose the repeater, or let it go'],
  ['Enter or t', 'take the chosen ones, or the one at the cursor, into the list'],
  ['a', 'choose all that are alive, open, analogue and in likely reach'],
  ['m', 'to the map, where arrow keys move it and Enter takes its middle'],
  ['p', 'to the place'],
]

const { open, openId, choose } = useOpenList()
const { station } = useStation()
const planId = computed(() => open.value?.bandPlan ?? 'r2-north-america')
const { data: plan } = useQuery({
  queryKey: ['plan', planId],
  queryFn: () => unwrap(api.GET('/api/band-plans/{id}', { params: { path: { id: planId.value } } })),
})
const bands = computed(() => plan.value?.bands.map((band) => band.name) ?? [])
const {
  way,
  at,
  box,
  km,
  order,
  filters,
  filtered,
  route,
  routeRequest,
  corridor,
  question,
  asked,
  search,
  clear,
} = useFind(openId, station)
const { data, error, isPlaceholderData: stale, isFetching, refetch } = search
const { data: sources } = useQuery({
  queryKey: ['sources'],
  queryFn: () => unwrap(api.GET('/api/find/sources')),
})
const listed = computed(() => sources.value?.reduce((sum, each) => sum + each.entries, 0) ?? null)

const found = computed<Found[]>(() => (asked.value && !error.value ? (data.value?.found ?? []) : []))
const here = computed(() =>
  asked.value && way.value === 'around' && !error.value ? (data.value?.here ?? null) : null,
)
const drawnRoute = computed(() =>
  way.value === 'along' && route.value ? (data.value?.route?.points ?? null) : null,
)

const says = computed(() => {
  const now = data.value
  if (!now) return ''
  const place = now.here ? `${now.here.name}${now.here.area ? `, ${now.here.area}` : ''}` : ''
  const where = now.route
    ? ` along ${now.route.kilometres.toFixed(0)} km, ${route.value?.name ?? ''}`
    : box.value
      ? ` on the part of the map, seen from ${place || 'its middle'}`
      : place && ` around ${place}`
  const more = now.total > now.found.length ? `; the nearest ${now.found.length} are shown` : ''
  return `found${where}${more}`
})

const cursor = ref(0)
const list = ref<InstanceType<typeof FoundList> | null>(null)
watch(found, () => (cursor.value = Math.min(cursor.value, Math.max(found.value.length - 1, 0))))
watch([at, way, route], () => (cursor.value = 0))
const picked = computed(() => found.value[cursor.value] ?? null)
const from = computed(() =>
  way.value === 'around'
    ? at.value.trim() || null
    : picked.value?.passing
      ? `${picked.value.passing.latitude.toFixed(5)} ${picked.value.passing.longitude.toFixed(5)}`
      : null,
)

const { ticked, chosen, taking, takeOpen, tick, tickRecommended, takeOne, takeChosen, untick } = useChoice(
  found,
  picked,
)
const root = ref<HTMLElement | null>(null)
const detail = ref<HTMLElement | null>(null)
/** Where the entry stands below the list, a tap brings it in sight. */
async function pick(i: number) {
  cursor.value = i
  await nextTick()
  if (matchMedia('(max-width: 720px)').matches) root.value?.scrollTo({ top: detail.value?.offsetTop ?? 0 })
}
function look(id: string) {
  const i = found.value.findIndex((each) => each.entry.id === id)
  if (i >= 0) cursor.value = i
}

const drawing = ref(false)
const drawn = ref<number[][]>([])
function point(latitude: number, longitude: number) {
  if (drawing.value) drawn.value = [...drawn.value, [latitude, longitude]]
  else if (way.value === 'around') at.value = `${latitude.toFixed(4)} ${longitude.toFixed(4)}`
}
function useDrawn() {
  route.value = { name: 'Drawn on the map', gpx: null, points: drawn.value }
  drawing.value = false
  drawn.value = []
}
const tripOpen = ref(false)
const legs = ref<Schemas['LegView'][]>([])
watch([way, route], () => (tripOpen.value = false))
watch(tripOpen, () => (legs.value = []))

const keysOpen = ref(false)
const step = (by: number) =>
  (cursor.value = Math.min(Math.max(cursor.value + by, 0), Math.max(found.value.length - 1, 0)))
const ACTS: Record<string, () => void> = {
  ArrowDown: () => step(1),
  j: () => step(1),
  ArrowUp: () => step(-1),
  k: () => step(-1),
  PageDown: () => step(10),
  PageUp: () => step(-10),
  Home: () => step(-Infinity),
  End: () => step(Infinity),
  ' ': () => picked.value && tick(picked.value),
  Enter: takeChosen,
  t: takeChosen,
  a: tickRecommended,
  m: () => document.querySelector<HTMLElement>('.find .map')?.focus(),
  p: () => document.getElementById('find-at')?.focus(),
}
function onKey(event: KeyboardEvent) {
  if (event.target instanceof HTMLElement && event.target.closest('.map')) return false
  const act = found.value.length || event.key === 'p' || event.key === 'm' ? ACTS[event.key] : undefined
  act?.()
  return act !== undefined
}
useScreen({
  onKey,
  showKeys: () => (keysOpen.value = true),
  focus: () => (list.value ? list.value.focus() : document.getElementById('find-at')?.focus()),
})
watch(list, (now, before) => {
  // What was found is worked on at once, unless somebody still types the question.
  if (now && !before && !document.activeElement?.matches('input, textarea, select')) now.focus()
})
async function taken() {
  untick()
  await nextTick()
  list.value?.focus()
}
</script>

<template>
  <div ref="root" class="find">
    <section class="middle">
      <h1 class="unseen">Find</h1>
      <SearchBar
        v-model:way="way"
        v-model:at="at"
        v-model:km="km"
        v-model:order="order"
        v-model:corridor="corridor"
        v-model:filters="filters"
        v-model:route="route"
        :bands="bands"
        :problem="filtered && error ? error.message : null"
        :drawing="drawing"
        :drawn="drawn"
        @draw="((drawing = true), (drawn = []))"
        @drawn="useDrawn"
        @undraw="drawn = drawn.slice(0, -1)"
        @clear="clear"
      />
      <div class="both">
        <div class="left" :class="{ stale: stale && isFetching }">
          <div class="count" role="status">
            <template v-if="error"><span /></template>
            <template v-else-if="!asked">
              <span>{{
                listed === null ? '' : `${listed.toLocaleString('en')} entries in the directory`
              }}</span>
            </template>
            <template v-else-if="data">
              <span>
                <b>{{ data.total.toLocaleString('en') }}</b> {{ says }}
              </span>
            </template>
            <span v-else>Searching…</span>
            <button v-if="box && way === 'around'" type="button" class="link" @click="box = ''">
              {{ at.trim() ? 'Around the place again' : 'Everywhere again' }}
            </button>
            <router-link :to="{ name: 'sources' }">Sources</router-link>
          </div>
          <FoundNotes
            v-if="error || !asked || (data && !found.length)"
            :way="way"
            :problem="error?.message ?? null"
            :asked="asked"
            :filtered="filtered"
            :kilometres="way === 'around' ? km : corridor"
            @again="refetch()"
            @clear="clear"
            @place="(name) => (at = name)"
          />
          <FoundList
            v-if="found.length"
            ref="list"
            :found="found"
            :at="cursor"
            :ticked="ticked"
            :along="way === 'along'"
            @pick="pick"
            @tick="tick"
          />
          <footer v-if="found.length">
            <v-btn color="primary" variant="flat" :disabled="!chosen.length || !open" @click="takeChosen">
              Take {{ chosen.length || 'the chosen' }} into {{ open?.name ?? 'a list' }}…
            </v-btn>
            <v-btn v-if="way === 'along' && !tripOpen" @click="tripOpen = true">Plan the trip</v-btn>
            <button class="keys" type="button" @click="keysOpen = true"><kbd>?</kbd> all keys</button>
          </footer>
        </div>
        <FindMap
          class="right"
          :found="found"
          :at="cursor"
          :here="here"
          :route="drawnRoute"
          :legs="legs"
          :drawing="drawing"
          :drawn="drawn"
          :radius-km="way === 'around' && !box ? km : null"
          :boxable="way === 'around'"
          @box="(edges) => (box = edges)"
          @pick="pick"
          @point="point"
        />
      </div>
      <TripPanel
        v-if="tripOpen && route"
        :key="route.name"
        :route="routeRequest"
        :question="question"
        :name="route.name"
        :list-id="openId"
        :list-name="open?.name ?? ''"
        @close="tripOpen = false"
        @planned="(all) => (legs = all)"
        @look="look"
        @opened="choose"
      />
    </section>
    <aside v-if="picked" ref="detail" class="side" aria-label="Entry" tabindex="0">
      <EntryPanel
        :found="picked"
        :from="from"
        :question="question"
        :list-name="open?.name ?? null"
        @take="takeOne(picked.entry.id)"
        @look="look"
      />
    </aside>
    <TakeDialog
      v-if="open"
      v-model="takeOpen"
      :list-id="open.id"
      :list-name="open.name"
      :entries="taking"
      @taken="taken"
    />
    <KeysDialog v-model="keysOpen" title="Keys of Find" :keys="KEYS" />
  </div>
</template>

<style scoped>
.find {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  height: 100%;
  min-height: 0;
}
.middle {
  display: flex;
  flex-direction: column;
  min-height: 0;
  min-width: 0;
}
.both {
  display: grid;
  grid-template-columns: minmax(440px, 1.15fr) minmax(0, 1fr);
  flex: 1;
  min-height: 0;
}
.left {
  display: flex;
  flex-direction: column;
  min-height: 0;
  border-right: 1px solid var(--line);
}
.left.stale {
  opacity: 0.7;
}
.count {
  display: flex;
  gap: 12px;
  justify-content: space-between;
  padding: 8px 16px 4px;
  font-size: 13.5px;
}
.count a,
.link {
  color: var(--primary);
}
.link {
  font: inherit;
  background: none;
  border: 0;
  padding: 0;
  text-decoration: underline;
  cursor: pointer;
}
footer {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 8px 16px;
  border-top: 1px solid var(--line);
}
.keys {
  margin-left: auto;
  white-space: nowrap;
  color: var(--quiet);
  background: none;
  border: 0;
  font: inherit;
  font-size: 12.5px;
  cursor: pointer;
}
.side {
  border-left: 1px solid var(--line);
  padding: 14px 16px;
  overflow: auto;
  grid-column: 2;
}
.find:not(:has(.side)) {
  grid-template-columns: minmax(0, 1fr);
}
@media (max-width: 720px) {
  .find,
  .find:not(:has(.side)) {
    display: block;
    overflow: auto;
    position: relative;
  }
  .middle,
  .both {
    display: block;
  }
  .left {
    border: 0;
  }
  .left :deep(.found) {
    max-height: 50dvh;
  }
  .both > .right {
    height: 44dvh;
  }
  .side {
    border: 0;
    border-top: 2px solid var(--line);
  }
  .keys {
    display: none;
  }
}
</style>
