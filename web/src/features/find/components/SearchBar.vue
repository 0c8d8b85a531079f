<script setup lang="ts">
import FieldRow from '@/shared/ui/FieldRow.vue'
import type { Filters, Order, RouteGiven, Way } from '../composables/useFind'
import FilterFields from './FilterFields.vue'
import PointFields from './PointFields.vue'
import RouteFields from './RouteFields.vue'
import StationFields from './StationFields.vue'

defineProps<{ bands: string[]; problem: string | null; drawing: boolean; drawn: number[][] }>()
defineEmits<{ draw: []; drawn: []; undraw: []; clear: [] }>()
const way = defineModel<Way>('way', { required: true })
const at = defineModel<string>('at', { required: true })
const km = defineModel<number>('km', { required: true })
const order = defineModel<Order>('order', { required: true })
const corridor = defineModel<number>('corridor', { required: true })
const filters = defineModel<Filters>('filters', { required: true })
const route = defineModel<RouteGiven | null>('route', { required: true })
</script>

<template>
  <div class="search">
    <v-btn-toggle v-model="way" mandatory role="group" aria-label="Search">
      <v-btn value="around" :aria-pressed="way === 'around'">Around a place</v-btn>
      <v-btn value="along" :aria-pressed="way === 'along'">Along a route</v-btn>
    </v-btn-toggle>
    <PointFields v-if="way === 'around'" v-model:at="at" v-model:km="km" v-model:order="order" />
    <RouteFields
      v-else
      v-model:route="route"
      v-model:corridor="corridor"
      :drawing="drawing"
      :drawn="drawn"
      @draw="$emit('draw')"
      @drawn="$emit('drawn')"
      @undraw="$emit('undraw')"
    />
    <FieldRow class="second">
      <StationFields />
      <FilterFields v-model="filters" :bands="bands" :problem="problem" @clear="$emit('clear')" />
    </FieldRow>
  </div>
</template>

<style scoped>
.search {
  padding: 12px 16px 10px;
  display: grid;
  gap: 10px;
  grid-template-columns: auto 1fr;
  align-items: center;
  border-bottom: 1px solid var(--line);
}
.second {
  grid-column: 1 / -1;
}
@media (max-width: 720px) {
  .search {
    grid-template-columns: 1fr;
    padding: 8px 12px;
  }
}
</style>
