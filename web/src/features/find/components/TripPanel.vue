<script setup lang="ts">
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useListChanges } from '@/shared/list/useListChanges'
import { api, unwrap, type Schemas, type Trip } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'
import TripBand from './TripBand.vue'

const props = defineProps<{
  route: Schemas['RouteRequest']
  question: Schemas['Question']
  name: string
  listId: string | null
  listName: string
}>()
const emit = defineEmits<{
  close: []
  look: [id: string]
  opened: [id: string]
  planned: [legs: Schemas['LegView'][]]
}>()

const perBand = ref(false)
const closedToo = ref(false)
const sure = ref(false)
const bridged = ref(3)
const name = ref(`Trip · ${props.name}`.slice(0, 60))
const trip = ref<Trip | null>(null)
const { tell, tellProblem } = useNotice()
const cache = useQueryClient()
const changes = useListChanges(computed(() => props.listId))

const plan = useMutation({
  mutationFn: () =>
    unwrap(
      api.POST('/api/trips/plan', {
        body: {
          route: props.route,
          question: props.question,
          perBand: perBand.value,
          neededDb: sure.value ? 10 : 0,
          bridgedKm: bridged.value,
          closedToo: closedToo.value,
        },
      }),
    ),
  onSuccess: (done) => {
    trip.value = done
    emit(
      'planned',
      done.bands.flatMap((band) => band.legs),
    )
  },
})
watch(
  () => [props.route, props.question, perBand.value, closedToo.value, sure.value, bridged.value],
  () => plan.mutate(),
  { immediate: true, deep: true },
)

const km = (value: number) => value.toFixed(0)
const legs = computed(() => trip.value?.bands.flatMap((band) => band.legs) ?? [])

async function asBlock() {
  if (
    trip.value &&
    (await changes.change({
      kind: 'take',
      slot: null,
      take: { entries: trip.value.entries, recipe: null },
      block: name.value,
    }))
  ) {
    tell(`The trip is in ${props.listName} as the block “${name.value}”`)
  }
}
async function asList() {
  if (!trip.value || !props.listId) return
  try {
    const made = await unwrap(
      api.POST('/api/lists/{id}/take/list', {
        params: { path: { id: props.listId } },
        body: { name: name.value, take: { entries: trip.value.entries, recipe: null } },
      }),
    )
    const home = props.listName
    await cache.invalidateQueries({ queryKey: ['lists'] })
    emit('opened', made.id)
    tell(`“${made.name}” is open, with the channels of ${home} kept in it`)
  } catch (cause) {
    tellProblem(cause)
  }
}
</script>

<template>
  <section class="trip" aria-label="Trip">
    <header>
      <h2>Fewest changes along the way</h2>
      <label><input v-model="perBand" type="checkbox" /> each band by itself</label>
      <label><input v-model="sure" type="checkbox" /> only where reach is likely</label>
      <label><input v-model="closedToo" type="checkbox" /> closed ones too</label>
      <label>
        breaks up to
        <select v-model.number="bridged">
          <option v-for="each in [0, 1, 3, 5, 10]" :key="each" :value="each">{{ each }} km</option>
        </select>
        are all right
      </label>
      <span class="space" />
      <v-btn size="small" @click="emit('close')">Close the trip</v-btn>
    </header>
    <p v-if="plan.error.value" role="alert" class="wrong">{{ plan.error.value.message }}</p>
    <p v-else-if="!trip" class="quiet" role="status">Weighing every repeater at every kilometre…</p>
    <div v-else class="planned" :class="{ stale: plan.isPending.value }">
      <p v-if="!legs.length">
        Nobody is heard anywhere on these {{ km(trip.kilometres) }} km. Widen the corridor, or take a stronger
        station.
      </p>
      <TripBand
        v-for="band in trip.bands"
        :key="band.band"
        :band="band"
        :kilometres="trip.kilometres"
        @look="(id) => emit('look', id)"
      />
      <p v-if="trip.leftOut" class="quiet">
        {{ trip.leftOut }} were left out: dead-looking, digital{{ closedToo ? '' : ', or closed' }}.
      </p>
      <form v-if="legs.length" class="actions" @submit.prevent>
        <label>Name <input v-model="name" maxlength="60" required /></label>
        <v-btn
          color="primary"
          variant="flat"
          :disabled="!listId || !name.trim() || plan.isPending.value"
          @click="asList"
        >
          Make a list of its own, home channels kept
        </v-btn>
        <v-btn :disabled="!listId || !name.trim() || plan.isPending.value" @click="asBlock"
          >Put as a block into {{ listName }}</v-btn
        >
      </form>
    </div>
  </section>
</template>

<style scoped>
.trip {
  border-top: 2px solid var(--line);
  padding: 10px 16px;
  overflow: auto;
  max-height: 56%;
  min-height: 200px;
}
header,
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
}
h2 {
  margin: 0;
}
.space {
  flex: 1;
}
select {
  height: 30px;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  background: var(--surface);
  color: var(--ink);
}
.stale {
  opacity: 0.6;
}
p {
  margin: 4px 0;
}
.wrong {
  color: var(--error);
}
.actions {
  margin-top: 10px;
}
.actions input {
  height: 34px;
  width: 220px;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  padding: 0 8px;
  background: var(--surface);
  color: var(--ink);
}
@media (max-width: 720px) {
  .trip {
    max-height: none;
    padding: 10px 12px;
  }
}
</style>
