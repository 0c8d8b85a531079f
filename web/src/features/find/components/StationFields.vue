<script setup lang="ts">
import { useStation } from '../composables/useStation'

const { id: stationId, own, stations, OWN } = useStation()
</script>

<template>
  <label>
    My radio
    <select v-model="stationId">
      <option v-for="each in stations" :key="each.id" :value="each.id">{{ each.words }}</option>
      <option :value="OWN">Other figures</option>
    </select>
  </label>
  <template v-if="stationId === OWN">
    <label
      >antenna <input v-model.number="own.antenna" type="number" min="0.5" max="1000" step="0.5" /> m</label
    >
    <label>gain <input v-model.number="own.gain" type="number" min="-20" max="30" step="0.5" /> dBi</label>
    <label>power <input v-model.number="own.watts" type="number" min="0.01" max="2000" step="any" /> W</label>
  </template>
</template>
