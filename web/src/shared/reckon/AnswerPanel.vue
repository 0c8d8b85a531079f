<script setup lang="ts">
import { computed } from 'vue'
import type { Placement, ReckonAnswer } from '@/shared/api/client'
import BandStrip from '@/shared/components/BandStrip.vue'
import FindingList from '@/shared/components/FindingList.vue'
import FitMark from '@/shared/components/FitMark.vue'
import PairFigures from '@/shared/components/PairFigures.vue'

const props = defineProps<{ answer: ReckonAnswer; brief?: boolean }>()
defineEmits<{ fix: [line: string] }>()

const shiftRule = computed(() => props.answer.working.find((step) => step.what === 'Shift'))
const duplex = computed(
  () => props.answer.sum.talk !== '' && !['simplex', 'split'].includes(props.answer.sum.shift),
)
const talks = computed(() => props.answer.transmitHz !== null)
const markOf = (words: string) => words.replace(' ', '_') as Placement['mark']
const changes = computed(() => props.answer.changes)
const typedOver = computed(() => props.answer.working.filter((step) => step.was !== ''))
const SOURCE_MARKS: Record<string, string> = {
  published: '“',
  'worked out by rule': '§',
  arithmetic: '=',
  'typed over by you': '✎',
  usual: '·',
}
const mark = (source: string) => SOURCE_MARKS[source] ?? ''
const tones = computed(() =>
  props.answer.working.filter((step) => step.what === 'Talk tone' || step.what === 'Listen tone'),
)
</script>

<template>
  <div class="answer" :class="{ brief }">
    <section v-if="changes.length" class="changes" aria-label="What this edit changes">
      <h2>This edit changes</h2>
      <ul>
        <li v-for="change in changes" :key="change.what + change.before + change.after">
          {{ change.what }}:
          <span v-if="change.before" class="mono was">{{ change.before }}</span>
          <template v-if="change.before && change.after"> → </template>
          <span :class="{ mono: change.before }">{{ change.after }}</span>
        </li>
      </ul>
    </section>
    <template v-if="answer.answered">
      <div class="figures">
        <p v-if="brief" class="name">
          <template v-if="answer.name"
            >Named <b>{{ answer.name }}</b></template
          >
          <template v-else>No name</template>
        </p>
        <PairFigures :sum="answer.sum" />
        <dl v-if="duplex" class="calc" aria-label="Arithmetic">
          <div>
            <dt>listen</dt>
            <dd>{{ answer.sum.listen }} MHz</dd>
          </div>
          <div>
            <dt>shift</dt>
            <dd>{{ answer.sum.shift }} MHz</dd>
          </div>
          <div class="result">
            <dt>talk</dt>
            <dd>{{ answer.sum.talk }} MHz</dd>
          </div>
        </dl>
        <p v-if="shiftRule" class="rule">
          {{ shiftRule.how.charAt(0).toUpperCase() + shiftRule.how.slice(1) }}.
        </p>
      </div>
      <div class="drawn">
        <BandStrip
          v-for="strip in answer.strips"
          :key="strip.band"
          :strip="strip"
          :shift="answer.sum.shift"
        />
        <dl class="tones">
          <template v-for="tone in tones" :key="tone.what">
            <dt>{{ tone.what }}</dt>
            <dd>
              <b :class="tone.what === 'Talk tone' ? 'talk' : 'listen'">{{ tone.value }}</b>, {{ tone.how }}
            </dd>
          </template>
          <dt>{{ talks ? 'Kind, power' : 'Kind' }}</dt>
          <dd>
            {{ answer.emission }}<template v-if="talks">, {{ answer.power }}</template>
          </dd>
          <template v-if="brief">
            <template v-for="radio in answer.place?.radios" :key="radio.radio">
              <dt>{{ radio.radio }}</dt>
              <dd>
                <FitMark :mark="markOf(radio.mark)" /> {{ radio.mark
                }}<template v-if="radio.why.length">: {{ radio.why.join(' ') }}</template>
              </dd>
            </template>
          </template>
        </dl>
      </div>
    </template>
    <div class="found">
      <slot>
        <FindingList :findings="answer.findings" @fix="(line) => $emit('fix', line)" />
      </slot>
    </div>
    <section v-if="!brief && typedOver.length" aria-label="Typed over by you">
      <h2>✎ Typed over by you</h2>
      <ul class="over">
        <li v-for="step in typedOver" :key="step.what">
          {{ step.what }} <b class="mono">{{ step.value }}</b>, {{ step.was }}
        </li>
      </ul>
    </section>
    <details v-if="!brief && answer.working.length" class="steps">
      <summary>Every step, with its source</summary>
      <ol>
        <li v-for="step in answer.working" :key="step.what">
          <span class="source" aria-hidden="true">{{ mark(step.source) }}</span>
          <b>{{ step.what }}</b> {{ step.value }}
          <span class="quiet">{{ step.how }} ({{ step.source }})</span>
        </li>
      </ol>
      <p class="quiet">{{ answer.caution }}</p>
    </details>
    <details v-if="!brief && answer.keying.length" class="steps">
      <summary>The shift by hand on {{ answer.keying.map((each) => each.radio).join(', ') }}</summary>
      <ol v-for="each in answer.keying" :key="each.radio" class="keying">
        <li v-for="step in each.steps" :key="step">{{ step }}</li>
      </ol>
    </details>
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
.brief .found {
  grid-column: 1 / -1;
}
.calc {
  font: 14.5px var(--mono);
  border-top: 1px solid var(--line);
  border-bottom: 1px solid var(--line);
  padding: 8px 0;
  margin: 10px 0 0;
}
.calc div {
  display: flex;
  justify-content: space-between;
}
.calc .result {
  border-top: 1px solid var(--ink);
  margin-top: 3px;
  padding-top: 3px;
  font-weight: 600;
}
dd {
  margin: 0;
}
.rule {
  color: var(--quiet);
  font-size: 13.5px;
  margin: 8px 0 0;
}
.name {
  margin: 0 0 4px;
  font-size: 13.5px;
  color: var(--quiet);
}
.name b {
  color: var(--ink);
}
.tones {
  display: grid;
  grid-template-columns: 88px 1fr;
  gap: 4px 8px;
  margin: 8px 0 0;
  font-size: 13.5px;
}
.tones dt {
  color: var(--quiet);
}
.tones b {
  font: 600 14px var(--mono);
}
.talk {
  color: var(--talk);
}
.listen {
  color: var(--primary);
}
.steps {
  font-size: 13.5px;
}
.steps summary {
  cursor: pointer;
  color: var(--primary);
}
.changes {
  border: 1px solid var(--line);
  border-left: 3px solid var(--primary);
  border-radius: 6px;
  padding: 8px 12px;
  font-size: 13.5px;
}
.brief .changes {
  grid-column: 1 / -1;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
.was {
  color: var(--quiet);
  text-decoration: line-through;
}
.over {
  font-size: 13.5px;
}
.source {
  display: inline-block;
  width: 16px;
  color: var(--primary);
  font-weight: 600;
}
.steps ol {
  list-style: none;
  padding-left: 0;
  margin: 8px 0;
  display: grid;
  gap: 6px;
}
.steps .keying {
  list-style: decimal;
  padding-left: 20px;
}
@media (max-width: 720px) {
  .brief {
    grid-template-columns: 1fr;
  }
}
</style>
