<script setup lang="ts">
import { computed, onBeforeUnmount, ref, toRef } from 'vue'
import type { Radio } from '@/shared/api/client'
import FigureField from '@/shared/ui/FigureField.vue'
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
  <section class="radio stack" :aria-label="`Face of ${radio.name}`">
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
          class="sending-key"
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
    <v-select
      label="Practise with cable trouble"
      :model-value="trouble?.kind ?? 'none'"
      :items="TROUBLES"
      item-title="words"
      item-value="kind"
      @update:model-value="(kind: TroubleKind) => setTrouble(kind, atByte)"
    />
    <FigureField
      v-if="trouble?.kind === 'flipped_byte' || trouble?.kind === 'pulled_while_writing'"
      label="After byte"
      :min="0"
      :model-value="atByte"
      @update:model-value="(byte) => trouble && setTrouble(trouble.kind, byte)"
    />
  </section>
</template>

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
  height: 104px;
  padding: 8px 12px;
  display: flex;
  flex-direction: column;
  justify-content: space-between;
  font-family: var(--mono);
}
.display.off {
  background: rgb(var(--v-theme-face-off));
}
.display.sending {
  background: rgb(var(--v-theme-face-sending));
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
.sending-key {
  grid-column: 1 / -1;
}
.sending-key {
  touch-action: none;
  user-select: none;
}
.sending-key.held {
  background: var(--talk);
  color: var(--ground);
}
</style>
