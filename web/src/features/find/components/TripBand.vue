<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'
import { megahertz, toneOf } from '../composables/words'

/** The plan for one band: its coverage along the way, and who to use from which kilometre on. */
const props = defineProps<{ band: Schemas['BandTripView']; kilometres: number }>()
const emit = defineEmits<{ look: [id: string] }>()

const share = (km: number) => `${((100 * km) / props.kilometres).toFixed(2)}%`
const km = (value: number) => value.toFixed(0)
</script>

<template>
  <div class="band">
    <h3>
      {{ band.band }}: {{ band.legs.length }} repeaters, {{ band.changes }} changes,
      {{
        band.gapKm > 0
          ? `nobody for ${km(band.gapKm)} of ${km(kilometres)} km`
          : `all ${km(kilometres)} km covered`
      }}
    </h3>
    <div class="strip" role="img" :aria-label="`Coverage of ${band.band}; the table below says the same`">
      <span
        v-for="(leg, i) in band.legs"
        :key="leg.fromKm"
        class="leg"
        :class="{ other: i % 2 === 1 }"
        :style="{ left: share(leg.fromKm), width: share(leg.toKm - leg.fromKm) }"
        :title="`${leg.entry.label}, km ${km(leg.fromKm)} to ${km(leg.toKm)}`"
        >{{ leg.entry.label }}</span
      >
      <span
        v-for="gap in band.gaps"
        :key="`gap${gap.fromKm}`"
        class="gap"
        :style="{ left: share(gap.fromKm), width: share(gap.toKm - gap.fromKm) }"
        :title="`Nobody, km ${km(gap.fromKm)} to ${km(gap.toKm)}`"
      />
    </div>
    <v-table :aria-label="`Who to use on ${band.band}`">
      <thead>
        <tr>
          <th class="figure">from km</th>
          <th class="figure">to km</th>
          <th>use</th>
          <th class="figure">listen MHz</th>
          <th>tone</th>
          <th class="figure">least margin</th>
          <th>breaks</th>
          <th class="wide">heard from and to</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="leg in band.legs" :key="leg.fromKm">
          <td class="figure">{{ km(leg.fromKm) }}</td>
          <td class="figure">{{ km(leg.toKm) }}</td>
          <td>
            <button type="button" class="link" @click="emit('look', leg.entry.id)">
              {{ leg.entry.label }}
            </button>
          </td>
          <td class="figure">{{ megahertz(leg.entry.outputHz) }}</td>
          <td class="mono">{{ toneOf(leg.entry.talkTone) }}</td>
          <td class="figure">{{ leg.leastMarginDb.toFixed(0) }} dB</td>
          <td>{{ leg.weakKm > 0 ? `weak for ${leg.weakKm.toFixed(0)} km` : '' }}</td>
          <td class="wide mono">km {{ km(leg.heardFromKm) }} to {{ km(leg.heardToKm) }}</td>
        </tr>
      </tbody>
    </v-table>
    <p v-if="band.gaps.length" class="quiet">
      Nobody on km
      {{ band.gaps.map((gap) => `${km(gap.fromKm)} to ${km(gap.toKm)}`).join(', ') }}.
    </p>
  </div>
</template>

<style scoped>
h3 {
  font-size: 14px;
  font-weight: 600;
  margin: 10px 0 6px;
}
.strip {
  position: relative;
  height: 30px;
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: 6px;
  overflow: hidden;
}
.leg,
.gap {
  position: absolute;
  top: 0;
  bottom: 0;
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
  line-height: 28px;
  padding: 0 6px;
  font-size: 12.5px;
  box-sizing: border-box;
}
.leg {
  background: var(--picked);
  border-left: 2px solid var(--primary);
}
.leg.other {
  background: var(--rod);
  color: var(--rod-ink);
}
.gap {
  background: repeating-linear-gradient(135deg, var(--surface) 0 5px, var(--error) 5px 7px);
}
@media (max-width: 720px) {
  .wide {
    display: none;
  }
}
</style>
