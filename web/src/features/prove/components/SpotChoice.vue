<script setup lang="ts">
import { computed } from 'vue'
import type { Radio, Schemas } from '@/shared/api/client'
import PlaceField from '@/shared/components/PlaceField.vue'
import { usePlace } from '../composables/usePlace'

/** With which radio, where, and which channel. */
const props = defineProps<{ radios: Radio[]; rows: Schemas['RowView'][]; row: Schemas['RowView'] }>()
const radio = defineModel<string>('radio', { required: true })
const place = defineModel<string>('place', { required: true })
const emit = defineEmits<{ look: [channelId: string]; turn: [by: number] }>()
const { here, looking } = usePlace()
const channels = computed(() =>
  props.rows.map((each) => ({ value: each.id, title: `${each.slot} · ${each.label}` })),
)
const owners = computed(() => [
  { value: '', title: 'any radio' },
  ...props.radios.map((each) => ({ value: each.id, title: each.name })),
])
</script>

<template>
  <div class="stack">
    <div class="acts who">
      <v-select v-model="radio" label="With" :items="owners" density="compact" hide-details />
      <PlaceField v-model="place" label="Where" density="compact" hide-details />
      <v-btn size="small" :disabled="looking" @click="here">Where I am</v-btn>
    </div>
    <div class="acts channel">
      <v-btn size="small" aria-label="The channel before" @click="emit('turn', -1)">‹</v-btn>
      <v-autocomplete
        label="Channel"
        :model-value="row.id"
        :items="channels"
        density="compact"
        hide-details
        variant="outlined"
        auto-select-first
        @update:model-value="(id: string | null) => id && emit('look', id)"
      />
      <v-btn size="small" aria-label="The next channel" @click="emit('turn', 1)">›</v-btn>
    </div>
  </div>
</template>

<style scoped>
.who > *,
.channel > .v-autocomplete {
  flex: 1 1 150px;
}
.who > .v-btn {
  flex: 0 0 auto;
}
</style>
