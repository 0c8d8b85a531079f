<script setup lang="ts">
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useListChanges } from '@/features/arrange/composables/useListChanges'
import { api, unwrap, type Schemas, type Trip } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'
import { megahertz, toneOf } from '../composables/words'

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

const share = (km: number) => `${((100 * km) / (trip.value?.kilometres ?? 1)).toFixed(2)}%`
const km = (value: number) => value.toFixed(0)
const legs = computed(() => trip.value?.bands.flatMap((band) => band.legs) ?? [])

async function asBlock() {
  if (trip.value && (await changes.takeBlock(name.value, trip.value.entries))) {
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
    await cache.invalidateQueries({ queryKey: ['lists'] })
    emit('opened', made.id)
    tell(`“${made.name}” is open, with the channels of ${props.listName} kept in it`)
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
      <div v-for="band in trip.bands" :key="band.band" class="band">
        <h3>
          {{ band.band }}: {{ band.legs.length }} repeaters, {{ band.changes }} changes,
          {{
            band.gapKm > 0
              ? `nobody for ${km(band.gapKm)} of ${km(trip.kilometres)} km`
              : `all ${km(trip.kilometres)} km covered`
          }}
        </h3>
        <div class="strip" role="img" :aria-label="`Coverage of ${band.band}; the table below says the same`">
          <span
            v-for="(leg, i) in band.legs"
            :key="leg.fromKm"
            class="leg"
            :class="{ other: i % 2 === 1 }"
            :style="{ left: share(leg.fromKm), width: share(leg.toKm - leg.fromKm) }"
            :title="`${leg.entry.label}, km ${km(leg.fromKm)} to ${km(leg.toKm)}`"
            >{{ leg.entry.label }}</span
          >
          <span
            v-for="gap in band.gaps"
            :key="`gap${gap.fromKm}`"
            class="gap"
            :style="{ left: share(gap.fromKm), width: share(gap.toKm - gap.fromKm) }"
            :title="`Nobody, km ${km(gap.fromKm)} to ${km(gap.toKm)}`"
          />
        </div>
        <table>
          <thead>
            <tr>
              <th class="figure">from km</th>
              <th class="figure">to km</th>
              <th>use</th>
              <th class="figure">listen MHz</th>
              <th>tone</th>
              <th class="figure">least margin</th>
              <th>breaks</th>
              <th class="wide">heard from and to</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="leg in band.legs" :key="leg.fromKm">
              <td class="figure">{{ km(leg.fromKm) }}</td>
              <td class="figure">{{ km(leg.toKm) }}</td>
              <td>
                <button type="button" class="name" @click="emit('look', leg.entry.id)">
                  {{ leg.entry.label }}
                </button>
              </td>
              <td class="figure">{{ megahertz(leg.entry.outputHz) }}</td>
              <td class="mono">{{ toneOf(leg.entry.talkTone) }}</td>
              <td class="figure">{{ leg.leastMarginDb.toFixed(0) }} dB</td>
              <td>{{ leg.weakKm > 0 ? `weak for ${leg.weakKm.toFixed(0)} km` : '' }}</td>
              <td class="wide mono">km {{ km(leg.heardFromKm) }} to {{ km(leg.heardToKm) }}</td>
            </tr>
          </tbody>
        </table>
        <p v-if="band.gaps.length" class="quiet">
          Nobody on km
          {{ band.gaps.map((gap) => `${km(gap.fromKm)} to ${km(gap.toKm)}`).join(', ') }}.
        </p>
      </div>
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
h3 {
  font-size: 14px;
  font-weight: 600;
  margin: 10px 0 6px;
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
.strip {
  position: relative;
  height: 30px;
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: 6px;
  overflow: hidden;
}
.leg,
.gap {
  position: absolute;
  top: 0;
  bottom: 0;
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
  line-height: 28px;
  padding: 0 6px;
  font-size: 12.5px;
  box-sizing: border-box;
}
.leg {
  background: var(--picked);
  border-left: 2px solid var(--primary);
}
.leg.other {
  background: var(--rod);
  color: var(--rod-ink);
}
.gap {
  background: repeating-linear-gradient(135deg, var(--surface) 0 5px, var(--error) 5px 7px);
}
table {
  width: 100%;
  border-collapse: collapse;
  font-size: 13.5px;
  margin-top: 4px;
}
th {
  text-align: left;
  font-weight: 500;
  font-size: 12.5px;
  color: var(--quiet);
  padding: 2px 8px;
}
td {
  padding: 3px 8px;
  border-top: 1px solid var(--line);
}
.figure {
  text-align: right;
}
td.figure {
  font-family: var(--mono);
}
.name {
  font: inherit;
  font-weight: 600;
  color: var(--primary);
  background: none;
  border: 0;
  padding: 0;
  cursor: pointer;
  text-align: left;
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
  .wide {
    display: none;
  }
  .trip {
    max-height: none;
    padding: 10px 12px;
  }
}
</style>
