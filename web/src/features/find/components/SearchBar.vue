<script setup lang="ts">
import '../fields.css'
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
    <div class="ways" role="group" aria-label="Search">
      <button type="button" :aria-pressed="way === 'around'" @click="way = 'around'">Around a place</button>
      <button type="button" :aria-pressed="way === 'along'" @click="way = 'along'">Along a route</button>
    </div>
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
    <div class="fields">
      <StationFields />
      <FilterFields v-model="filters" :bands="bands" :problem="problem" @clear="$emit('clear')" />
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
@media (max-width: 720px) {
  .search {
    grid-template-columns: 1fr;
    padding: 8px 12px;
  }
}
</style>
