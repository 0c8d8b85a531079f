<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import SeverityMark from '@/shared/components/SeverityMark.vue'
import KindToggle from '@/shared/ui/KindToggle.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'

const props = defineProps<{ listId: string; version: number }>()
const emit = defineEmits<{ look: [slot: number]; fix: [channelId: string, line: string] }>()
const open = defineModel<boolean>({ required: true })

const { data, error } = useQuery({
  queryKey: ['findings', computed(() => props.listId), computed(() => props.version)],
  enabled: open,
  queryFn: () => unwrap(api.GET('/api/lists/{id}/findings', { params: { path: { id: props.listId } } })),
  placeholderData: (before) => before,
})
type Kind = 'error' | 'doubt' | 'note' | 'aside'
const only = ref<Kind | null>(null)
const plural = (count: number, one: string) => (count === 1 ? one : `${one}s`)
const kinds = computed<{ kind: Kind; words: string; count: number }[]>(() => {
  const { errors = 0, doubts = 0, notes = 0, laidAside = 0 } = data.value?.counts ?? {}
  return [
    { kind: 'error', words: plural(errors, 'error'), count: errors },
    { kind: 'doubt', words: plural(doubts, 'doubt'), count: doubts },
    { kind: 'note', words: plural(notes, 'note'), count: notes },
    { kind: 'aside', words: 'laid aside', count: laidAside },
  ]
})
const shown = computed(
  () =>
    data.value?.findings.filter((each) => {
      const kind: Kind = each.reason === null ? each.finding.severity : 'aside'
      return only.value ? kind === only.value : kind !== 'aside'
    }) ?? [],
)
function look(slot: number) {
  emit('look', slot)
  open.value = false
}
</script>

<template>
  <SheetDialog v-model="open" title="Findings on this list" :width="860">
    <KindToggle v-model="only" :kinds="kinds" label="Show only">
      <template #mark="{ kind }"><SeverityMark v-if="kind !== 'aside'" :severity="kind" /></template>
    </KindToggle>
    <p v-if="error" role="alert" class="wrong">{{ error.message }}</p>
    <p v-else-if="data && !shown.length" class="quiet">Nothing here is open.</p>
    <ul class="bare" aria-label="Findings of the list">
      <li v-for="each in shown" :key="each.channelId + each.finding.code + each.finding.field + each.radio">
        <v-btn class="where" variant="text" :title="`To slot ${each.slot}`" @click="look(each.slot)">
          <span class="mono">{{ each.slot }}</span>&nbsp;<b>{{ each.label }}</b>
        </v-btn>
        <div>
          <SeverityMark :severity="each.finding.severity" /> <b v-if="each.radio">{{ each.radio }}: </b
          >{{ each.finding.message }}
          <span class="quiet">{{
            each.reason === null ? each.finding.why : `Laid aside: “${each.reason}”`
          }}</span>
        </div>
        <v-btn
          v-if="each.reason === null && each.finding.fixes[0]"
          size="small"
          :title="each.finding.fixes[0].line"
          @click="emit('fix', each.channelId, each.finding.fixes[0].line)"
        >
          {{ each.finding.fixes[0].label }}
        </v-btn>
      </li>
    </ul>
    <template #acts><v-btn @click="open = false">Close</v-btn></template>
  </SheetDialog>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 150px 1fr auto;
  gap: 12px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}
.where {
  justify-content: start;
  padding-inline: 4px;
}
@media (max-width: 720px) {
  li {
    grid-template-columns: 1fr auto;
  }
  li > div {
    grid-area: 2 / 1 / 3 / 3;
  }
}
</style>
