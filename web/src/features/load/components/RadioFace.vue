<script setup lang="ts">
import { computed, onBeforeUnmount, ref, toRef } from 'vue'
import type { Radio } from '@/shared/api/client'
import { useFace, type TroubleKind } from '../composables/useFace'

const props = defineProps<{ radio: Radio; busy: boolean }>()
const { display, trouble, press, setTrouble } = useFace(
  toRef(() => props.radio.id),
  toRef(() => props.busy),
)

const TROUBLES: { kind: TroubleKind; words: string }[] = [
  { kind: 'none', words: 'none' },
  { kind: 'no_answer', words: 'the radio does not answer' },
  { kind: 'garbage', words: 'noise on the line' },
  { kind: 'flipped_byte', words: 'one byte arrives wrong' },
  { kind: 'pulled_while_writing', words: 'cable pulled while writing' },
]
const atByte = computed(() => trouble.value?.atByte ?? 0)

const held = ref(false)
function hold() {
  if (held.value) return
  held.value = true
  void press('TALK_DOWN')
}
function release() {
  if (!held.value) return
  held.value = false
  void press('TALK_UP')
}
onBeforeUnmount(release)
</script>

<template>
  <section class="radio" :aria-label="`Face of ${radio.name}`">
    <h2>The radio's own face</h2>
    <div class="body">
      <div class="display" :class="{ off: !display?.on, sending: display?.talking }" role="status">
        <template v-if="display?.on">
          <span class="top">
            <span data-face="slot">{{ String(display.slot).padStart(3, '0') }}</span>
            <span>{{ display.talking ? 'TX' : display.inUse ? 'RX' : '' }}</span>
          </span>
          <span class="frequency" data-face="frequency">{{ display.frequency || '– – –' }}</span>
          <span class="bottom">
            <span data-face="name">{{ display.name }}</span>
            <span data-face="tone">{{ display.notice || display.tone }}</span>
          </span>
        </template>
        <span v-else class="unseen">switched off</span>
      </div>
      <div class="keys">
        <v-btn :aria-pressed="display?.on ?? false" @click="press('POWER')">
          {{ display?.on ? 'Switch off' : 'Switch on' }}
        </v-btn>
        <v-btn :disabled="!display?.on" aria-label="Slot down" @click="press('DOWN')">▼</v-btn>
        <v-btn :disabled="!display?.on" aria-label="Slot up" @click="press('UP')">▲</v-btn>
        <v-btn :disabled="!display?.on" class="wide" @click="press('NEXT_IN_USE')">Next in use</v-btn>
        <v-btn
          :disabled="!display?.on"
          class="talk"
          :class="{ held }"
          @pointerdown="hold"
          @pointerup="release"
          @pointerleave="release"
          @keydown.space.prevent="hold"
          @keydown.enter.prevent="hold"
          @keyup="release"
          @blur="release"
          @contextmenu.prevent
        >
          Hold to talk
        </v-btn>
      </div>
    </div>
    <p class="quiet small">It shows what its memory bytes say, nothing else.</p>
    <label class="trouble">
      Practise with cable trouble
      <select
        :value="trouble?.kind ?? 'none'"
        @change="setTrouble(($event.target as HTMLSelectElement).value as TroubleKind, atByte)"
      >
        <option v-for="each in TROUBLES" :key="each.kind" :value="each.kind">{{ each.words }}</option>
      </select>
    </label>
    <label
      v-if="trouble?.kind === 'flipped_byte' || trouble?.kind === 'pulled_while_writing'"
      class="trouble"
    >
      After byte
      <input
        type="number"
        min="0"
        :value="atByte"
        @change="setTrouble(trouble.kind, Math.max(0, Number(($event.target as HTMLInputElement).value)))"
      />
    </label>
  </section>
</template>

<style scoped>
.body {
  background: #2a302e;
  border-radius: 6px;
  padding: 16px;
  display: grid;
  gap: 14px;
}
.display {
  background: #c9d3b0;
  color: #1a1f12;
  border-radius: 4px;
  height: 104px;
  padding: 8px 12px;
  display: flex;
  flex-direction: column;
  justify-content: space-between;
  font-family: var(--mono);
}
.display.off {
  background: #555d4a;
}
.display.sending {
  background: #f0c79a;
}
.top,
.bottom {
  display: flex;
  justify-content: space-between;
  font-size: 14px;
}
.frequency {
  font-size: 30px;
  font-weight: 600;
  line-height: 1;
}
.keys {
  display: grid;
  grid-template-columns: 1fr 48px 48px;
  gap: 8px;
}
.keys .v-btn {
  min-width: 0;
}
.wide,
.talk {
  grid-column: 1 / -1;
}
.talk {
  touch-action: none;
  user-select: none;
}
.talk.held {
  background: var(--talk);
  color: var(--ground);
}
.small {
  font-size: 13px;
  margin: 6px 0 16px;
}
.trouble {
  display: grid;
  gap: 4px;
  color: var(--quiet);
  font-size: 13.5px;
  margin-bottom: 8px;
}
.trouble select,
.trouble input {
  height: 36px;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  padding: 0 8px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
}
</style>
