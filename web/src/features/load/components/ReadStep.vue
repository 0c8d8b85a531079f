<script setup lang="ts">
import { mdiCableData, mdiCompareHorizontal, mdiContentSaveCheckOutline } from '@mdi/js'
import { computed, ref } from 'vue'
import type { Radio } from '@/shared/api/client'
import { counted, moment } from '@/shared/words'
import PersonSteps from './PersonSteps.vue'

/** The first step: nothing is written before what the radio holds is known and kept. */
const props = defineProps<{ radio: Radio; running: boolean }>()
const emit = defineEmits<{ read: []; zip: [file: File] }>()
const byCard = computed(() => props.radio.line.way === 'card')
/** Whether the newest snapshot stands for what it holds now. */
const known = computed(() => !!props.radio.newestSnapshot && !props.radio.unknownSince)
const NEXT = computed(() => [
  {
    icon: mdiCableData,
    what: 'Read',
    says: `what it holds is fetched ${byCard.value ? 'from its card' : 'over the cable'} and kept as a snapshot`,
  },
  { icon: mdiCompareHorizontal, what: 'Look', says: 'every slot that would change, before anything does' },
  {
    icon: mdiContentSaveCheckOutline,
    what: 'Write and prove',
    says: byCard.value
      ? 'the card is written; when the radio has taken it in and exported it again, it is proven'
      : 'only what changes; then it is read back, and the radio’s sum of all is compared',
  },
])
/** What is done on the radio before it can be read. */
const before = computed(() =>
  byCard.value ? [...props.radio.person, ...props.radio.line.export] : props.radio.person,
)
const picker = ref<HTMLInputElement | null>(null)
function picked() {
  const file = picker.value?.files?.[0]
  if (file) emit('zip', file)
  // The same file can be chosen again.
  if (picker.value) picker.value.value = ''
}
</script>

<template>
  <section aria-labelledby="step-read">
    <h2 id="step-read">1 · Read</h2>
    <div class="acts">
      <v-btn
        v-if="radio.line.reached !== 'none'"
        :disabled="running"
        :color="known ? undefined : 'primary'"
        :variant="known ? 'outlined' : 'flat'"
        @click="emit('read')"
        >Read {{ byCard ? 'the card of ' : '' }}{{ radio.name }}</v-btn
      >
      <template v-if="byCard">
        <v-btn :disabled="running" @click="picker?.click()">Read a zip of its card…</v-btn>
        <input
          ref="picker"
          class="unseen"
          type="file"
          accept=".zip,application/zip"
          tabindex="-1"
          aria-label="Zip of the card"
          @change="picked"
        />
      </template>
      <span class="quiet">
        <template v-if="radio.unknownSince">
          An archive was restored on {{ moment(radio.unknownSince) }}. Read the radio to see what it holds
          now.
        </template>
        <template v-else-if="radio.newestSnapshot">
          Newest snapshot {{ moment(radio.newestSnapshot.takenAt) }},
          {{ counted(radio.newestSnapshot.channels, 'channel') }}.
        </template>
        <template v-else>Not read yet. Nothing is written before a snapshot exists.</template>
      </span>
    </div>
    <div class="ways">
      <div>
        <template v-if="radio.simulated">
          <p class="quiet small">
            A simulated radio: its {{ byCard ? 'card is in it and here at once' : 'cable is always in' }}.
            With a real one:
          </p>
          <ol class="quiet small">
            <li v-for="step in before" :key="step">{{ step }}</li>
          </ol>
        </template>
        <PersonSteps
          v-else-if="before.length"
          :radio="radio.name"
          :steps="before"
          :afterwards="byCard ? 'Then read the card here.' : 'Then read it here.'"
        />
      </div>
      <v-list v-if="!known" density="compact" aria-label="What comes then" class="next" lines="two">
        <v-list-item
          v-for="each in NEXT"
          :key="each.what"
          :title="each.what"
          :subtitle="each.says"
          :prepend-icon="each.icon"
        />
      </v-list>
    </div>
  </section>
</template>

<style scoped>
.ways {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
  gap: 8px 24px;
  margin-top: 10px;
}
ol {
  margin: 2px 0 0;
  padding-left: 20px;
}
.next {
  background: none;
  border-left: 3px solid var(--line);
  padding: 0;
}
.next :deep(.v-list-item-subtitle) {
  -webkit-line-clamp: 3;
}
</style>
