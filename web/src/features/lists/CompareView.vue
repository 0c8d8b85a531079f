<script setup lang="ts">
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useKeys } from '@/shared/keys/useKeys'
import PageBar from '@/shared/ui/PageBar.vue'
import { counted } from '@/shared/words'
import CompareTable from './components/CompareTable.vue'
import { useCompare } from './composables/useCompare'

const route = useRoute()
const router = useRouter()
const { lists, openId, open } = useOpenList()
const other = computed(() => (typeof route.query['with'] === 'string' ? route.query['with'] : null))
const revision = computed(() =>
  /^\d+$/.test(String(route.query['revision'])) ? Number(route.query['revision']) : null,
)
const others = computed(() => (lists.value ?? []).filter((each) => each.id !== openId.value))
const { data, error, rows, can, chosen, choose, going, takeOver, changes } = useCompare(other, revision)
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
        class="short"
        label="With"
        :model-value="revision === null ? other : null"
        :items="others"
        item-title="name"
        item-value="id"
        @update:model-value="(id: string) => router.replace({ query: { with: id } })"
      />
    </template>
  </PageBar>
  <div class="pad stack">
    <p v-if="error" role="alert" class="wrong">{{ error.message }}</p>
    <p v-else-if="!other && revision === null" class="quiet">
      Choose a list to compare {{ open?.name ?? 'the open list' }} with. To compare it with how it was, choose
      a change in its History.
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
