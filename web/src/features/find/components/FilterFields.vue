<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import type { Filters } from '../composables/useFind'

const props = defineProps<{ bands: string[]; problem: string | null }>()
const emit = defineEmits<{ clear: [] }>()
const filters = defineModel<Filters>({ required: true })
const { data: flags } = useQuery({
  queryKey: ['flags'],
  staleTime: Infinity,
  queryFn: () => unwrap(api.GET('/api/find/flags')),
})
const active = computed(() => Object.values(filters.value).filter((each) => each.trim() !== '').length)
const more = ref(active.value > 0)
const filtersShown = computed(() => more.value || props.problem !== null)
</script>

<template>
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
    <v-btn v-if="active" variant="text" @click="emit('clear')"> Clear </v-btn>
  </template>
</template>
