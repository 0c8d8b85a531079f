<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import LazyField from '@/shared/ui/LazyField.vue'
import type { Filters } from '../composables/useFind'

const props = defineProps<{ bands: string[]; problem: string | null }>()
const emit = defineEmits<{ clear: [] }>()
const STATES = ['on the air', 'off the air', 'unknown', 'no longer listed']
const MODES = ['FM', 'NFM', 'AM', 'digital']
/** The first choice is that it does not matter. */
const any = (words: string, all: (string | { value: string; title: string })[]) => [
  { value: '', title: words },
  ...all.map((each) => (typeof each === 'string' ? { value: each, title: each } : each)),
]
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
    <v-select v-model="filters.band" label="Band" :items="any('any band', bands)" />
    <v-select
      v-model="filters.state"
      label="State"
      :items="any('any state', [{ value: 'usable', title: 'not known silent' }, ...STATES])"
    />
    <v-select v-model="filters.mode" label="Mode" :items="any('any mode', MODES)" />
    <v-select
      v-model="filters.flag"
      label="What it must have"
      :items="any('with anything', flags?.map((each) => each.words) ?? [])"
    />
    <LazyField v-model="filters.tone" class="short" label="Talk tone" />
    <LazyField v-model="filters.text" label="Words in the entry" />
    <v-btn v-if="active" variant="text" @click="emit('clear')">Clear</v-btn>
  </template>
</template>
