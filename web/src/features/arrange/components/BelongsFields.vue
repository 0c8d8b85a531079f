<script setup lang="ts">
import { computed } from 'vue'
import type { ListView, Schemas } from '@/shared/api/client'
import PlaceField from '@/shared/components/PlaceField.vue'
import FieldRow from '@/shared/ui/FieldRow.vue'
import { spot } from '../orders'

/** Which channels belong somewhere, asked field by field; what is left empty does not matter. */
defineProps<{ list: ListView }>()
const form = defineModel<Schemas['BelongsView']>({ required: true })

const USES = [
  { value: 'simplex', title: 'simplex' },
  { value: 'repeater', title: 'repeaters' },
  { value: 'listen_only', title: 'listen-only' },
]
const TONES = [
  { value: null, title: 'does not matter' },
  { value: true, title: 'with a talk tone' },
  { value: false, title: 'without' },
]
const KINDS = ['FM', 'NFM', 'AM']
const DISTANCES = [5, 10, 20, 40, 60, 100, 150, 300].map((each) => ({ value: each, title: `${each} km` }))
const circle = computed(() => form.value.area?.circle ?? null)
const outline = computed(() => form.value.area?.outline ?? null)
const place = computed({
  get: () => circle.value?.centre.place ?? '',
  /** Another place is looked up anew. */
  set(now: string) {
    if (now === (circle.value?.centre.place ?? '')) return
    const kilometres = circle.value?.kilometres ?? 40
    form.value.area = now ? { circle: { centre: spot(now), kilometres }, outline: null } : null
  },
})
const outlined = computed({
  get: () => outline.value !== null,
  set: (now: boolean) =>
    (form.value.area = now ? { circle: null, outline: { name: '', corners: '' } } : null),
})
const distances = computed(() => {
  const own = circle.value?.kilometres
  return own && !DISTANCES.some((each) => each.value === own)
    ? [...DISTANCES, { value: own, title: `${own} km` }]
    : DISTANCES
})
</script>

<template>
  <FieldRow>
    <v-select v-model="form.bands" label="Bands" multiple :items="list.bands" />
    <v-select v-model="form.uses" label="Use" multiple :items="USES" />
    <v-select v-model="form.talkTone" label="Talk tone" :items="TONES" />
    <v-select v-model="form.kinds" label="Kinds" multiple :items="KINDS" />
    <v-select v-model="form.flags" label="Directory says" multiple :items="list.flags" />
    <v-combobox
      v-model="form.words"
      class="grow"
      label="One of these is in the name (Enter after each)"
      multiple
      chips
      closable-chips
      hide-no-data
    />
    <PlaceField
      v-if="!outlined"
      v-model="place"
      class="grow"
      label="Around a place, coordinates or locator"
    />
    <v-select v-if="circle" v-model="circle.kilometres" label="within" :items="distances" />
    <v-checkbox v-model="outlined" label="Inside an outline instead" />
    <template v-if="outline">
      <v-text-field v-model="outline.name" label="What the area is called" maxlength="80" />
      <v-textarea
        v-model="outline.corners"
        class="grow mono"
        rows="3"
        label="Corners, one a line; or GeoJSON"
        placeholder="46.50, -38.25"
        spellcheck="false"
      />
    </template>
  </FieldRow>
</template>
