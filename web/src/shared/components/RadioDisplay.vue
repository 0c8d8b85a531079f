<script setup lang="ts">
import { onBeforeUnmount, ref, watch } from 'vue'
import type { FaceKeyPressed, RadioDisplay } from '@/shared/api/client'

const props = defineProps<{ display: RadioDisplay | undefined; steady?: boolean }>()
const emit = defineEmits<{ press: [key: FaceKeyPressed] }>()

type Holdable = 'TALK' | 'INPUT'
const held = ref<Holdable | null>(null)
function hold(key: Holdable) {
  if (held.value) return
  held.value = key
  emit('press', `${key}_DOWN`)
}
function release() {
  if (!held.value) return
  const key = held.value
  held.value = null
  emit('press', `${key}_UP`)
}
onBeforeUnmount(release)

const MOMENT = 700
let clock: ReturnType<typeof setInterval> | undefined
watch(
  () => props.display?.scanning ?? false,
  (scanning) => {
    clearInterval(clock)
    if (scanning) clock = setInterval(() => emit('press', 'MOMENT'), MOMENT)
  },
  { immediate: true },
)
onBeforeUnmount(() => clearInterval(clock))

const holding = (key: Holdable) => ({
  class: ['held-key', { held: held.value === key }],
  onPointerdown: () => hold(key),
  onPointerup: release,
  onPointerleave: release,
  onKeydown: (event: KeyboardEvent) => {
    if (event.key !== ' ' && event.key !== 'Enter') return
    event.preventDefault()
    hold(key)
  },
  onKeyup: release,
  onBlur: release,
  onContextmenu: (event: Event) => event.preventDefault(),
})
</script>

<template>
  <div class="body">
    <div
      class="display"
      :class="[display?.look.toLowerCase(), { off: !display?.on, sending: display?.talking }]"
      role="status"
    >
      <template v-if="display?.on">
        <div
          v-for="(line, number) in display.lines"
          :key="number"
          class="line"
          :class="{ active: line.active && display.lines.length > 1 }"
        >
          <span v-for="(row, at) in line.rows" :key="at" class="row">
            <span
              v-for="each in row.parts"
              :key="each.part"
              :class="{ big: each.part === 'FREQUENCY' }"
              :data-face="line.active ? each.part.toLowerCase() : undefined"
              >{{ each.text || (each.part === 'FREQUENCY' ? '– – –' : '') }}</span
            >
          </span>
        </div>
      </template>
      <span v-else class="unseen">switched off</span>
    </div>
    <div class="keys">
      <v-btn v-if="!steady" class="wide" :aria-pressed="display?.on ?? false" @click="emit('press', 'POWER')">
        {{ display?.on ? 'Switch off' : 'Switch on' }}
      </v-btn>
      <v-btn :disabled="!display?.on" aria-label="Slot down" @click="emit('press', 'DOWN')">▼</v-btn>
      <v-btn :disabled="!display?.on" aria-label="Slot up" @click="emit('press', 'UP')">▲</v-btn>
      <v-btn :disabled="!display?.on" class="long" @click="emit('press', 'NEXT_IN_USE')"> Next in use </v-btn>
      <template v-for="each in display?.keys ?? []" :key="each.key">
        <v-btn
          v-if="each.key === 'INPUT'"
          class="long"
          :disabled="!display?.on"
          title="hold it: the talk frequency is listened to"
          v-bind="holding('INPUT')"
          >{{ each.printed }}</v-btn
        >
        <v-btn
          v-else
          class="long"
          :disabled="!display?.on"
          :title="DOES[each.key]"
          @click="emit('press', each.key)"
          >{{ each.printed }}</v-btn
        >
      </template>
      <v-btn :disabled="!display?.on" class="wide" v-bind="holding('TALK')">Hold to talk</v-btn>
    </div>
  </div>
</template>

<script lang="ts">
/** What the keys do that not every radio has, for who does not know the radio. */
const DOES = {
  BANK: 'the next bank, and behind the last all slots',
  SCAN: 'scan, and stop the scan',
  HOME: 'the home slot',
  LINE: 'the other line',
  DISPLAY: 'the next thing that the line can show',
  INPUT: '',
  AM: 'listen in AM where no slot says so, and back',
}
</script>

<style scoped>
.body {
  background: rgb(var(--v-theme-face));
  border-radius: 6px;
  padding: 16px;
  display: grid;
  gap: 14px;
}
.display {
  background: rgb(var(--v-theme-face-lit));
  color: rgb(var(--v-theme-face-ink));
  border-radius: 4px;
  min-height: 104px;
  padding: 8px 12px;
  display: flex;
  flex-direction: column;
  gap: 8px;
  justify-content: space-between;
  font-family: var(--mono);
}
.display.page {
  background: rgb(var(--v-theme-face-page));
  color: rgb(var(--v-theme-face-page-ink));
  border-left: 4px solid var(--listen);
}
.display.off {
  background: rgb(var(--v-theme-face-off));
  color: rgb(var(--v-theme-face-ink));
}
.display.sending {
  background: rgb(var(--v-theme-face-sending));
  color: rgb(var(--v-theme-face-ink));
}
.line {
  flex: 1;
  display: flex;
  flex-direction: column;
  justify-content: space-between;
  padding-left: 6px;
  border-left: 3px solid transparent;
}
.line.active {
  border-left-color: currentcolor;
}
.row {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 1ch;
  font-size: 14px;
  min-height: 18px;
  white-space: pre;
}
.big {
  font-size: 28px;
  font-weight: 600;
  line-height: 1.1;
}
.strokes .line {
  justify-content: center;
  align-items: center;
}
.strokes .row > span {
  font-size: 40px;
  font-weight: 600;
  letter-spacing: 0.12em;
}
.keys {
  display: grid;
  grid-template-columns: repeat(6, 1fr);
  gap: 8px;
}
.keys .v-btn {
  min-width: 0;
  text-transform: none;
}
.long {
  grid-column: span 2;
}
.wide {
  grid-column: 1 / -1;
}
.held-key {
  touch-action: none;
  user-select: none;
}
.held-key.held {
  background: var(--talk);
  color: var(--ground);
}
</style>
