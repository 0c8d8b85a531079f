<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import type { Finding, LaidAside } from '@/shared/api/client'
import SeverityMark from './SeverityMark.vue'

const props = defineProps<{
  findings: Finding[]
  laidAside?: LaidAside[]
  canLayAside?: boolean
  numbered?: boolean
}>()
const emit = defineEmits<{
  fix: [line: string]
  layAside: [finding: Finding, reason: string]
  lookAgain: [finding: Finding]
}>()

const keyOf = (finding: Finding) => finding.code + finding.field
const asking = ref<string | null>(null)
const reason = ref('')
const box = ref<HTMLElement | null>(null)
const numbers = computed(
  () => new Map(props.findings.flatMap((each) => each.fixes).map((fix, i) => [fix, i + 1])),
)

async function ask(finding: Finding) {
  reason.value = ''
  asking.value = keyOf(finding)
  await nextTick()
  box.value?.querySelector<HTMLInputElement>('.reason')?.focus()
}
function lay(finding: Finding) {
  if (!reason.value.trim()) return
  emit('layAside', finding, reason.value)
  asking.value = null
}
</script>

<template>
  <div ref="box">
    <ul class="findings" aria-label="Findings">
      <li v-for="finding in findings" :key="keyOf(finding)" :class="finding.severity">
        <p class="what"><SeverityMark :severity="finding.severity" />{{ finding.message }}</p>
        <p class="why">{{ finding.why }}</p>
        <div v-if="finding.fixes.length || canLayAside" class="fixes">
          <v-btn
            v-for="fix in finding.fixes"
            :key="fix.line"
            size="small"
            :title="fix.line"
            @click="emit('fix', fix.line)"
          >
            <kbd v-if="numbered && (numbers.get(fix) ?? 10) < 10">{{ numbers.get(fix) }}</kbd>{{ fix.label }}
          </v-btn>
          <v-btn
            v-if="canLayAside && asking !== keyOf(finding)"
            size="small"
            variant="text"
            @click="ask(finding)"
          >
            Lay aside…
          </v-btn>
        </div>
        <form v-if="asking === keyOf(finding)" class="ask" @submit.prevent="lay(finding)">
          <label>
            <span>Why it is all right, until the channel changes</span>
            <input
              v-model="reason"
              class="reason"
              maxlength="200"
              required
              @keydown.esc.stop.prevent="asking = null"
              @keydown.stop
            />
          </label>
          <v-btn size="small" type="submit">Lay aside</v-btn>
          <v-btn size="small" variant="text" @click="asking = null">Keep it</v-btn>
        </form>
      </li>
    </ul>
    <details v-if="laidAside?.length" class="aside">
      <summary>{{ laidAside.length }} laid aside</summary>
      <ul>
        <li v-for="each in laidAside" :key="keyOf(each.finding)">
          {{ each.finding.message }} <span class="quiet">“{{ each.reason }}”</span>
          <v-btn size="small" variant="text" @click="emit('lookAgain', each.finding)">Look again</v-btn>
        </li>
      </ul>
    </details>
  </div>
</template>

<style scoped>
.findings {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 12px;
}
.findings > li {
  border-left: 3px solid var(--note);
  padding: 2px 0 2px 12px;
}
.findings > li.doubt {
  border-color: var(--doubt);
}
.findings > li.error {
  border-color: var(--error);
}
p {
  margin: 0;
}
.what {
  font-weight: 560;
  display: flex;
  gap: 8px;
  align-items: baseline;
}
.why {
  color: var(--quiet);
  font-size: 13.5px;
}
.fixes,
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 6px;
  align-items: end;
}
.fixes kbd {
  margin-right: 6px;
}
.ask label {
  flex: 1 1 100%;
  font-size: 13px;
  color: var(--quiet);
}
.reason {
  display: block;
  width: 100%;
  height: 32px;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  padding: 0 8px;
  background: var(--surface);
  color: var(--ink);
}
.aside {
  margin-top: 8px;
  font-size: 13.5px;
}
.aside summary {
  cursor: pointer;
  color: var(--primary);
}
.aside ul {
  list-style: none;
  padding: 4px 0 0;
  margin: 0;
}
</style>
