<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import SeverityMark from '@/shared/components/SeverityMark.vue'
import SheetDialog from '@/shared/components/SheetDialog.vue'

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
const kinds = computed<{ kind: Kind; words: string; count: number }[]>(() => [
  { kind: 'error', words: 'errors', count: data.value?.counts.errors ?? 0 },
  { kind: 'doubt', words: 'doubts', count: data.value?.counts.doubts ?? 0 },
  { kind: 'note', words: 'notes', count: data.value?.counts.notes ?? 0 },
  { kind: 'aside', words: 'laid aside', count: data.value?.counts.laidAside ?? 0 },
])
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
  <SheetDialog v-model="open" title="Findings on this list" :width="820">
    <div class="kinds" role="group" aria-label="Show only">
      <button
        v-for="each in kinds"
        :key="each.kind"
        type="button"
        :aria-pressed="only === each.kind"
        :disabled="each.count === 0"
        @click="only = only === each.kind ? null : each.kind"
      >
        <SeverityMark v-if="each.kind !== 'aside'" :severity="each.kind" /> <b>{{ each.count }}</b>
        {{ each.count === 1 && each.kind !== 'aside' ? each.kind : each.words }}
      </button>
    </div>
    <p v-if="error" role="alert">{{ error.message }}</p>
    <p v-else-if="data && !shown.length" class="quiet">Nothing here is open.</p>
    <ul class="scroll" tabindex="0" aria-label="Findings of the list">
      <li v-for="each in shown" :key="each.channelId + each.finding.code + each.finding.field + each.radio">
        <button type="button" class="where" :title="`To slot ${each.slot}`" @click="look(each.slot)">
          <span class="mono">{{ each.slot }}</span> <b>{{ each.label }}</b>
        </button>
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
    <v-btn @click="open = false">Close</v-btn>
  </SheetDialog>
</template>

<style scoped>
.kinds {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 12px 0;
}
.kinds button {
  display: flex;
  gap: 6px;
  align-items: center;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
  padding: 5px 12px;
  cursor: pointer;
}
.kinds button[aria-pressed='true'] {
  border-color: var(--primary);
  background: var(--picked);
}
.kinds button:disabled {
  color: var(--quiet);
  cursor: default;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0 0 12px;
  max-height: 60vh;
  overflow: auto;
}
li {
  display: grid;
  grid-template-columns: 150px 1fr auto;
  gap: 12px;
  align-items: start;
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
.where {
  text-align: left;
  background: none;
  border: 0;
  padding: 0;
  font: inherit;
  color: var(--primary);
  cursor: pointer;
}
@media (max-width: 720px) {
  li {
    grid-template-columns: 1fr;
    gap: 4px;
  }
}
</style>
