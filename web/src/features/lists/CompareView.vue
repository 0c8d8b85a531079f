<script setup lang="ts">
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useRadios } from '@/shared/api/queries'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useKeys } from '@/shared/keys/useKeys'
import PageBar from '@/shared/ui/PageBar.vue'
import { counted, moment } from '@/shared/words'
import CompareTable from './components/CompareTable.vue'
import { useCompare } from './composables/useCompare'

const route = useRoute()
const router = useRouter()
const { lists, openId, open } = useOpenList()
const other = computed(() => (typeof route.query['with'] === 'string' ? route.query['with'] : null))
const revision = computed(() =>
  /^\d+$/.test(String(route.query['revision'])) ? Number(route.query['revision']) : null,
)
const held = computed(() => {
  const { radio, snapshot } = route.query
  return typeof radio === 'string' && typeof snapshot === 'string' ? { radio, snapshot } : null
})
const { data: radios } = useRadios()
/** Other lists, and what radios held when they were seen last. */
const others = computed(() => [
  ...(lists.value ?? [])
    .filter((each) => each.id !== openId.value)
    .map((each) => ({ title: each.name, value: each.id, query: { with: each.id } })),
  ...(radios.value ?? []).flatMap((each) =>
    each.newestSnapshot
      ? [
          {
            title: `${each.name} of ${moment(each.newestSnapshot.takenAt)}`,
            value: each.newestSnapshot.id,
            query: { radio: each.id, snapshot: each.newestSnapshot.id },
          },
        ]
      : [],
  ),
])
/** An older snapshot that the address names is one of them too. */
const offered = computed(() => {
  const now = held.value
  return !now || others.value.some((each) => each.value === now.snapshot)
    ? others.value
    : [{ title: data.value?.with ?? 'a snapshot', value: now.snapshot, query: now }, ...others.value]
})
const chosenOther = computed(() => held.value?.snapshot ?? (revision.value === null ? other.value : null))
const go = (value: string) =>
  void router.replace({ query: offered.value.find((each) => each.value === value)?.query })
const { data, error, rows, can, chosen, choose, going, takeOver, changes } = useCompare(other, revision, held)
const losing = computed(() => going.value.filter((row) => row.kind === 'only_here').length)
const says = computed(() => {
  const all = counted(going.value.length, 'channel')
  return losing.value ? `Take over ${all}, ${losing.value} of them away` : `Take over ${all}`
})
useKeys({
  title: 'Compare',
  keys: [],
  focus: () => {},
  undo: () => void changes.undo(),
  redo: () => void changes.redo(),
})
</script>

<template>
  <PageBar title="Compare">
    <span class="quiet">{{ open?.name }} with {{ data?.with ?? 'another list' }}</span>
    <template #acts>
      <v-select
        class="with"
        label="With"
        :model-value="chosenOther"
        :items="offered"
        @update:model-value="go"
      />
    </template>
  </PageBar>
  <div class="pad stack">
    <p v-if="error" role="alert" class="wrong">{{ error.message }}</p>
    <p v-else-if="!other && !held && revision === null" class="quiet">
      Choose a list, or what a radio held, to compare {{ open?.name ?? 'the open list' }} with. To compare it
      with how it was, choose a change in its History.
    </p>
    <p v-else-if="data && !rows.length">The two are alike, channel by channel and slot by slot.</p>
    <template v-else-if="data">
      <CompareTable :rows="rows" :other="data.with" :chosen="chosen" :can="can" @choose="choose" />
      <div class="acts">
        <v-btn
          color="primary"
          variant="flat"
          :disabled="!going.length || changes.busy.value"
          @click="takeOver"
        >
          {{ says }}
        </v-btn>
        <span class="quiet">Where a channel stands is left as it is. One undo takes all of it back.</span>
      </div>
    </template>
  </div>
</template>

<style scoped>
.with {
  width: 260px;
}
</style>
