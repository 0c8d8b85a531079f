<script setup lang="ts">
import { computed } from 'vue'
import type { Found } from '@/shared/api/client'
import BandStrip from '@/shared/components/BandStrip.vue'
import FindingList from '@/shared/components/FindingList.vue'
import { useEntry } from '../composables/useEntry'
import { megahertz, toneOf } from '../composables/words'
import EntryFacts from './EntryFacts.vue'
import ReachFigures from './ReachFigures.vue'
import ReachMark from './ReachMark.vue'

const props = defineProps<{
  found: Found
  from: string | null
  question: object
  listName: string | null
}>()
defineEmits<{ take: []; look: [id: string] }>()

const entry = computed(() => props.found.entry)
const { path, answer } = useEntry(
  () => props.found,
  () => props.from,
  () => props.question,
)
const talk = computed(() =>
  entry.value.inputHz !== null
    ? `${megahertz(entry.value.inputHz)} MHz`
    : answer.value?.sum.talk
      ? `${answer.value.sum.talk} MHz by the plan`
      : entry.value.inputWords,
)
</script>

<template>
  <div class="entry stack">
    <div class="head">
      <h2>{{ entry.callSign }} {{ entry.band && `· ${entry.band}` }}</h2>
      <p class="title">{{ entry.label }}</p>
      <ReachMark :verdict="found.reach?.verdict ?? null" :dead="entry.looksDead" />
    </div>
    <dl class="pair">
      <dt class="quiet">Listen</dt>
      <dd class="mono">▽ {{ megahertz(entry.outputHz) }} MHz</dd>
      <dd>{{ entry.listenTone ? toneOf(entry.listenTone) : 'any tone' }}</dd>
      <dt class="quiet">Talk</dt>
      <dd class="mono talk">▲ {{ talk }}</dd>
      <dd class="talk">{{ toneOf(entry.talkTone) }}</dd>
    </dl>
    <BandStrip
      v-for="strip in answer?.strips ?? []"
      :key="strip.band"
      :strip="strip"
      :shift="answer?.sum.shift ?? ''"
    />
    <v-btn color="primary" variant="flat" :disabled="!listName" @click="$emit('take')">
      Take into {{ listName ?? 'a list' }}…
    </v-btn>
    <FindingList v-if="entry.findings.length" :findings="entry.findings" />
    <p v-if="found.instead" class="instead">
      Try
      <button type="button" class="link" @click="$emit('look', found.instead.id)">
        {{ found.instead.label }}
      </button>
      instead: {{ megahertz(found.instead.outputHz) }} MHz, {{ found.instead.kilometres }} km away, better
      confirmed, reach {{ found.instead.verdict }}.
    </p>
    <p v-if="found.same" class="instead">
      It stands in {{ found.same.source }} too, as
      <button type="button" class="link" @click="$emit('look', found.same.id)">
        {{ found.same.label }}</button>, and was confirmed there later, on {{ found.same.confirmedOn }}. Take
      it from one of them.
    </p>
    <ReachFigures v-if="found.reach" :reach="found.reach" :path="path" />
    <p v-else class="quiet">The entry has no position, so that nothing can be said of its reach.</p>
    <EntryFacts :entry="entry" />
  </div>
</template>

<style scoped>
.entry {
  gap: 12px;
}
.head {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
}
.head h2 {
  grid-column: 1 / -1;
  margin: 0;
}
.title {
  font-size: 18px;
  font-weight: 620;
}
.pair {
  display: grid;
  grid-template-columns: 48px 1fr auto;
  gap: 4px 8px;
  font-size: 15px;
}
.instead {
  border-left: 3px solid var(--primary);
  padding-left: 12px;
}
</style>
