<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'
import type { Order } from '../composables/useFind'

const at = defineModel<string>('at', { required: true })
const km = defineModel<number>('km', { required: true })
const order = defineModel<Order>('order', { required: true })

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
</script>

<template>
  <form class="fields" @submit.prevent="at = typed.trim()">
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
</template>
