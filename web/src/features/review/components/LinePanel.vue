<script setup lang="ts">
import { ref } from 'vue'
import FindingList from '@/shared/components/FindingList.vue'
import type { ReckonAnswer } from '@/shared/api/client'
import AnswerPanel from '@/shared/reckon/AnswerPanel.vue'
import type { ReviewLine } from '../composables/useReview'

/** The line at the cursor worked out, and mended by hand. */
defineProps<{ line: ReviewLine; answer: ReckonAnswer | null }>()
const emit = defineEmits<{ keep: []; fix: [line: string] }>()
const mending = defineModel<string>({ required: true })
const field = ref<{ focus: () => void; select: () => void } | null>(null)
defineExpose({
  select() {
    field.value?.focus()
    field.value?.select()
  },
})
</script>

<template>
  <div class="stack">
    <h2>Line {{ line.number }}</h2>
    <form class="acts" @submit.prevent="emit('keep')">
      <v-text-field
        ref="field"
        v-model="mending"
        class="mend"
        label="The line, to be mended"
        spellcheck="false"
        autocomplete="off"
        @keydown.stop
      />
      <v-btn v-if="mending !== line.line" type="submit" size="small">Keep this</v-btn>
    </form>
    <p v-if="line.twin" class="twin">The same pair and tones are in {{ line.twin }}.</p>
    <AnswerPanel v-if="answer" :answer="answer">
      <FindingList :findings="answer.findings" numbered @fix="(next) => emit('fix', next)" />
    </AnswerPanel>
  </div>
</template>

<style scoped>
.mend {
  flex: 1 1 220px;
}
.mend :deep(input) {
  font-family: var(--mono);
}
.twin {
  color: var(--doubt);
}
</style>
