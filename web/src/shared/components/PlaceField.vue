<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap } from '@/shared/api/client'

/** A place by its name, its coordinates or its locator; names that are known are offered. */
defineProps<{ label: string }>()
const place = defineModel<string>({ required: true })

const isName = computed(() => /^\p{L}[\p{L} '-]*$/u.test(place.value.trim()))
const { data } = useQuery({
  queryKey: ['places', place],
  enabled: isName,
  queryFn: ({ signal }) =>
    unwrap(api.GET('/api/map/places', { params: { query: { text: place.value } }, signal })),
})
const known = computed(() => (isName.value ? (data.value ?? []).map((each) => each.name) : []))
</script>

<template>
  <v-combobox
    :label="label"
    :model-value="place"
    :search="place"
    :items="known"
    no-filter
    hide-no-data
    menu-icon=""
    spellcheck="false"
    autocomplete="off"
    @update:model-value="(now: string | null) => (place = now ?? '')"
    @update:search="(now: string) => (place = now)"
  />
</template>
