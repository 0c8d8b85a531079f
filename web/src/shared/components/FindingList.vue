<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Finding, LaidAside } from '@/shared/api/client'
import LayAsideForm from './LayAsideForm.vue'
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
const numbers = computed(
  () => new Map(props.findings.flatMap((each) => each.fixes).map((fix, i) => [fix, i + 1])),
)
function lay(finding: Finding, reason: string) {
  emit('layAside', finding, reason)
  asking.value = null
}
</script>

<template>
  <div>
    <ul class="bare findings" aria-label="Findings">
      <li v-for="finding in findings" :key="keyOf(finding)" :class="finding.severity">
        <p class="what"><SeverityMark :severity="finding.severity" />{{ finding.message }}</p>
        <p class="quiet small">{{ finding.why }}</p>
        <div v-if="finding.fixes.length || canLayAside" class="acts">
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
            @click="asking = keyOf(finding)"
          >
            Lay aside…
          </v-btn>
        </div>
        <LayAsideForm
          v-if="asking === keyOf(finding)"
          @lay="(reason) => lay(finding, reason)"
          @keep="asking = null"
        />
      </li>
    </ul>
    <details v-if="laidAside?.length" class="aside small">
      <summary>{{ laidAside.length }} laid aside</summary>
      <ul class="bare">
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
  display: grid;
  gap: 12px;
}
.findings > li {
  border-left: 3px solid var(--note);
  padding: 2px 0 2px 12px;
}
.findings > .doubt {
  border-color: var(--doubt);
}
.findings > .error {
  border-color: var(--error);
}
.what {
  font-weight: 560;
  display: flex;
  gap: 8px;
  align-items: baseline;
}
.acts {
  margin-top: 6px;
}
.acts kbd {
  margin-right: 6px;
}
.aside {
  margin-top: 8px;
}
</style>
