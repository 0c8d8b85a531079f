<script setup lang="ts">
import { mdiCableData, mdiCompareHorizontal, mdiContentSaveCheckOutline } from '@mdi/js'
import type { Radio } from '@/shared/api/client'
import { counted, moment } from '@/shared/words'

/** The first step: nothing is written before what the radio holds is known and kept. */
defineProps<{ radio: Radio; running: boolean }>()
const emit = defineEmits<{ read: [] }>()
const NEXT = [
  {
    icon: mdiCableData,
    what: 'Read',
    says: 'what it holds is fetched over the cable and kept as a snapshot',
  },
  { icon: mdiCompareHorizontal, what: 'Look', says: 'every slot that would change, before anything does' },
  {
    icon: mdiContentSaveCheckOutline,
    what: 'Write and read back',
    says: 'only the changed blocks; then all of it is read again and compared',
  },
]
</script>

<template>
  <section aria-labelledby="step-read">
    <h2 id="step-read">1 · Read</h2>
    <div class="acts">
      <v-btn
        :disabled="running"
        :color="radio.newestSnapshot ? undefined : 'primary'"
        :variant="radio.newestSnapshot ? 'outlined' : 'flat'"
        @click="emit('read')"
        >Read {{ radio.name }}</v-btn
      >
      <span class="quiet">
        <template v-if="radio.newestSnapshot">
          Newest snapshot {{ moment(radio.newestSnapshot.takenAt) }},
          {{ counted(radio.newestSnapshot.channels, 'channel') }}.
        </template>
        <template v-else>Not read yet. Nothing is written before a snapshot exists.</template>
      </span>
    </div>
    <div class="ways">
      <div>
        <p v-if="radio.simulated" class="quiet small">
          A simulated radio: its cable is always in. With a real one:
        </p>
        <ol class="quiet small">
          <li v-for="step in radio.person" :key="step">{{ step }}</li>
        </ol>
      </div>
      <v-list
        v-if="!radio.newestSnapshot"
        density="compact"
        aria-label="What comes then"
        class="next"
        lines="two"
      >
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
