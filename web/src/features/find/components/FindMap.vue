<script setup lang="ts">
import 'leaflet/dist/leaflet.css'
import '../map/marks.css'
import { ref } from 'vue'
import { useFindMap, type Shown } from '../map/useFindMap'

const props = defineProps<Shown & { boxable: boolean }>()
const emit = defineEmits<{
  pick: [at: number]
  point: [latitude: number, longitude: number]
  box: [edges: string]
}>()
const box = ref<HTMLElement | null>(null)
const { failed, inView, onKey } = useFindMap(box, props, {
  pick: (at) => emit('pick', at),
  point: (latitude, longitude) => emit('point', latitude, longitude),
  box: (edges) => emit('box', edges),
})
</script>

<template>
  <div class="around">
    <div
      ref="box"
      class="map"
      role="application"
      aria-label="Map. Arrow keys move it, plus and minus zoom, Enter takes the point in the middle. The list beside it says the same."
      @keydown="onKey"
    />
    <span class="middle" aria-hidden="true">+</span>
    <v-btn v-if="boxable" class="in-view" size="small" @click="inView">Search what the map shows</v-btn>
    <p v-if="failed" class="failed" role="alert">{{ failed }} The list goes on without the map.</p>
  </div>
</template>

<style scoped>
.around {
  position: relative;
  height: 100%;
  min-height: 0;
}
.map {
  height: 100%;
  background: var(--rail);
  isolation: isolate;
}
.map:focus-visible {
  outline-offset: -3px;
}
.middle {
  display: none;
  position: absolute;
  left: 50%;
  top: 50%;
  transform: translate(-50%, -50%);
  font: 22px var(--mono);
  color: var(--primary);
  pointer-events: none;
}
.map:focus-visible + .middle {
  display: block;
}
.in-view {
  position: absolute;
  right: 10px;
  top: 10px;
}
.failed {
  position: absolute;
  inset: auto 12px 12px;
  margin: 0;
  padding: 8px 12px;
  background: var(--surface);
  color: var(--error);
  border: 1px solid currentColor;
  border-radius: 6px;
}
</style>
