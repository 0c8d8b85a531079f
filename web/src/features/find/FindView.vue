<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, defineAsyncComponent, nextTick, ref, watch } from 'vue'
import { useDisplay } from 'vuetify'
import { api, unwrap, type Found, type Schemas } from '@/shared/api/client'
import { useOpenList } from '@/shared/composables/useOpenList'
import SplitPane from '@/shared/ui/SplitPane.vue'
import EntryPanel from './components/EntryPanel.vue'
import FoundCount from './components/FoundCount.vue'
import FoundFoot from './components/FoundFoot.vue'
import FoundList from './components/FoundList.vue'
import FoundNotes from './components/FoundNotes.vue'
import SearchBar from './components/SearchBar.vue'
import TakeDialog from './components/TakeDialog.vue'
import TripPanel from './components/TripPanel.vue'
import { useChoice } from './composables/useChoice'
import { useDrawing } from './composables/useDrawing'
import { useFind } from './composables/useFind'
import { useFindKeys } from './composables/useFindKeys'
import { useStation } from './composables/useStation'

// The map and its coastlines are the heavy part; the list does not wait for them.
const FindMap = defineAsyncComponent(() => import('./components/FindMap.vue'))

const { open, openId, choose } = useOpenList()
const { station } = useStation()
const planId = computed(() => open.value?.bandPlan ?? 'r2-north-america')
const { data: plan } = useQuery({
  queryKey: ['plan', planId],
  queryFn: () => unwrap(api.GET('/api/band-plans/{id}', { params: { path: { id: planId.value } } })),
})
const bands = computed(() => plan.value?.bands.map((band) => band.name) ?? [])
const find = useFind(openId, station)
const { way, at, box, km, order, filters, filtered, route, routeRequest, corridor, question, asked, clear } =
  find
const { data, error, isPlaceholderData: stale, isFetching, refetch } = find.search
const answered = computed(() => (asked.value && !error.value ? data.value : undefined))
const found = computed<Found[]>(() => answered.value?.found ?? [])
const around = computed(() => way.value === 'around')

const cursor = ref(0)
watch(found, () => (cursor.value = Math.min(cursor.value, Math.max(found.value.length - 1, 0))))
watch([at, way, route], () => (cursor.value = 0))
const picked = computed(() => found.value[cursor.value] ?? null)
/** Where the path to the picked one begins: the place, or where the route passes it. */
const from = computed(() => {
  if (around.value) return at.value.trim() || null
  const passing = picked.value?.passing
  return passing ? `${passing.latitude.toFixed(5)} ${passing.longitude.toFixed(5)}` : null
})
const choice = useChoice(found, picked)
const { ticked, chosen, taking, takeOpen } = choice
const { drawing, drawn, ...draw } = useDrawing(way, at, route)

const list = ref<InstanceType<typeof FoundList> | null>(null)
const sideOpen = ref(false)
const { mobile } = useDisplay()
function pick(i: number) {
  cursor.value = i
  sideOpen.value = mobile.value
}
function look(id: string) {
  const i = found.value.findIndex((each) => each.entry.id === id)
  if (i >= 0) cursor.value = i
}
const tripOpen = ref(false)
const legs = ref<Schemas['LegView'][]>([])
watch([way, route], () => (tripOpen.value = false))
watch(tripOpen, () => (legs.value = []))

useFindKeys(found, cursor, picked, choice, () => list.value)
watch(list, (now, before) => {
  // What was found is worked on at once, unless somebody still types the question.
  if (now && !before && !document.activeElement?.matches('input, textarea')) now.focus()
})
async function taken() {
  choice.untick()
  await nextTick()
  list.value?.focus()
}
</script>

<template>
  <SplitPane v-model="sideOpen" class="find" label="Entry" :side="picked !== null">
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
      @draw="draw.begin"
      @drawn="draw.end"
      @undraw="draw.back"
      @clear="clear"
    />
    <div class="both">
      <div class="left" :class="{ stale: stale && isFetching }">
        <FoundCount
          :asked="asked"
          :failed="error !== null"
          :data="data"
          :box="box"
          :route-name="route?.name ?? ''"
          :back-to="box && around ? (at.trim() ? 'Around the place again' : 'Everywhere again') : null"
          @unbox="box = ''"
        />
        <FoundNotes
          v-if="error || !asked || (data && !found.length)"
          :way="way"
          :problem="error?.message ?? null"
          :asked="asked"
          :filtered="filtered"
          :kilometres="around ? km : corridor"
          @again="refetch()"
          @clear="clear"
          @place="(name) => (at = name)"
        />
        <template v-if="found.length">
          <FoundList
            ref="list"
            v-model:at="cursor"
            :found="found"
            :ticked="ticked"
            :along="!around"
            @tick="choice.tick"
            @tap="sideOpen = mobile"
          />
          <FoundFoot
            :chosen="chosen.length"
            :list-name="open?.name ?? null"
            :can-plan="!around && !tripOpen"
            @take="choice.takeChosen"
            @plan="tripOpen = true"
          />
        </template>
      </div>
      <FindMap
        class="right"
        :found="found"
        :at="cursor"
        :here="around ? (answered?.here ?? null) : null"
        :route="!around && route ? (data?.route?.points ?? null) : null"
        :legs="legs"
        :drawing="drawing"
        :drawn="drawn"
        :radius-km="around && !box ? km : null"
        :boxable="around"
        @box="(edges) => (box = edges)"
        @pick="pick"
        @point="draw.point"
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
    <TakeDialog
      v-if="open"
      v-model="takeOpen"
      :list-id="open.id"
      :list-name="open.name"
      :entries="taking"
      @taken="taken"
    />
    <template #side>
      <EntryPanel
        v-if="picked"
        :found="picked"
        :from="from"
        :question="question"
        :list-name="open?.name ?? null"
        @take="choice.takeOne(picked.entry.id)"
        @look="look"
      />
    </template>
  </SplitPane>
</template>

<style scoped>
.both {
  display: grid;
  grid-template-columns: minmax(440px, 1.15fr) minmax(0, 1fr);
  flex: 1;
  min-height: 190px;
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
@media (max-width: 720px) {
  .find :deep(.work) {
    display: block;
    overflow: auto;
  }
  .both {
    display: block;
  }
  .left {
    border: 0;
  }
  .left :deep(.found) {
    max-height: 50dvh;
  }
  .right {
    height: 44dvh;
  }
}
</style>
