<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, nextTick, ref, watch } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import FieldRow from '@/shared/ui/FieldRow.vue'
import type { Order } from '../composables/useFind'
import { useLocating } from '../composables/useLocating'

const at = defineModel<string>('at', { required: true })
const km = defineModel<number>('km', { required: true })
const order = defineModel<Order>('order', { required: true })

const DISTANCES = [10, 20, 40, 60, 100, 150, 300, 1000].map((each) => ({ value: each, title: `${each} km` }))
const ORDERS: { value: Order; title: string }[] = [
  { value: 'use', title: 'best first' },
  { value: 'distance', title: 'nearest first' },
  { value: 'confirmed', title: 'last proven or confirmed first' },
  { value: 'unconfirmed', title: 'longest not proven first' },
  { value: 'output', title: 'by frequency' },
]
/** What is typed counts once it is entered, chosen or left, not letter by letter. */
const typed = ref(at.value)
watch(at, (now) => (typed.value = now))
/** Going into the suggestions is not leaving the field. */
function leave(event: FocusEvent) {
  const to = event.relatedTarget
  if (!(to instanceof Element && to.closest('.v-overlay'))) commit(typed.value)
}
async function enter() {
  // A suggestion that was chosen by keys is put into the field first.
  await nextTick()
  commit(typed.value)
}
const commit = (place: string) => (at.value = place.trim())
const suggesting = computed(() => /^\p{L}[\p{L} '-]+$/u.test(typed.value.trim()) && typed.value !== at.value)
const { data: places } = useQuery({
  queryKey: ['places', typed],
  enabled: suggesting,
  queryFn: ({ signal }) =>
    unwrap(api.GET('/api/map/places', { params: { query: { text: typed.value } }, signal })),
})
const suggested = computed(() =>
  suggesting.value
    ? (places.value ?? []).map((each) => ({
        title: each.name,
        props: { subtitle: each.area, onClick: () => commit(each.name) },
      }))
    : [],
)
const { canLocate, locating, locate } = useLocating((place) => (at.value = place))
</script>

<template>
  <form @submit.prevent>
    <FieldRow>
      <v-combobox
        id="find-at"
        class="grow"
        label="Place, coordinates or locator"
        spellcheck="false"
        autocomplete="off"
        no-filter
        hide-no-data
        menu-icon=""
        :return-object="false"
        item-value="title"
        :items="suggested"
        :model-value="typed"
        @update:model-value="(place: string | null) => (typed = place ?? '')"
        @keydown.enter="enter"
        @blur="leave"
      />
      <v-btn v-if="canLocate" :loading="locating" @click="locate">Where I am</v-btn>
      <v-select v-model="km" label="within" :items="DISTANCES" />
      <v-select v-model="order" label="Order" :items="ORDERS" />
    </FieldRow>
  </form>
</template>
