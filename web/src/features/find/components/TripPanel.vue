<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import type { Schemas } from '@/shared/api/client'
import { PAPERS } from '@/shared/paper'
import FieldRow from '@/shared/ui/FieldRow.vue'
import { useTrip } from '../composables/useTrip'
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

const BREAKS = [0, 1, 3, 5, 10].map((each) => ({ value: each, title: `${each} km` }))
const name = ref(`Trip · ${props.name}`.slice(0, 60))
const { wishes, trip, planning, problem, asBlock, asList, onPaper } = useTrip(props, (id) =>
  emit('opened', id),
)
const legs = computed(() => trip.value?.bands.flatMap((band) => band.legs) ?? [])
watch(legs, (now) => emit('planned', now))
const ready = computed(() => props.listId !== null && name.value.trim() !== '' && !planning.value)
</script>

<template>
  <section class="trip" aria-label="Trip">
    <FieldRow>
      <h2>Fewest changes along the way</h2>
      <v-checkbox v-model="wishes.perBand" label="each band by itself" />
      <v-checkbox v-model="wishes.sure" label="only where reach is likely" />
      <v-checkbox v-model="wishes.closedToo" label="closed ones too" />
      <v-select v-model="wishes.bridgedKm" class="short" label="breaks up to" :items="BREAKS" />
      <v-spacer />
      <v-btn
        :icon="mdiClose"
        variant="text"
        size="small"
        aria-label="Close the trip"
        title="Close the trip"
        @click="emit('close')"
      />
    </FieldRow>
    <p v-if="problem" role="alert" class="wrong">{{ problem }}</p>
    <p v-else-if="!trip" class="quiet" role="status">Weighing every repeater at every kilometre…</p>
    <div v-else class="planned" :class="{ stale: planning }">
      <p v-if="!legs.length">
        Nobody is heard anywhere on these {{ trip.kilometres.toFixed(0) }} km. Widen the corridor, or take a
        stronger station.
      </p>
      <TripBand
        v-for="band in trip.bands"
        :key="band.band"
        :band="band"
        :kilometres="trip.kilometres"
        @look="(id) => emit('look', id)"
      />
      <p v-if="trip.leftOut" class="quiet small">
        {{ trip.leftOut }} were left out: dead-looking, digital{{ wishes.closedToo ? '' : ', or closed' }}.
      </p>
      <FieldRow v-if="legs.length" class="ends">
        <v-text-field v-model="name" label="Name" maxlength="60" />
        <v-btn color="primary" variant="flat" :disabled="!ready" @click="asList(name)">
          Make a list of its own, home channels kept
        </v-btn>
        <v-btn :disabled="!ready" @click="asBlock(name)">Put as a block into {{ listName }}</v-btn>
        <v-menu>
          <template #activator="{ props: opens }">
            <v-btn v-bind="opens" :disabled="planning" title="By kilometre, as PDF">On paper…</v-btn>
          </template>
          <v-list>
            <v-list-item
              v-for="each in PAPERS"
              :key="each.value"
              :title="each.title"
              @click="onPaper(name, each.value)"
            />
          </v-list>
        </v-menu>
      </FieldRow>
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
h2 {
  margin: 0;
}
.stale {
  opacity: 0.6;
}
.ends {
  margin-top: 12px;
}
.trip :deep(.v-checkbox) {
  --field: 0;
}
@media (max-width: 720px) {
  .trip {
    max-height: none;
    padding: 10px 12px;
  }
}
</style>
