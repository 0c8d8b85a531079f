<script setup lang="ts">
import type { Way } from '../composables/useFind'

/** What there is to say where nothing is listed: how to begin, what went wrong, where else to look. */
defineProps<{
  way: Way
  problem: string | null
  asked: boolean
  filtered: boolean
  kilometres: number
}>()
defineEmits<{ again: []; clear: []; place: [name: string] }>()
</script>

<template>
  <div class="note stack">
    <template v-if="problem">
      <p role="alert" class="wrong">{{ problem }}</p>
      <v-btn size="small" @click="$emit('again')">Search again</v-btn>
    </template>
    <p v-else-if="!asked && way === 'around'">
      Say where you are: a place such as
      <button type="button" class="link" @click="$emit('place', 'Vellan Harbour')">Vellan Harbour</button>,
      coordinates such as <span class="mono">47.375 -37.985</span>, a locator such as
      <span class="mono">HN17aj</span>, or a click on the map.
    </p>
    <p v-else-if="!asked">
      Say where you drive: places parted by semicolons, a GPX file, or a line drawn on the map. Repeaters come
      in driving order, and a trip picks the few that cover the way.
    </p>
    <template v-else-if="filtered">
      <p>Nothing was found that passes the filters.</p>
      <v-btn size="small" @click="$emit('clear')">Clear the filters</v-btn>
    </template>
    <template v-else>
      <p>Nothing was found within {{ kilometres }} km. Look farther, or pull more entries in.</p>
      <v-btn size="small" :to="{ name: 'sources' }">Sources of the directory</v-btn>
    </template>
  </div>
</template>

<style scoped>
.note {
  padding: 8px 16px;
  gap: 10px;
  justify-items: start;
}
</style>
