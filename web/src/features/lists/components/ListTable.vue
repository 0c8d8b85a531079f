<script setup lang="ts">
import SheetTable from '@/shared/ui/SheetTable.vue'
import type { Schemas } from '@/shared/api/client'
import { counted, moment } from '@/shared/words'
import type { ListSummary, useAllLists } from '../composables/useAllLists'

/** Every list with its plan, its size, and the radios that hold it. */
defineProps<{ rows: ReturnType<typeof useAllLists>['rows']['value']; openId: string | null }>()
const FORMS = [
  {
    as: 'json',
    title: 'All of it, JSON',
    loses: 'without history; “From a file” makes a list of it again',
  },
  {
    as: 'json&history=true',
    title: 'All of it with its history, JSON',
    loses: 'nothing but what was undone',
  },
  {
    as: 'csv',
    title: 'A table, CSV',
    loses: 'without history, rules of blocks, short names, links to the directory, and what was laid aside',
  },
  { as: 'lines', title: 'Lines of text', loses: 'without slots, blocks and pins too' },
  {
    as: 'geojson',
    title: 'Places, GeoJSON',
    loses: 'only channels from the directory, with their lines, for maps',
  },
  { as: 'gpx', title: 'Waypoints, GPX', loses: 'the same as waypoints' },
]
/** The findings in words, the gravest first. */
const found = (counts: Schemas['CountsView']) =>
  (['errors', 'doubts', 'notes'] as const)
    .filter((each) => counts[each])
    .map((each) => counted(counts[each], each.slice(0, -1)))
    .join(', ') || 'none'
const emit = defineEmits<{
  open: [list: ListSummary]
  rename: [list: ListSummary]
  copy: [list: ListSummary]
  bin: [list: ListSummary]
}>()
</script>

<template>
  <SheetTable label="Lists">
    <thead>
      <tr>
        <th scope="col">List</th>
        <th scope="col" class="figure">Channels</th>
        <th scope="col" class="roomy">Band plan</th>
        <th scope="col" class="roomy">Findings</th>
        <th scope="col" class="roomy">Loaded in</th>
        <th scope="col" class="roomy">Changed</th>
        <th scope="col"><span class="unseen">What to do</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="{ list, plan, home, stands } in rows" :key="list.id" class="middle">
        <th scope="row">
          <button type="button" class="link" @click="emit('open', list)">{{ list.name }}</button>
          <span v-if="list.id === openId" class="quiet small"> open</span>
          <span v-if="home" class="quiet small purpose">made from {{ home }}</span>
          <span v-if="stands?.purpose" class="quiet small purpose">{{ stands.purpose }}</span>
        </th>
        <td class="figure">{{ list.channels }}</td>
        <td class="roomy">{{ plan }}</td>
        <td class="roomy">{{ stands ? found(stands.counts) : '' }}</td>
        <td class="roomy">
          <span v-for="each in stands?.radios" :key="each.radioId" class="holding">
            <router-link :to="{ name: 'load', params: { radio: each.radioId } }">{{
              each.radio
            }}</router-link>{{ each.behind ? `: ${counted(each.behind, 'slot')} behind` : ': up to date' }}
          </span>
          <template v-if="stands && !stands.radios.length">no radio</template>
        </td>
        <td class="roomy mono">{{ moment(list.changedAt) }}</td>
        <td class="end">
          <div class="acts">
            <v-btn size="small" :aria-label="`Rename ${list.name}`" @click="emit('rename', list)"
              >Rename</v-btn
            >
            <v-btn size="small" :aria-label="`Copy ${list.name}`" @click="emit('copy', list)">Copy</v-btn>
            <v-btn
              v-if="openId && list.id !== openId"
              size="small"
              :aria-label="`Compare ${list.name} with the open list`"
              :to="{ name: 'compare', query: { with: list.id } }"
              >Compare</v-btn
            >
            <v-menu>
              <template #activator="{ props: opens }">
                <v-btn v-bind="opens" size="small" :aria-label="`Export ${list.name}`">Export</v-btn>
              </template>
              <v-list density="compact">
                <v-list-item
                  title="A page to print"
                  subtitle="all channels by block, for the drawer or the glove box"
                  :to="{ name: 'print', query: { list: list.id } }"
                />
                <v-list-item
                  v-for="each in FORMS"
                  :key="each.as"
                  :title="each.title"
                  :subtitle="each.loses"
                  :href="`/api/lists/${list.id}/export?as=${each.as}`"
                  download
                />
                <v-list-item
                  title="A table of another form…"
                  subtitle="by a recipe: which columns, units and words; what it loses is shown before"
                  :to="{ name: 'export', query: { list: list.id } }"
                />
              </v-list>
            </v-menu>
            <v-btn size="small" :aria-label="`Delete ${list.name}`" @click="emit('bin', list)">Delete</v-btn>
          </div>
        </td>
      </tr>
    </tbody>
  </SheetTable>
</template>

<style scoped>
.purpose,
.holding {
  display: block;
}
th .link {
  min-height: 24px;
}
.purpose {
  font-weight: 400;
  max-width: 40ch;
}
.acts {
  flex-wrap: nowrap;
  gap: 6px;
  justify-content: end;
}
@media (max-width: 720px) {
  .roomy {
    display: none;
  }
  .acts {
    flex-wrap: wrap;
  }
}
</style>
