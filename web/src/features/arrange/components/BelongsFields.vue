<script setup lang="ts">
import { computed } from 'vue'
import type { ListView, Schemas } from '@/shared/api/client'
import PlaceField from '@/shared/components/PlaceField.vue'
import FieldRow from '@/shared/ui/FieldRow.vue'

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
const place = computed({
  get: () => form.value.area?.centre.place ?? '',
  /** Another place is looked up anew. */
  set(now: string) {
    if (now === form.value.area?.centre.place) return
    form.value.area = now
      ? {
          centre: { place: now, latitude: null, longitude: null },
          kilometres: form.value.area?.kilometres ?? 40,
        }
      : null
  },
})
const distances = computed(() => {
  const own = form.value.area?.kilometres
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
    <PlaceField v-model="place" class="grow" label="Around a place, coordinates or locator" />
    <v-select v-if="form.area" v-model="form.area.kilometres" label="within" :items="distances" />
  </FieldRow>
</template>
