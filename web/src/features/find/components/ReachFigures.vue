<script setup lang="ts">
import { computed } from 'vue'
import type { Found, Schemas } from '@/shared/api/client'
import PathProfile from './PathProfile.vue'

/** How far it reaches, both ways, and over which ground. */
const props = defineProps<{ reach: NonNullable<Found['reach']>; path: Schemas['PathView'] | null }>()
const ways = computed(() => [
  { words: 'They hear you', way: props.reach.theyHearMe },
  { words: 'You hear them', way: props.reach.iHearThem },
])
const db = (value: number) => value.toFixed(0).replace('-', '−')
</script>

<template>
  <section class="reach">
    <h2>Reach, an estimate</h2>
    <p class="quiet">
      {{ reach.kilometres }} km, bearing {{ reach.bearingDegrees }}° ({{ reach.compass }}). Radio horizon
      {{ reach.horizonKilometres }} km. {{ reach.horizonWords }}
    </p>
    <v-table aria-label="Levels in both directions">
      <thead>
        <tr>
          <td></td>
          <th scope="col" class="figure">sent</th>
          <th scope="col" class="figure">loss</th>
          <th scope="col" class="figure">arrives</th>
          <th scope="col" class="figure">margin</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="each in ways" :key="each.words">
          <th scope="row">{{ each.words }}</th>
          <td class="figure">{{ db(each.way.sentDbm) }}</td>
          <td class="figure">{{ db(each.way.lossDb) }}</td>
          <td class="figure">{{ db(each.way.arrivesDbm) }}</td>
          <td class="figure">
            <b>{{ db(each.way.marginDb) }} dB</b>
          </td>
        </tr>
      </tbody>
    </v-table>
    <p class="small quiet">
      dBm and dB; {{ db(ways[0]?.way.neededDbm ?? 0) }} dBm are needed. Free space
      {{ db(reach.freeSpaceDb) }} dB, {{ reach.groundKnownPercent > 0 ? 'ground' : 'round earth' }}
      {{ db(reach.diffractionDb) }} dB.
      <template v-if="reach.groundKnownPercent === 0">No elevation data covers the path. </template>
      <template v-else-if="!reach.overTerrain"
        >The ground is known on {{ reach.groundKnownPercent }} % of the path; the rest was taken to be as low
        as it is where that begins.
      </template>
      Assumed: {{ reach.assumed.join(', ') }}.
    </p>
    <PathProfile v-if="path && (path.profile[path.profile.length - 1]?.metres ?? 0) > 0" :path="path" />
  </section>
</template>

<style scoped>
.reach :deep(:is(th, td)) {
  padding-inline: 4px;
}
.small {
  margin: 6px 0 8px;
}
</style>
