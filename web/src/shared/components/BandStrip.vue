<script setup lang="ts">
import { computed } from 'vue'
import type { Strip } from '@/shared/api/client'

const props = defineProps<{ strip: Strip; shift: string }>()
const WIDTH = 308
const x = (hertz: number) =>
  ((hertz - props.strip.lowerHz) / (props.strip.upperHz - props.strip.lowerHz)) * WIDTH

const STEPS_MHZ = [1, 2, 5, 10]
const ticks = computed(() => {
  const span = (props.strip.upperHz - props.strip.lowerHz) / 1e6
  const step = STEPS_MHZ.find((each) => span / each <= 6) ?? 20
  const first = Math.ceil(props.strip.lowerHz / 1e6 / step) * step
  return Array.from({ length: Math.floor(span / step) + 1 }, (_, i) => first + i * step).filter(
    (mhz) => mhz * 1e6 <= props.strip.upperHz,
  )
})
const repeaters = computed(() => props.strip.segments.filter((each) => each.use.startsWith('repeater')))
const others = computed(() => props.strip.segments.filter((each) => !each.use.startsWith('repeater')))
const keptFor = ['satellites', 'weak signals', 'beacons']
const keptWords = computed(() =>
  keptFor.filter((use) => others.value.some((each) => each.use === use)).join(', '),
)
/** A bracket under the outputs of the rule that the pair follows. */
const rule = computed(() => {
  if (!props.strip.rule) return null
  const from = x(props.strip.rule.lowerHz)
  const to = Math.max(from + 2, x(props.strip.rule.upperHz))
  return `M${from} 60v-3H${to}v3`
})
const has = (use: string) => repeaters.value.some((each) => each.use === use)
const listenX = computed(() => (props.strip.listenHz === null ? null : x(props.strip.listenHz)))
const talkX = computed(() => (props.strip.talkHz === null ? null : x(props.strip.talkHz)))
const arc = computed(() => {
  const from = listenX.value
  const to = talkX.value
  if (from === null || to === null || Math.abs(from - to) < 2) return null
  const lift = Math.max(18, 42 - Math.abs(from - to) / 8)
  return { path: `M${from} 44 C ${from} ${44 - lift}, ${to} ${44 - lift}, ${to} 52`, middle: (from + to) / 2 }
})
const labelX = computed(() => Math.min(Math.max(arc.value?.middle ?? 0, 34), WIDTH - 34))
const anchor = (at: number) => (at < 16 ? 'start' : at > WIDTH - 16 ? 'end' : 'middle')
</script>

<template>
  <figure class="strip">
    <svg :viewBox="arc ? '-8 0 324 100' : '-8 40 324 60'" role="img" :aria-label="`The ${strip.band} band`">
      <defs>
        <pattern id="inputs" width="4" height="4" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="4" class="hatch-input" />
        </pattern>
        <pattern
          id="outputs"
          width="4"
          height="4"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(-45)"
        >
          <line x1="0" y1="0" x2="0" y2="4" class="hatch-output" />
        </pattern>
      </defs>
      <rect x="0" y="62" :width="WIDTH" height="12" class="band" />
      <rect
        v-for="segment in repeaters"
        :key="segment.lowerHz"
        :x="x(segment.lowerHz)"
        y="62"
        :width="Math.max(1.5, x(segment.upperHz) - x(segment.lowerHz))"
        height="12"
        :fill="segment.use === 'repeater inputs' ? 'url(#inputs)' : 'url(#outputs)'"
      />
      <rect
        v-for="segment in others"
        :key="segment.lowerHz"
        :x="x(segment.lowerHz)"
        y="62"
        :width="Math.max(1.5, x(segment.upperHz) - x(segment.lowerHz))"
        height="12"
        :class="segment.use.replace(' ', '-')"
      >
        <title>{{ segment.use }}</title>
      </rect>
      <path v-if="rule" :d="rule" class="rule-used">
        <title>{{ strip.rule?.words }}</title>
      </path>
      <line x1="0" y1="74" :x2="WIDTH" y2="74" class="rule" />
      <g v-for="mhz in ticks" :key="mhz">
        <line :x1="x(mhz * 1e6)" y1="74" :x2="x(mhz * 1e6)" y2="80" class="rule" />
        <text :x="x(mhz * 1e6)" y="93" :text-anchor="anchor(x(mhz * 1e6))">{{ mhz }}</text>
      </g>
      <template v-if="arc">
        <path :d="arc.path" class="arc" />
        <text :x="labelX" y="11" text-anchor="middle" class="shift">{{ shift }} MHz</text>
      </template>
      <path v-if="listenX !== null" :d="`M${listenX - 6} 48h12l-6 11z`" class="listen" />
      <path v-if="talkX !== null" :d="`M${talkX - 6} 88h12l-6 -12z`" class="talk" />
    </svg>
    <figcaption>
      {{ strip.band }}
      <template v-if="has('repeater outputs')"
        >· <span class="key out" aria-hidden="true" /> outputs</template
      >
      <template v-if="has('repeater inputs')"> <span class="key in" aria-hidden="true" /> inputs</template>
      <template v-if="others.some((each) => keptFor.includes(each.use))">
        · <span class="key kept" aria-hidden="true" /> kept for {{ keptWords }}</template
      >
    </figcaption>
  </figure>
</template>

<style scoped>
.strip {
  margin: 0;
}
svg {
  width: 100%;
  display: block;
}
text {
  font: 10.5px var(--mono);
  fill: var(--quiet);
}
.shift {
  font-size: 11.5px;
  fill: var(--ink);
}
.band {
  fill: var(--line);
  opacity: 0.55;
}
.rule {
  stroke: var(--ink);
  stroke-width: 1;
}
.simplex,
.data {
  fill: var(--quiet);
  opacity: 0.25;
}
.calling {
  fill: var(--ink);
}
.satellites,
.weak-signals,
.beacons {
  fill: var(--note);
  opacity: 0.3;
}
.rule-used {
  fill: none;
  stroke: var(--primary);
  stroke-width: 1.6;
}
.hatch-input {
  stroke: var(--talk);
  stroke-width: 2;
}
.hatch-output {
  stroke: var(--primary);
  stroke-width: 2;
}
.arc {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.4;
}
.listen {
  fill: var(--ground);
  stroke: var(--primary);
  stroke-width: 1.8;
}
.talk {
  fill: var(--talk);
}
figcaption {
  font-size: 12.5px;
  color: var(--quiet);
}
.key {
  display: inline-block;
  width: 10px;
  height: 10px;
  margin-left: 4px;
}
.out {
  background: repeating-linear-gradient(45deg, var(--primary) 0 2px, transparent 2px 4px);
}
.kept {
  background: color-mix(in srgb, var(--note) 35%, transparent);
}
.in {
  background: repeating-linear-gradient(-45deg, var(--talk) 0 2px, transparent 2px 4px);
}
</style>
