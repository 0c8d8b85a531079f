<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useList } from '@/shared/list/useList'
import { useListChanges } from '@/shared/list/useListChanges'
import { api, unwrap } from '@/shared/api/client'
import SeverityMark from '@/shared/components/SeverityMark.vue'
import SheetDialog from '@/shared/components/SheetDialog.vue'
import { useCursor } from '@/shared/composables/useCursor'
import { useNotice } from '@/shared/composables/useNotice'

const props = defineProps<{ listId: string; listName: string; entries: string[] }>()
const emit = defineEmits<{ taken: [] }>()
const open = defineModel<boolean>({ required: true })

const recipe = ref<string | null>(null)
const cursor = useCursor()
const slot = ref(cursor.value)
watch(open, () => {
  recipe.value = null
  slot.value = cursor.value
})
const { data: list } = useList(computed(() => (open.value ? props.listId : null)))
const blocks = computed(() => list.value?.blocks ?? [])
const { tell } = useNotice()
const changes = useListChanges(computed(() => props.listId))
const { data: recipes } = useQuery({
  queryKey: ['recipes'],
  staleTime: Infinity,
  queryFn: () => unwrap(api.GET('/api/recipes')),
})
const { data: preview, error } = useQuery({
  queryKey: ['take', () => props.listId, () => props.entries, recipe, slot],
  enabled: open,
  staleTime: 0,
  placeholderData: (before) => before,
  queryFn: () =>
    unwrap(
      api.POST('/api/lists/{id}/take/preview', {
        params: { path: { id: props.listId }, query: { slot: slot.value } },
        body: { entries: props.entries, recipe: recipe.value },
      }),
    ),
})
const going = computed(() => preview.value?.channels.filter((each) => each.taken) ?? [])
const slotOf = (id: string) => preview.value?.slots[going.value.findIndex((each) => each.id === id)]
/** Slots in a row are said as one stretch: 4–6, 18. */
const slots = computed(() => {
  const all = preview.value?.slots ?? []
  const stretches: number[][] = []
  for (const one of all) {
    const last = stretches[stretches.length - 1]
    if (last && one === (last[last.length - 1] ?? NaN) + 1) last.push(one)
    else stretches.push([one])
  }
  return stretches
    .map((each) => (each.length > 1 ? `${each[0]}–${each[each.length - 1]}` : String(each[0])))
    .join(', ')
})

async function take() {
  if (
    !(await changes.change({
      kind: 'take',
      slot: slot.value,
      take: { entries: props.entries, recipe: preview.value?.recipe ?? null },
      block: null,
    }))
  )
    return
  tell(
    `${going.value.length} ${going.value.length === 1 ? 'channel is' : 'channels are'} in ${props.listName}`,
  )
  open.value = false
  emit('taken')
}
</script>

<template>
  <SheetDialog v-model="open" :title="`Take into ${listName}`" :width="720">
    <p v-if="error" role="alert" class="wrong">{{ error.message }}</p>
    <template v-if="preview">
      <div class="how">
        <label>
          Names
          <select :value="preview.recipe" @change="recipe = ($event.target as HTMLSelectElement).value">
            <option v-for="each in recipes" :key="each.id" :value="each.id">{{ each.words }}</option>
          </select>
        </label>
        <label>
          from slot
          <input
            v-model.number.lazy="slot"
            type="number"
            :min="list?.firstSlot ?? 0"
            :max="list?.lastSlot ?? 9999"
            required
          />
        </label>
        <label v-if="blocks.length">
          in
          <select v-model="slot" aria-label="Block">
            <option v-if="!blocks.some((each) => each.firstSlot === slot)" :value="slot">
              no block’s start
            </option>
            <option v-for="each in blocks" :key="each.name" :value="each.firstSlot">
              {{ each.name }} ({{ each.firstSlot }}–{{ each.lastSlot }})
            </option>
          </select>
        </label>
      </div>
      <p v-if="preview.refused" role="alert" class="wrong">{{ preview.refused }}</p>
      <ul>
        <li v-for="each in preview.channels" :key="each.id" :class="{ out: !each.taken }">
          <p class="line">
            <span v-if="slotOf(each.id) !== undefined" class="mono slot">{{ slotOf(each.id) }}</span>
            <b>{{ each.taken ? each.name : each.label }}</b>
            <span class="mono">{{ each.taken ? each.line : 'is not taken' }}</span>
          </p>
          <p v-for="finding in each.findings" :key="finding.code + finding.field" class="finding">
            <SeverityMark :severity="finding.severity" />{{ finding.message }}
          </p>
        </li>
      </ul>
      <div class="actions">
        <v-btn color="primary" variant="flat" :disabled="!slots || changes.busy.value" @click="take">
          Put {{ going.length }} {{ going.length === 1 ? 'channel' : 'channels' }} in{{
            slots && `, into ${preview.slots.length === 1 ? 'slot' : 'slots'} ${slots}`
          }}
        </v-btn>
        <v-btn @click="open = false">Cancel</v-btn>
      </div>
    </template>
    <p v-else-if="!error" class="quiet">Working the channels out…</p>
  </SheetDialog>
</template>

<style scoped>
.how {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  margin: 12px 0;
}
.how input {
  width: 72px;
}
.slot {
  min-width: 3ch;
  color: var(--quiet);
  text-align: right;
}
select,
input {
  height: 34px;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  padding: 0 8px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
  max-height: 46vh;
  overflow: auto;
}
li {
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
p {
  margin: 0;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
.out {
  color: var(--quiet);
}
.finding {
  display: flex;
  gap: 8px;
  align-items: baseline;
  font-size: 13.5px;
  margin-top: 3px;
}
.wrong {
  color: var(--error);
}
.actions {
  display: flex;
  gap: 8px;
  margin-top: 16px;
}
</style>
