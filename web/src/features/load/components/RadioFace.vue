<script setup lang="ts">
import { computed, toRef } from 'vue'
import type { Radio } from '@/shared/api/client'
import RadioDisplay from '@/shared/components/RadioDisplay.vue'
import FigureField from '@/shared/ui/FigureField.vue'
import AtHand from './AtHand.vue'
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
  { kind: 'echo', words: 'the cable ends in itself' },
  { kind: 'other_device', words: 'something else speaks there' },
  { kind: 'other_speed', words: 'the radio runs at another speed' },
  { kind: 'flipped_byte', words: 'one byte arrives wrong' },
  { kind: 'pulled_while_writing', words: 'cable pulled while writing' },
  { kind: 'storm', words: 'everything a bad line can do' },
]
/** What the figure beside a trouble says, where it has one. */
const PLACED: Partial<Record<TroubleKind, string>> = {
  flipped_byte: 'After byte',
  pulled_while_writing: 'After byte',
  storm: 'Storm number',
}
const atByte = computed(() => trouble.value?.atByte ?? 0)
</script>

<template>
  <section class="radio stack" :aria-label="`Face of ${radio.name}`">
    <h2>The radio's own face</h2>
    <RadioDisplay :display="display" @press="press" />
    <p class="quiet small">It shows what its memory bytes say, nothing else.</p>
    <AtHand :radio-id="radio.id" :busy="busy" />
    <v-select
      v-if="radio.line.way === 'cable'"
      label="Practise with cable trouble"
      :model-value="trouble?.kind ?? 'none'"
      :items="TROUBLES"
      item-title="words"
      item-value="kind"
      @update:model-value="(kind: TroubleKind) => setTrouble(kind, atByte)"
    />
    <FigureField
      v-if="trouble && PLACED[trouble.kind]"
      :label="PLACED[trouble.kind] ?? ''"
      :min="0"
      :model-value="atByte"
      @update:model-value="(byte) => trouble && setTrouble(trouble.kind, byte)"
    />
  </section>
</template>
