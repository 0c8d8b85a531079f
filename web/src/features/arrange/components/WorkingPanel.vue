<script setup lang="ts">
import { computed } from 'vue'
import type { Finding, ListView, Row } from '@/shared/api/client'
import EntryLink from '@/shared/components/EntryLink.vue'
import AnswerPanel from '@/shared/reckon/AnswerPanel.vue'
import { useReckon } from '@/shared/reckon/useReckon'
import FindingList from '@/shared/components/FindingList.vue'
import SeverityMark from '@/shared/components/SeverityMark.vue'
import FitMark from '@/shared/components/FitMark.vue'

const props = defineProps<{ list: ListView; row: Row | null; cursor: number; line: string }>()
const emit = defineEmits<{
  fix: [line: string]
  move: [slot: number]
  layAside: [finding: Finding, reason: string]
  lookAgain: [finding: Finding]
}>()

const edited = computed(() => props.row !== null && props.line !== props.row.line)
const { answer, problem } = useReckon(() => ({
  line: props.line,
  bandPlan: props.list.bandPlan.id,
  licence: props.list.licence,
  published: props.row?.published,
  before: edited.value ? props.row?.line : undefined,
}))
/** While the line is edited its own findings count; else those of the channel in its list, laid aside or not. */
const findings = computed<Finding[]>(() => {
  if (edited.value) return answer.value?.findings ?? []
  const known = props.row?.findings ?? []
  const seen = new Set(
    [...known, ...(props.row?.laidAside.map((each) => each.finding) ?? [])].map((each) => each.code),
  )
  return [...known, ...(answer.value?.findings.filter((each) => !seen.has(each.code)) ?? [])]
})
defineExpose({ findings })
const radioName = (id: string) => props.list.radios.find((radio) => radio.id === id)?.name ?? id

function moveTo(event: Event) {
  const to = Number((event.target as HTMLInputElement).value)
  if (Number.isInteger(to)) emit('move', to)
}
</script>

<template>
  <div class="working">
    <h2>Working · slot {{ cursor }} {{ row?.label ?? 'free' }}</h2>
    <template v-if="row">
      <p v-if="problem" class="problem">{{ problem }}</p>
      <AnswerPanel v-if="answer" :answer="answer">
        <FindingList
          :findings="findings"
          :laid-aside="edited ? [] : row.laidAside"
          :can-lay-aside="!edited"
          numbered
          @fix="(line) => emit('fix', line)"
          @lay-aside="(finding, reason) => emit('layAside', finding, reason)"
          @look-again="(finding) => emit('lookAgain', finding)"
        />
      </AnswerPanel>
      <section aria-label="On your radios">
        <h2>On your radios</h2>
        <dl class="radios">
          <template v-for="fit in row.fits" :key="fit.radioId">
            <dt><FitMark :mark="fit.mark" /> {{ radioName(fit.radioId) }}</dt>
            <dd>
              {{ fit.mark === 'left_out' ? 'left out' : `${fit.mark.replace('_', ' ')}, slot ${row.slot}` }}
              <span v-for="finding in fit.findings" :key="finding.code" class="reason">
                <SeverityMark :severity="finding.severity" /> {{ finding.message }}
              </span>
              <span v-for="reason in fit.reasons" :key="reason.code + reason.field" class="reason">
                <template v-if="reason.after">
                  {{ reason.field }}:
                  <span class="mono">{{ reason.before }} → {{ reason.after }}</span>
                </template>
                <template v-else>{{ reason.why }}</template>
              </span>
            </dd>
          </template>
        </dl>
      </section>
      <EntryLink v-if="row.directoryId" :id="row.directoryId" :list-id="list.id" />
      <section aria-label="Typed as">
        <h2>Typed as</h2>
        <p class="mono typed">{{ row.line }}</p>
        <p v-if="row.published !== row.line" class="quiet came">
          came in as <span class="mono">{{ row.published }}</span>
        </p>
      </section>
      <label class="move">
        Move to slot
        <input
          type="number"
          :min="list.firstSlot"
          :max="list.lastSlot"
          :value="row.slot"
          :disabled="row.pinned"
          @change="moveTo"
        />
      </label>
    </template>
    <p v-else class="quiet">
      Slot {{ cursor }} is free. Type a directory line on top, such as
      <span class="mono">145.310- 71.9</span>, and press Enter: the channel goes here.
    </p>
  </div>
</template>

<style scoped>
.working {
  display: grid;
  gap: 16px;
  align-content: start;
}
.radios {
  display: grid;
  grid-template-columns: 110px 1fr;
  gap: 6px 8px;
  margin: 0;
  font-size: 13.5px;
}
dt {
  display: flex;
  gap: 6px;
  align-items: center;
  align-self: start;
}
dd {
  margin: 0;
  color: var(--quiet);
}
.reason {
  display: block;
}
.typed {
  margin: 0;
  overflow-wrap: anywhere;
}
.came {
  margin: 4px 0 0;
  font-size: 13.5px;
  overflow-wrap: anywhere;
}
.move {
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: 13.5px;
  color: var(--quiet);
}
.move input {
  width: 76px;
  height: 32px;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  padding: 0 8px;
  font: 14px var(--mono);
  background: var(--surface);
  color: var(--ink);
}
.problem {
  color: var(--error);
  margin: 0;
}
</style>
