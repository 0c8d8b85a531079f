<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import PlanTable from './components/PlanTable.vue'
import ToneTable from './components/ToneTable.vue'
import CodeTable from './components/CodeTable.vue'

const TABS = [
  { name: 'tones', words: 'Tones' },
  { name: 'codes', words: 'DCS codes' },
  { name: 'plans', words: 'Band plans' },
]
const route = useRoute()
const tab = computed(() => String(route.params.table || 'tones'))
const plan = computed(() => String(route.params.plan || ''))
const print = () => window.print()
</script>

<template>
  <section class="tables">
    <header>
      <h1>Tables</h1>
      <nav aria-label="Tables">
        <router-link
          v-for="each in TABS"
          :key="each.name"
          :to="{ name: 'tables', params: { table: each.name } }"
          :aria-current="tab === each.name ? 'page' : undefined"
        >
          {{ each.words }}
        </router-link>
      </nav>
      <span class="space" />
      <v-btn class="no-print" @click="print">Print this table</v-btn>
    </header>
    <ToneTable v-if="tab === 'tones'" />
    <CodeTable v-else-if="tab === 'codes'" />
    <PlanTable v-else-if="tab === 'plans'" :plan-id="plan" />
    <p v-else class="nowhere" role="alert">There is no table “{{ tab }}”. Choose one of those above.</p>
  </section>
</template>

<style scoped>
.nowhere {
  padding: 0 20px;
}
.tables {
  display: flex;
  flex-direction: column;
  height: 100%;
  min-height: 0;
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: center;
  padding: 10px 20px;
}
nav {
  display: flex;
  gap: 4px;
}
nav a {
  padding: 7px 14px;
  border-radius: 6px;
  color: var(--quiet);
  text-decoration: none;
}
nav a[aria-current] {
  color: var(--primary);
  background: var(--picked);
  font-weight: 640;
}
.space {
  flex: 1;
}
@media print {
  nav,
  .no-print {
    display: none;
  }
  .tables {
    height: auto;
  }
}
</style>
