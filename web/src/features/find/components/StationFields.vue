<script setup lang="ts">
import { computed } from 'vue'
import FigureField from '@/shared/ui/FigureField.vue'
import { useStation } from '../composables/useStation'

const { id, own, stations, OWN } = useStation()
const items = computed(() => [
  ...(stations.value ?? []).map((each) => ({ value: each.id, title: each.words })),
  { value: OWN, title: 'Other figures' },
])
</script>

<template>
  <v-select v-model="id" class="station" label="My radio" :items="items" />
  <template v-if="id === OWN">
    <FigureField
      v-model="own.antenna"
      class="short"
      label="antenna"
      suffix="m"
      :min="0.5"
      :max="1000"
      :precision="null"
    />
    <FigureField
      v-model="own.gain"
      class="short"
      label="gain"
      suffix="dBi"
      :min="-20"
      :max="30"
      :precision="null"
    />
    <FigureField
      v-model="own.watts"
      class="short"
      label="power"
      suffix="W"
      :min="0.01"
      :max="2000"
      :precision="null"
    />
  </template>
</template>

<style scoped>
.station {
  --field: 240px;
}
</style>
