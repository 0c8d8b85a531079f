<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useKeys } from '@/shared/keys/useKeys'
import { useList } from '@/shared/list/useList'
import PageBar from '@/shared/ui/PageBar.vue'
import { counted, moment, shortTone } from '@/shared/words'
import { parts } from './parts'

/** All channels of a list on paper: black and white, with what is needed to key one in, and the cautions. */
const route = useRoute()
const { openId } = useOpenList()
const id = computed(() => (typeof route.query['list'] === 'string' ? route.query['list'] : openId.value))
const { data: list, error } = useList(id)
const printed = moment(new Date().toISOString())
const all = computed(() => (list.value ? parts(list.value) : []))
const print = () => window.print()
useKeys({
  title: 'Print',
  focus: () => {},
  keys: [{ on: ['p'], shown: 'p', does: 'print the page', act: print }],
})
</script>

<template>
  <PageBar title="Print" class="no-print">
    <span class="quiet">Black and white, A4 or Letter; as the browser’s print shows it</span>
    <template #acts>
      <v-btn color="primary" variant="flat" :disabled="!list" @click="print">Print</v-btn>
    </template>
  </PageBar>
  <p v-if="error" class="pad wrong" role="alert">{{ error.message }}</p>
  <article v-else-if="list" class="paper">
    <h1>{{ list.name }}</h1>
    <p v-if="list.intent.purpose">{{ list.intent.purpose }}</p>
    <p class="made">
      {{ counted(list.rows.length, 'channel') }} · {{ list.bandPlan.shortTitle }} practice, licence
      {{ list.licence }} · printed {{ printed }}, version {{ list.version }} of the list
    </p>
    <section v-for="part in all" :key="part.title + part.first">
      <h2>
        {{ part.title }} <span>slots {{ part.first }}–{{ part.last }}</span>
      </h2>
      <table>
        <thead>
          <tr>
            <th scope="col" class="figure slot">Slot</th>
            <th scope="col" class="name">Name</th>
            <th scope="col" class="figure">Listen MHz</th>
            <th scope="col" class="figure">Talk MHz</th>
            <th scope="col">Talk tone</th>
            <th scope="col">Listen tone</th>
            <th scope="col">Kind</th>
            <th scope="col">Power</th>
            <th scope="col">Shift</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in part.rows" :key="row.id">
            <td class="figure">{{ row.slot }}</td>
            <th scope="row">{{ row.name || '—' }}</th>
            <td class="figure">{{ row.sum.listen }}</td>
            <td class="figure">{{ row.transmitHz === null ? 'never' : row.sum.talk }}</td>
            <td>{{ shortTone(row.talkTone) || '—' }}</td>
            <td>{{ shortTone(row.listenTone) || '—' }}</td>
            <td>{{ row.emission }}</td>
            <td>{{ row.transmitHz === null ? '—' : row.power }}</td>
            <td>{{ row.sum.shift || '—' }}</td>
          </tr>
        </tbody>
      </table>
    </section>
    <p v-if="!list.rows.length">There is no channel in this list yet.</p>
    <footer>
      Transmitting needs a licence, and local rules and the local frequency coordinator prevail over what
      stands here. In an emergency call the public emergency number first; when life is in danger and nothing
      else works, any means may be used, as local law has it.
    </footer>
  </article>
  <v-skeleton-loader v-else type="heading, table-tbody" aria-label="Loading the list" />
</template>

<style scoped>
.paper {
  background: #fff;
  color: #000;
  margin: 0 20px 20px;
  padding: 24px 28px;
  max-width: 820px;
  font-size: 13px;
  border: 1px solid var(--line);
}
.paper h1 {
  font-size: 22px;
}
.paper h2 {
  color: inherit;
  font-size: 15px;
  margin: 16px 0 4px;
}
.paper h2 span,
.made,
footer {
  font-weight: 400;
  font-size: 12px;
}
.paper table {
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
}
.paper :is(th, td) {
  text-align: left;
  padding: 2px 8px 2px 0;
  border-bottom: 1px solid #999;
  white-space: nowrap;
}
.paper tbody th {
  white-space: normal;
}
.paper .figure {
  text-align: right;
  font-variant-numeric: tabular-nums;
}
.slot {
  width: 6%;
}
.name {
  width: 22%;
}
.paper tr {
  break-inside: avoid;
}
.paper thead {
  display: table-header-group;
}
footer {
  margin-top: 16px;
}
@media (max-width: 720px) {
  .paper {
    overflow-x: auto;
    margin: 0;
  }
}
@media print {
  .paper {
    border: 0;
    margin: 0;
    padding: 0;
    max-width: none;
    overflow: visible;
    font-size: 10pt;
  }
}
</style>
