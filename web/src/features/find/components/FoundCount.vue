<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap, type Schemas } from '@/shared/api/client'
import { grouped } from '@/shared/words'

/** How many were found, and where; or how many there are at all. */
const props = defineProps<{
  asked: boolean
  failed: boolean
  data: Schemas['FindView'] | undefined
  box: string
  routeName: string
  /** What leaving the part of the map would bring back. */
  backTo: string | null
}>()
defineEmits<{ unbox: [] }>()

const { data: sources } = useQuery({
  queryKey: ['sources'],
  queryFn: () => unwrap(api.GET('/api/find/sources')),
})
const listed = computed(() => sources.value?.reduce((sum, each) => sum + each.entries, 0) ?? null)
const says = computed(() => {
  const now = props.data
  if (!now) return ''
  const place = now.here ? `${now.here.name}${now.here.area ? `, ${now.here.area}` : ''}` : ''
  const where = now.route
    ? ` along ${now.route.kilometres.toFixed(0)} km, ${props.routeName}`
    : props.box
      ? ` on the part of the map, seen from ${place || 'its middle'}`
      : place && ` around ${place}`
  const more = now.total > now.found.length ? `; the nearest ${now.found.length} are shown` : ''
  return `found${where}${more}`
})
</script>

<template>
  <div class="count" role="status">
    <span v-if="failed" />
    <span v-else-if="!asked">{{ listed === null ? '' : `${grouped(listed)} entries in the directory` }}</span>
    <span v-else-if="data">
      <b>{{ grouped(data.total) }}</b> {{ says }}
    </span>
    <span v-else>Searching…</span>
    <button v-if="backTo" type="button" class="link" @click="$emit('unbox')">{{ backTo }}</button>
    <router-link :to="{ name: 'sources' }">Sources</router-link>
  </div>
</template>

<style scoped>
.count {
  display: flex;
  gap: 12px;
  justify-content: space-between;
  padding: 8px 16px 4px;
  font-size: 13.5px;
}
</style>
