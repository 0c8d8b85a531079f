<script setup lang="ts">
import { ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useNotice } from '@/shared/composables/useNotice'
import FieldRow from '@/shared/ui/FieldRow.vue'
import type { RouteGiven } from '../composables/useFind'

defineProps<{ drawing: boolean; drawn: number[][] }>()
const emit = defineEmits<{ draw: []; drawn: []; undraw: [] }>()
const route = defineModel<RouteGiven | null>('route', { required: true })
const corridor = defineModel<number>('corridor', { required: true })

const CORRIDORS = [5, 10, 20, 40, 60, 80, 120].map((each) => ({ value: each, title: `${each} km` }))
const { tellProblem } = useNotice()
const stops = useKeptText('reckonrod.find.stops')
async function byNames() {
  const names = stops.value
    .split(/[;\n]|–|→| to /)
    .map((each) => each.trim())
    .filter(Boolean)
  try {
    if (names.length < 2) throw new Error('Name at least two places, parted by semicolons.')
    const points: number[][] = []
    for (const name of names) {
      const found = await unwrap(api.GET('/api/map/places', { params: { query: { text: name } } }))
      const place = found[0]
      if (!place)
        throw new Error(`No place is called “${name}” in the directory. Give its coordinates instead.`)
      points.push([place.latitude, place.longitude])
    }
    route.value = { name: names.join(' – '), gpx: null, points }
  } catch (cause) {
    tellProblem(cause)
  }
}
const file = ref<HTMLInputElement | null>(null)
async function read(files: FileList | null) {
  const gpx = files?.[0]
  if (gpx) route.value = { name: gpx.name.replace(/\.gpx$/i, ''), gpx: await gpx.text(), points: null }
  if (file.value) file.value.value = ''
}
async function tryDrive() {
  try {
    const answer = await fetch('/api/map/drive.gpx')
    route.value = { name: 'Through Ardmoor', gpx: await answer.text(), points: null }
  } catch (cause) {
    tellProblem(cause)
  }
}
</script>

<template>
  <form @submit.prevent="byNames">
    <FieldRow>
      <v-text-field
        v-model="stops"
        class="grow"
        label="Places along the route, parted by semicolons"
        placeholder="Port Ardmoor; Tolmere; Northwatch"
        spellcheck="false"
      />
      <v-btn type="submit">Go</v-btn>
      <input
        ref="file"
        type="file"
        accept=".gpx,application/gpx+xml"
        class="unseen"
        tabindex="-1"
        aria-label="GPX file"
        @change="read(($event.target as HTMLInputElement).files)"
      />
      <v-btn @click="file?.click()">GPX file…</v-btn>
      <v-btn v-if="!drawing" @click="emit('draw')">Draw</v-btn>
      <template v-else>
        <v-btn color="primary" variant="flat" :disabled="drawn.length < 2" @click="emit('drawn')">
          Use {{ drawn.length }} points
        </v-btn>
        <v-btn :disabled="!drawn.length" @click="emit('undraw')">Take back</v-btn>
      </template>
      <v-select v-model="corridor" class="short" label="corridor" :items="CORRIDORS" />
      <v-btn v-if="!route && !drawing" variant="text" @click="tryDrive">Try the road through Ardmoor</v-btn>
    </FieldRow>
  </form>
</template>
