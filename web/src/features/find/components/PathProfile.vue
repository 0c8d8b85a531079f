<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/shared/api/client'

const props = defineProps<{ path: Schemas['PathView'] }>()
const WIDTH = 306
const HEIGHT = 120
const LEFT = 44
const BASE = HEIGHT - 16

const all = computed(() => props.path.profile)
const length = computed(() => all.value[all.value.length - 1]?.metres ?? 1)
const high = computed(() =>
  Math.max(...all.value.map((each) => Math.max(each.ground, each.ray + each.fresnel))),
)
const low = computed(() => Math.min(0, ...all.value.map((each) => each.ground)))
const x = (metres: number) => LEFT + ((WIDTH - LEFT - 4) * metres) / length.value
const y = (metres: number) => BASE - ((BASE - 8) * (metres - low.value)) / Math.max(1, high.value - low.value)
const line = (height: (each: Schemas['ProfilePoint']) => number) =>
  all.value.map((each) => `${x(each.metres).toFixed(1)} ${y(height(each)).toFixed(1)}`)
const ground = computed(
  () => `M${LEFT} ${BASE}L${line((each) => each.ground).join('L')}L${x(length.value)} ${BASE}Z`,
)
const zone = computed(
  () =>
    `M${line((each) => each.ray + each.fresnel).join('L')}L${line((each) => each.ray - each.fresnel)
      .reverse()
      .join('L')}Z`,
)
const ray = computed(() => `M${line((each) => each.ray).join('L')}`)
const obstacle = computed(() => props.path.obstacle)
const says = computed(() => {
  const it = obstacle.value
  if (!it) return ''
  const where = `${(it.metres / 1000).toFixed(1)} km from you`
  return it.aboveRay > 0
    ? `The ground ${where} stands ${it.aboveRay.toFixed(0)} m above the ray; alone it costs ${it.lossDb.toFixed(0)} dB.`
    : it.clearShare < 0.6
      ? `The ground ${where} stands into the first Fresnel zone: ${Math.max(0, it.clearShare * 100).toFixed(0)} % of it is clear there.`
      : `The ray is clear; the ground comes nearest to it ${where}.`
})
</script>

<template>
  <figure class="profile">
    <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="`Path over the ground. ${says}`">
      <path :d="zone" class="zone" />
      <path :d="ground" class="ground" />
      <path :d="ray" class="ray" />
      <g v-if="obstacle" class="obstacle">
        <path :d="`M${x(obstacle.metres)} ${y(obstacle.ground)}V${y(obstacle.ground - obstacle.aboveRay)}`" />
        <circle :cx="x(obstacle.metres)" :cy="y(obstacle.ground)" r="3" />
      </g>
      <g class="axis">
        <text :x="LEFT - 4" :y="y(high) + 8" text-anchor="end">{{ Math.round(high) }} m</text>
        <text :x="LEFT - 4" :y="BASE" text-anchor="end">{{ Math.round(low) }}</text>
        <text :x="LEFT" :y="HEIGHT - 3">you</text>
        <text :x="WIDTH - 4" :y="HEIGHT - 3" text-anchor="end">{{ (length / 1000).toFixed(1) }} km</text>
      </g>
    </svg>
    <figcaption>{{ says }}</figcaption>
  </figure>
</template>

<style scoped>
.profile {
  margin: 0;
}
svg {
  width: 100%;
  display: block;
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: 6px;
}
.ground {
  fill: var(--rod);
  stroke: var(--rod-mark);
}
.zone {
  fill: var(--primary);
  fill-opacity: 0.13;
}
.ray {
  fill: none;
  stroke: var(--primary);
  stroke-width: 1.4;
}
.obstacle path {
  stroke: var(--talk);
  stroke-width: 1.6;
}
.obstacle circle {
  fill: var(--talk);
}
.axis text {
  font: 10.5px var(--mono);
  fill: var(--quiet);
}
figcaption {
  font-size: 13px;
  color: var(--quiet);
  margin-top: 4px;
}
</style>
