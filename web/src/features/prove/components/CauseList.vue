<script setup lang="ts">
import { computed, ref } from 'vue'
import { counted } from '@/shared/words'
import type { Diagnosis, Ranked } from '../composables/useDiagnosis'

/** One question at a time, and the causes in their order, with what made them so. */
const props = defineProps<{ diagnosis: Diagnosis }>()
const emit = defineEmits<{
  answer: [question: string, answer: string]
  back: [question: string]
  mend: [line: string, before: string]
  take: [directoryId: string, label: string]
  tone: [tone: string]
}>()
const all = ref(false)
const SHOWN = 4
const ranking = computed(() =>
  all.value ? props.diagnosis.ranking : props.diagnosis.ranking.slice(0, SHOWN),
)
/** As many equally likely causes as would leave the same uncertainty. */
const likely = computed(() => Math.max(1, Math.round(2 ** props.diagnosis.bits)))
/** What is asked: the one that is worth most, unless the person chose another. */
const chosen = ref('')
const question = computed(
  () => props.diagnosis.open.find((each) => each.id === chosen.value) ?? props.diagnosis.question,
)
const others = computed(() => props.diagnosis.open.filter((each) => each.id !== question.value?.id))
function answer(id: string) {
  if (!question.value) return
  emit('answer', question.value.id, id)
  chosen.value = ''
}
const found = ref('')
const percent = (each: Ranked) => `${each.percent < 1 ? each.percent.toFixed(1) : Math.round(each.percent)} %`
defineExpose({
  answerNumber: (at: number) => question.value?.answers[at] && answer(question.value.answers[at].id),
})
</script>

<template>
  <section aria-label="Why it is silent" class="stack">
    <p v-if="!diagnosis.repeater" class="quiet">
      The directory has no repeater for this channel, so only the channel itself and your answers count. Where
      it talks on what it listens to, nothing answers but whoever is near enough.
    </p>
    <div v-if="question" class="question">
      <p class="ask">{{ question.ask }}</p>
      <p class="quiet small">{{ question.help }}</p>
      <div class="acts">
        <button
          v-for="each in question.answers"
          :key="each.id"
          type="button"
          class="answer"
          @click="answer(each.id)"
        >
          {{ each.words }}
        </button>
        <button type="button" class="answer quiet" @click="answer('unknown')">Cannot tell</button>
      </div>
      <details v-if="others.length" class="small">
        <summary>Another question</summary>
        <p v-for="each in others" :key="each.id">
          <button type="button" class="link" @click="chosen = each.id">{{ each.ask }}</button>
        </p>
      </details>
    </div>
    <p v-else class="quiet">Nothing is left that would be worth asking. Try what stands first.</p>
    <ul v-if="diagnosis.answered.length" class="answered" aria-label="Answered so far">
      <li v-for="each in diagnosis.answered" :key="each.id">
        <span class="small">{{ each.ask }}</span> <b>{{ each.words }}</b>
        <v-btn size="x-small" :aria-label="`Take back: ${each.ask}`" @click="emit('back', each.id)"
          >Take back</v-btn
        >
      </li>
    </ul>
    <ol class="causes" aria-label="Causes, the likeliest first">
      <li v-for="(each, index) in ranking" :key="each.id" :class="{ first: index === 0 }">
        <div class="head">
          <b>{{ each.words }}</b>
          <span class="quiet small">{{ each.likely }}, {{ percent(each) }}</span>
        </div>
        <div class="bar" aria-hidden="true"><i :style="{ width: `${each.percent}%` }" /></div>
        <template v-if="index < 3">
          <p class="small">{{ each.means }}</p>
          <p class="small"><b>Do:</b> {{ each.remedy }}</p>
          <p v-if="each.mend" class="acts">
            <v-btn
              size="small"
              color="primary"
              variant="flat"
              @click="emit('mend', each.mend.line, each.mend.before)"
              >Put into the list: <span class="mono">{{ each.mend.line }}</span></v-btn
            >
          </p>
          <form v-if="each.byTrial" class="acts" @submit.prevent="found.trim() && emit('tone', found.trim())">
            <v-text-field
              v-model="found"
              label="Tone that was found, such as 77.0 or D023N"
              density="compact"
              hide-details
              class="tone"
            />
            <v-btn size="small" type="submit" :disabled="!found.trim()">Put it into the list</v-btn>
          </form>
          <div v-if="each.takesNext && diagnosis.instead.length" class="small">
            <p>In reach from here instead:</p>
            <p v-for="next in diagnosis.instead" :key="next.id" class="acts">
              <span
                ><b>{{ next.label }}</b
                >, {{ next.kilometres }} km, <span class="mono">{{ next.line }}</span></span
              >
              <v-btn
                size="x-small"
                :aria-label="`Take ${next.label} into the list`"
                @click="emit('take', next.id, next.label)"
                >Into the list</v-btn
              >
            </p>
          </div>
        </template>
        <details v-if="each.reasons.length" class="small">
          <summary>Why</summary>
          <ul>
            <li v-for="reason in each.reasons" :key="reason.words">
              {{ reason.words }}:
              <b>{{
                reason.factor >= 1
                  ? `${reason.factor} times likelier`
                  : `${(1 / reason.factor).toFixed(1)} times less likely`
              }}</b>
              <span class="quiet"> (rests on {{ reason.rests }})</span>
            </li>
          </ul>
        </details>
      </li>
    </ol>
    <p class="acts">
      <v-btn v-if="diagnosis.ranking.length > SHOWN" size="small" @click="all = !all">{{
        all ? 'Fewer causes' : `All ${diagnosis.ranking.length} causes`
      }}</v-btn>
      <span class="quiet small">{{ counted(likely, 'likely cause') }} left</span>
    </p>
    <details class="small">
      <summary>What is known of it beforehand</summary>
      <ul>
        <li v-for="each in diagnosis.known" :key="each">{{ each }}</li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.question {
  border: 1px solid var(--line);
  border-left: 4px solid var(--primary);
  border-radius: 6px;
  padding: 10px 14px;
  background: var(--surface);
}
.ask {
  font-size: 17px;
  line-height: 1.3;
  margin-bottom: 2px;
}
.question .acts {
  margin-top: 10px;
}
.answer {
  font: inherit;
  color: var(--ink);
  background: var(--ground);
  border: 1px solid var(--line);
  border-radius: 8px;
  min-height: 44px;
  padding: 6px 12px;
  cursor: pointer;
  text-align: left;
}
.answer.quiet {
  color: var(--quiet);
}
summary {
  cursor: pointer;
  padding: 4px 0;
}
.question .link {
  min-height: 28px;
  padding: 4px 0;
}
.answered {
  list-style: none;
  padding: 0;
  margin: 0;
}
.answered li {
  padding: 2px 0;
}
.causes {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 12px;
}
.head {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 12px;
}
.first .head b {
  font-size: 16px;
}
.bar {
  height: 5px;
  background: var(--line);
  border-radius: 3px;
  margin: 3px 0 4px;
}
.bar i {
  display: block;
  height: 100%;
  border-radius: 3px;
  background: var(--primary);
}
.tone {
  flex: 1 1 220px;
}
details ul {
  padding-left: 18px;
  margin: 0;
}
</style>
