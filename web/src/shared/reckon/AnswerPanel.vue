<script setup lang="ts">
import type { ReckonAnswer } from '@/shared/api/client'
import BandStrip from '@/shared/components/BandStrip.vue'
import FindingList from '@/shared/components/FindingList.vue'
import AnswerFigures from './AnswerFigures.vue'
import AnswerSteps from './AnswerSteps.vue'
import AnswerTones from './AnswerTones.vue'

/** The worked answer of a line; in brief below the line itself, in full beside the list. */
defineProps<{ answer: ReckonAnswer; brief?: boolean }>()
defineEmits<{ fix: [line: string] }>()
</script>

<template>
  <div class="answer" :class="{ brief }">
    <section v-if="answer.changes.length" class="changes small" aria-label="What this edit changes">
      <h2>This edit changes</h2>
      <ul class="bare">
        <li v-for="change in answer.changes" :key="change.what + change.before + change.after">
          {{ change.what }}:
          <span v-if="change.before" class="mono was">{{ change.before }}</span>
          <template v-if="change.before && change.after"> → </template>
          <span :class="{ mono: change.before }">{{ change.after }}</span>
        </li>
      </ul>
    </section>
    <template v-if="answer.answered">
      <AnswerFigures :answer="answer" :named="brief" />
      <div>
        <BandStrip
          v-for="strip in answer.strips"
          :key="strip.band"
          :strip="strip"
          :shift="answer.sum.shift"
        />
        <AnswerTones :answer="answer" :radios="brief" />
      </div>
    </template>
    <div class="found">
      <slot>
        <FindingList :findings="answer.findings" @fix="(line) => $emit('fix', line)" />
      </slot>
    </div>
    <AnswerSteps v-if="!brief" :answer="answer" />
  </div>
</template>

<style scoped>
.answer {
  display: grid;
  gap: 12px;
}
.brief {
  grid-template-columns: 1fr 1fr;
  gap: 12px 24px;
}
.brief :is(.found, .changes) {
  grid-column: 1 / -1;
}
.changes {
  border: 1px solid var(--line);
  border-left: 3px solid var(--primary);
  border-radius: 6px;
  padding: 8px 12px;
}
.was {
  color: var(--quiet);
  text-decoration: line-through;
}
@media (max-width: 720px) {
  .brief {
    grid-template-columns: 1fr;
  }
}
</style>
