<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import SeverityMark from '@/shared/components/SeverityMark.vue'
import { useCursor } from '@/shared/composables/useCursor'
import { useNotice } from '@/shared/composables/useNotice'
import { useList } from '@/shared/list/useList'
import { useListChanges } from '@/shared/list/useListChanges'
import FieldRow from '@/shared/ui/FieldRow.vue'
import FigureField from '@/shared/ui/FigureField.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import { counted } from '@/shared/words'
import { useTakePreview } from '../composables/useTakePreview'

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
const { recipes, preview, error, going, slotOf, slots } = useTakePreview({
  open,
  listId: () => props.listId,
  entries: () => props.entries,
  recipe,
  slot,
})
const blocks = computed(() =>
  (list.value?.blocks ?? []).map((each) => ({
    value: each.firstSlot,
    title: `${each.name} (${each.firstSlot}–${each.lastSlot})`,
  })),
)
const block = computed({
  get: () => (blocks.value.some((each) => each.value === slot.value) ? slot.value : null),
  set: (first: number | null) => (slot.value = first ?? slot.value),
})
const { tell } = useNotice()
const changes = useListChanges(computed(() => props.listId))
async function take() {
  const edit = { entries: props.entries, recipe: preview.value?.recipe ?? null }
  if (!(await changes.change({ kind: 'take', slot: slot.value, take: edit, block: null }))) return
  tell(`${counted(going.value.length, 'channel is', 'channels are')} in ${props.listName}`)
  open.value = false
  emit('taken')
}
</script>

<template>
  <SheetDialog v-model="open" :title="`Take into ${listName}`" :width="760" @submit="take">
    <p v-if="error" role="alert" class="wrong">{{ error.message }}</p>
    <template v-if="preview">
      <FieldRow class="how">
        <v-select
          class="grow"
          label="Names"
          :model-value="preview.recipe"
          :items="recipes ?? []"
          item-title="words"
          item-value="id"
          @update:model-value="(id: string) => (recipe = id)"
        />
        <FigureField
          v-model="slot"
          class="short"
          label="From slot"
          :min="list?.firstSlot ?? 0"
          :max="list?.lastSlot ?? 9999"
        />
        <v-select
          v-if="blocks.length"
          v-model="block"
          label="Block"
          placeholder="no block’s start"
          persistent-placeholder
          :items="blocks"
        />
      </FieldRow>
      <p v-if="list?.blocks.some((each) => each.filling)" class="quiet">
        Each goes into the block that it belongs into; the slot is for those that belong into none.
      </p>
      <p v-if="preview.refused" role="alert" class="wrong">{{ preview.refused }}</p>
      <ul class="bare">
        <li v-for="each in preview.channels" :key="each.id" :class="{ quiet: !each.taken }">
          <p class="line">
            <span v-if="slotOf(each.id) !== undefined" class="mono quiet">{{ slotOf(each.id) }}</span>
            <b>{{ each.taken ? each.name : each.label }}</b>
            <span class="mono">{{ each.taken ? each.line : 'is not taken' }}</span>
          </p>
          <p v-for="finding in each.findings" :key="finding.code + finding.field" class="small">
            <SeverityMark :severity="finding.severity" /> {{ finding.message }}
          </p>
        </li>
      </ul>
    </template>
    <v-skeleton-loader v-else-if="!error" type="list-item-two-line@2" aria-label="Working the channels out" />
    <template #acts>
      <v-btn
        type="submit"
        color="primary"
        variant="flat"
        :disabled="!preview || !slots || changes.busy.value"
      >
        Put {{ counted(going.length, 'channel') }} in{{
          slots && preview && `, into ${preview.slots.length === 1 ? 'slot' : 'slots'} ${slots}`
        }}
      </v-btn>
      <v-btn @click="open = false">Cancel</v-btn>
    </template>
  </SheetDialog>
</template>

<style scoped>
.how {
  padding-top: 6px;
}
li {
  padding: 8px 0;
  border-top: 1px solid var(--line);
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
</style>
