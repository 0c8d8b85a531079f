<script setup lang="ts">
import { SEEN, type Seen } from '../composables/useFieldLog'

/** What is seen and heard, in large keys for one thumb; a tap is kept at once, a second takes it back. */
const props = defineProps<{ seen: Seen[]; strength: number; result: string; says: string; kept: string }>()
const emit = defineEmits<{ tap: [seen: Seen]; strength: [now: number] }>()
const on = (seen: Seen) => props.seen.includes(seen)
</script>

<template>
  <section aria-label="What was seen and heard">
    <div class="taps">
      <button
        v-for="(each, index) in SEEN"
        :key="each.seen"
        type="button"
        class="tap"
        :class="each.seen"
        :aria-pressed="on(each.seen)"
        :aria-keyshortcuts="`${index + 1}`"
        @click="emit('tap', each.seen)"
      >
        <span>{{ each.words }}</span>
      </button>
    </div>
    <div class="strength" role="group" aria-label="Strength">
      <span class="quiet">Strength</span>
      <button
        v-for="level in 5"
        :key="level"
        type="button"
        :aria-pressed="strength === level"
        :aria-label="`Strength ${level}`"
        @click="emit('strength', strength === level ? 0 : level)"
      >
        {{ level }}
      </button>
    </div>
    <p v-if="says || kept" class="result" :class="result" role="status">
      <b>{{ says }}</b> <span class="quiet small">{{ kept }}</span>
    </p>
  </section>
</template>

<style scoped>
.taps {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(136px, 1fr));
  gap: 8px;
}
button {
  font: inherit;
  color: var(--ink);
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: 8px;
  cursor: pointer;
  min-height: 52px;
  padding: 6px 10px;
}
button[aria-pressed='true'] {
  border-color: var(--primary);
  box-shadow: inset 0 0 0 2px var(--primary);
  font-weight: 620;
}
button[aria-pressed='true'] span::before {
  content: '✓ ';
}
.strength {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
  margin-top: 10px;
}
.strength button {
  min-height: 44px;
  min-width: 44px;
}
.result {
  margin-top: 10px;
  min-height: 28px;
  padding-left: 10px;
  border-left: 4px solid var(--line);
}
.result.proven {
  border-color: var(--primary);
}
.result.silent {
  border-color: var(--error);
}
.result.heard {
  border-color: var(--doubt);
}
</style>
