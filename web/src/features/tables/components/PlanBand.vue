<script setup lang="ts">
import type { Schemas } from '@/shared/api/client'

const props = defineProps<{ band: Schemas['BandView'] }>()
const share = (hertz: number) =>
  ((hertz - props.band.lowerHz) / (props.band.upperHz - props.band.lowerHz)) * 100
const kind = (use: string) => use.replace(' ', '-')
</script>

<template>
  <section class="band">
    <h2>
      {{ band.name }} <span class="mono">{{ band.range }} MHz</span>
    </h2>
    <div class="strip" aria-hidden="true">
      <span
        v-for="segment in band.segments"
        :key="segment.lowerHz"
        :class="kind(segment.use)"
        :title="`${segment.range} ${segment.use}`"
        :style="{
          left: `${share(segment.lowerHz)}%`,
          width: `max(2px, ${share(segment.upperHz) - share(segment.lowerHz)}%)`,
        }"
      />
    </div>
    <div class="columns">
      <v-table :fixed-header="false" :aria-label="`Segments of ${band.name}`">
        <thead>
          <tr>
            <th scope="col">Segment, MHz</th>
            <th scope="col">Use</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="segment in band.segments" :key="segment.lowerHz">
            <th scope="row" class="mono">{{ segment.range }}</th>
            <td><span class="key" :class="kind(segment.use)" aria-hidden="true" /> {{ segment.use }}</td>
          </tr>
        </tbody>
      </v-table>
      <div>
        <v-table v-if="band.rules.length" :fixed-header="false" :aria-label="`Shift rules of ${band.name}`">
          <thead>
            <tr>
              <th scope="col">Outputs, MHz</th>
              <th scope="col">Talk</th>
              <th scope="col">Rests on</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="rule in band.rules" :key="rule.outputs + rule.shift">
              <th scope="row" class="mono">{{ rule.outputs }}</th>
              <td class="mono talk">{{ rule.shift }}</td>
              <td>
                {{ rule.practice
                }}<span v-if="rule.localOption && !rule.practice.includes('local option')" class="quiet">
                  (local option)</span
                >
              </td>
            </tr>
          </tbody>
        </v-table>
        <p class="quiet">Spacings {{ band.rasters }}. FM calling {{ band.calling }} MHz.</p>
      </div>
    </div>
  </section>
</template>

<style scoped>
h2 {
  color: var(--ink);
  font-size: 15px;
}
.strip {
  position: relative;
  height: 14px;
  background: var(--ground);
  border-bottom: 1.5px solid var(--ink);
  margin-bottom: 6px;
}
.strip span,
.key {
  position: absolute;
  top: 0;
  bottom: 0;
  background: var(--line);
}
.key {
  position: static;
  display: inline-block;
  width: 14px;
  height: 10px;
}
.repeater-outputs {
  background: repeating-linear-gradient(45deg, var(--primary) 0 1.5px, transparent 1.5px 4px) !important;
}
.repeater-inputs {
  background: repeating-linear-gradient(-45deg, var(--talk) 0 1.5px, transparent 1.5px 4px) !important;
}
.calling {
  background: var(--ink) !important;
}
.satellites,
.weak-signals,
.beacons {
  background: repeating-linear-gradient(90deg, var(--note) 0 1px, transparent 1px 4px) !important;
}
.columns {
  display: grid;
  grid-template-columns: 320px 1fr;
  gap: 12px 32px;
}
p {
  margin-top: 6px;
  font-size: 13.5px;
}
@media (max-width: 720px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
