<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import type { Placement } from '@/shared/api/client'
import FitMark from '@/shared/components/FitMark.vue'
import SeverityMark from '@/shared/components/SeverityMark.vue'
import RadioTabs from '@/shared/components/RadioTabs.vue'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useOpenRadio } from '@/shared/composables/useOpenRadio'
import { useScreen } from '@/shared/keys/useScreen'
import { useFit } from './composables/useFit'

const { open, openId } = useOpenList()
const { radios, radio, unknown, error: radiosError } = useOpenRadio()
const { data: fit, error } = useFit(
  computed(() => radio.value?.id ?? null),
  openId,
)

const work = ref<HTMLElement | null>(null)
useScreen({ onKey: () => false, focus: () => work.value?.focus() })
onMounted(() => work.value?.focus())

type Mark = Placement['mark']
const only = ref<Mark | null>(null)
const marks = computed<{ mark: Mark; words: string; count: number }[]>(() =>
  fit.value
    ? [
        { mark: 'exact', words: 'exact', count: fit.value.exact },
        { mark: 'adapted', words: 'adapted', count: fit.value.adapted },
        { mark: 'by_hand', words: 'by hand', count: fit.value.byHand },
        { mark: 'left_out', words: 'left out', count: fit.value.leftOut },
      ]
    : [],
)
const shown = computed(
  () => fit.value?.placements.filter((each) => !only.value || each.mark === only.value) ?? [],
)
</script>

<template>
  <section class="fit">
    <header>
      <h1>Fit</h1>
      <span v-if="open && radio" class="quiet">What {{ radio.name }} makes of {{ open.name }}</span>
    </header>
    <p v-if="error || radiosError" class="pad" role="alert">{{ (error ?? radiosError)?.message }}</p>
    <RadioTabs v-if="radios" :radios="radios" :open="radio?.id ?? ''" route="fit" />
    <p v-if="unknown" class="pad" role="alert">
      There is no radio “{{ unknown }}” here. Choose one of those above.
    </p>
    <dl v-if="fit?.settings.length" class="settings" aria-label="Set once on the radio">
      <template v-for="each in fit.settings" :key="each.name">
        <dt>Set once on the radio: {{ each.name }}</dt>
        <dd class="mono">{{ each.value }}</dd>
      </template>
    </dl>
    <div class="totals" role="group" aria-label="Show only">
      <button
        v-for="each in marks"
        :key="each.mark"
        type="button"
        :aria-pressed="only === each.mark"
        :disabled="each.count === 0"
        @click="only = only === each.mark ? null : each.mark"
      >
        <FitMark :mark="each.mark" /> <b>{{ each.count }}</b> {{ each.words }}
      </button>
    </div>
    <div ref="work" class="scroll" tabindex="0" role="region" aria-label="Placements">
      <table v-if="fit">
        <thead>
          <tr>
            <th scope="col" class="slot">Slot</th>
            <th scope="col">Channel</th>
            <th scope="col">In the radio</th>
            <th scope="col">Why</th>
            <th scope="col">What would avoid it</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="each in shown" :key="each.channelId">
            <td class="slot mono">{{ each.slot }}</td>
            <th scope="row">{{ each.label }}</th>
            <td class="nowrap">
              <span class="mark"><FitMark :mark="each.mark" /> {{ each.mark.replace('_', ' ') }}</span>
            </td>
            <td>
              <p v-for="finding in each.findings" :key="finding.code">
                <SeverityMark :severity="finding.severity" /> {{ finding.message }}
              </p>
              <p v-for="reason in each.reasons" :key="reason.code + reason.field">
                {{ reason.why }}
                <span v-if="reason.after" class="change">
                  <span class="mono">{{ reason.before }}</span> → <span class="mono">{{ reason.after }}</span>
                </span>
              </p>
            </td>
            <td class="quiet">
              <p v-for="finding in each.findings" :key="finding.code">{{ finding.why }}</p>
              <p v-for="reason in each.reasons" :key="reason.code + reason.field">{{ reason.avoid }}</p>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.fit {
  display: flex;
  flex-direction: column;
  height: 100%;
}
header {
  display: flex;
  gap: 14px;
  align-items: baseline;
  padding: 14px 20px 12px;
}
.pad {
  padding: 0 20px;
}
.settings {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 12px;
  margin: 0;
  padding: 0 20px 12px;
}
.settings dd {
  margin: 0;
}
.totals {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding: 0 20px 12px;
}
.totals button {
  display: flex;
  gap: 6px;
  align-items: center;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: none;
  color: inherit;
  font: inherit;
  padding: 5px 12px;
  min-height: 34px;
}
.totals button:not(:disabled) {
  cursor: pointer;
}
.totals button:disabled {
  color: var(--quiet);
}
.totals [aria-pressed='true'] {
  border-color: var(--primary);
  background: var(--picked);
}
.scroll {
  flex: 1;
  min-height: 0;
  overflow: auto;
  background: var(--surface);
  border-top: 1px solid var(--ink);
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: 7px 12px;
  border-bottom: 1px solid var(--line);
}
thead th {
  position: sticky;
  top: 0;
  background: var(--ground);
  color: var(--quiet);
  font-weight: 400;
  font-size: 12.5px;
}
tbody th {
  font-weight: 600;
  white-space: nowrap;
}
.slot {
  text-align: right;
  width: 60px;
}
.mark {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
.nowrap {
  white-space: nowrap;
}
p {
  margin: 0;
}
.change {
  white-space: nowrap;
  color: var(--doubt);
}
@media (max-width: 720px) {
  thead th:nth-child(5),
  tbody td:nth-child(5) {
    display: none;
  }
  th,
  td {
    padding: 7px 8px;
  }
  .slot {
    width: 44px;
  }
}
</style>
