<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { useKeys } from '@/shared/keys/useKeys'
import PageBar from '@/shared/ui/PageBar.vue'
import CodeTable from './components/CodeTable.vue'
import PlanTable from './components/PlanTable.vue'
import ToneTable from './components/ToneTable.vue'

const TABS = [
  { name: 'tones', words: 'Tones' },
  { name: 'codes', words: 'DCS codes' },
  { name: 'plans', words: 'Band plans' },
]
const route = useRoute()
const tab = computed(() => String(route.params.table || 'tones'))
const plan = computed(() => String(route.params.plan || ''))
const print = () => window.print()

const work = ref<HTMLElement | null>(null)
useKeys({
  title: 'Tables',
  focus: () => work.value?.focus(),
  keys: [{ on: ['P'], shown: 'P', does: 'print the table', act: print }],
})
</script>

<template>
  <section ref="work" class="tables" tabindex="-1" aria-label="Tables">
    <PageBar title="Tables">
      <v-tabs :model-value="tab" aria-label="Tables" class="no-print">
        <v-tab
          v-for="each in TABS"
          :key="each.name"
          :value="each.name"
          :to="{ name: 'tables', params: { table: each.name } }"
          replace
        >
          {{ each.words }}
        </v-tab>
      </v-tabs>
      <template #acts><v-btn class="no-print" @click="print">Print this table</v-btn></template>
    </PageBar>
    <ToneTable v-if="tab === 'tones'" />
    <CodeTable v-else-if="tab === 'codes'" />
    <PlanTable v-else-if="tab === 'plans'" :plan-id="plan" />
    <p v-else class="pad" role="alert">There is no table “{{ tab }}”. Choose one of those above.</p>
  </section>
</template>

<style scoped>
.tables {
  display: flex;
  flex-direction: column;
  height: 100%;
}
@media print {
  .tables {
    display: block;
    height: auto;
  }
}
</style>
