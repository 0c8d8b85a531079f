<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Edit, ListView, Schemas } from '@/shared/api/client'
import { useCursor } from '@/shared/composables/useCursor'
import type { useListChanges } from '@/shared/list/useListChanges'
import FieldRow from '@/shared/ui/FieldRow.vue'
import FigureField from '@/shared/ui/FigureField.vue'
import SheetDialog from '@/shared/ui/SheetDialog.vue'
import SheetTable from '@/shared/ui/SheetTable.vue'
import { usePreview } from '../composables/usePreview'
import { asksWhere, where, type By } from '../orders'
import BlockRow from './BlockRow.vue'
import FillingForm from './FillingForm.vue'
import NamingForm from './NamingForm.vue'
import WhereForm from './WhereForm.vue'

/** The blocks of the list: made, called, sized, moved, split, joined and removed. Each change can be undone by itself. */
const props = defineProps<{
  list: ListView
  cursor: number
  changes: ReturnType<typeof useListChanges>
}>()
const open = defineModel<boolean>({ required: true })

const name = ref('')
const first = ref(0)
const last = ref(0)
const channelsIn = (from: number, to: number) =>
  props.list.rows.filter((row) => from <= row.slot && row.slot <= to).length
/** The slots around the cursor that no block claims. */
const free = computed(() => {
  const claimed = (slot: number) =>
    props.list.blocks.some((each) => each.firstSlot <= slot && slot <= each.lastSlot)
  let from = props.cursor
  while (claimed(from) && from < props.list.lastSlot) from++
  let to = from
  while (to < props.list.lastSlot && to - from < 9 && !claimed(to + 1)) to++
  return { from, to }
})
function offer() {
  name.value = ''
  first.value = free.value.from
  last.value = free.value.to
}
watch(open, offer, { immediate: true })
// Whoever types a name already has seen these slots.
watch(
  () => props.list.version,
  () => name.value || offer(),
)
const place = useCursor()
/** Makes a change; the cursor stays where it was, for the next one may speak of it. */
async function make(edit: Edit) {
  const at = place.value
  const made = await props.changes.say(edit)
  place.value = at
  return made
}
const { preview, refused, ask, set, forget } = usePreview(() => props.list, make)
const filling = ref<string | null>(null)
const filled = computed(() => props.list.blocks.find((each) => each.name === filling.value))
const named = (name: string | null | undefined) => props.list.blocks.find((each) => each.name === name)
/** The block whose order is asked for places. */
const measuring = ref<{ block: string; by: 'distance' | 'along' } | null>(null)
const measured = computed(() => named(measuring.value?.block))
/** The places that the order of the block has now, if it is of that kind. */
const placed = computed(() =>
  measured.value?.order !== measuring.value?.by
    ? []
    : measuring.value?.by === 'distance'
      ? [measured.value?.orderFrom?.place ?? '']
      : (measured.value?.orderVia ?? []).map((each) => each.place),
)
const naming = ref<string | null>(null)
const namingBlock = computed(() => named(naming.value))
const keepOrder = (block: string, by: By | null, places?: string[]) =>
  ask({ kind: 'keep-order', block, by, ...where(by, places) })
function order(block: Schemas['BlockView'], by: By | null) {
  leave()
  if (asksWhere(by)) measuring.value = { block: block.name, by }
  else void keepOrder(block.name, by)
}
function leave() {
  forget()
  filling.value = naming.value = measuring.value = null
}
async function setNaming(it: Schemas['NamingView'] | null) {
  if (await make({ kind: 'name-block', block: naming.value ?? '', naming: it })) naming.value = null
}
watch(open, leave)
async function keep() {
  if (props.changes.busy.value) return
  await set()
  if (!preview.value) filling.value = naming.value = measuring.value = null
}
async function add() {
  if (!name.value.trim()) return
  const slots = { first: first.value, last: last.value }
  if (await make({ kind: 'add-block', block: name.value, slots })) offer()
}
</script>

<template>
  <SheetDialog v-model="open" title="Blocks" :width="1040" @submit="add">
    <p class="quiet">
      A block is a run of slots with a name. Channels keep their slots unless a block is moved; then what
      stands between gives way.
    </p>
    <SheetTable v-if="list.blocks.length" label="Blocks of the list">
      <thead>
        <tr>
          <th scope="col">Name</th>
          <th scope="col">First slot</th>
          <th scope="col">Last slot</th>
          <th scope="col" class="figure">Channels</th>
          <th scope="col">Kept in order</th>
          <th scope="col">Belongs there</th>
          <th scope="col"><span class="unseen">What to do</span></th>
        </tr>
      </thead>
      <tbody>
        <BlockRow
          v-for="(each, i) in list.blocks"
          :key="each.name + each.firstSlot"
          :block="each"
          :channels="channelsIn(each.firstSlot, each.lastSlot)"
          :before="list.blocks[i - 1]"
          :after="list.blocks[i + 1]"
          :cursor="cursor"
          @change="make"
          @fill="(leave(), (filling = each.name))"
          @order="(by) => order(each, by)"
          @naming="(leave(), (naming = each.name))"
        />
      </tbody>
    </SheetTable>
    <FillingForm
      v-if="filled"
      :key="filled.name"
      :block="filled"
      :list="list"
      @ask="(it) => ask({ kind: 'fill-block', block: filling ?? '', filling: it })"
      @leave="leave"
    />
    <WhereForm
      v-if="measured && measuring"
      :key="measured.name + measuring.by"
      :what="`Order of ${measured.name}`"
      act="Show what would happen"
      :by="measuring.by"
      :places="placed"
      @ask="(places) => keepOrder(measured!.name, measuring!.by, places)"
      @leave="leave"
    />
    <NamingForm
      v-if="namingBlock"
      :key="namingBlock.name"
      :block="namingBlock.name"
      :naming="namingBlock.naming"
      @set="setNaming"
      @leave="leave"
    />
    <section v-if="preview" class="asked stack" role="status">
      <p>
        <b>{{ preview.said }}.</b>
        {{
          preview.moves.length
            ? 'Channels go elsewhere:'
            : 'No channel moves now; later ones find their place.'
        }}
      </p>
      <p v-if="preview.moves.length" class="mono">
        <span v-for="(it, i) in preview.moves" :key="i">
          {{ it.label }} {{ it.from }}→{{ it.to }}{{ i < preview.moves.length - 1 ? ', ' : '' }}</span
        >
      </p>
      <div class="acts">
        <v-btn color="primary" variant="flat" @click="keep">Keep it so</v-btn>
        <v-btn @click="forget">Leave it</v-btn>
      </div>
    </section>
    <p v-if="refused" class="wrong" role="alert">{{ refused }}</p>
    <FieldRow v-if="!filled && !measured && !namingBlock">
      <v-text-field v-model="name" label="New block" maxlength="60" data-first />
      <FigureField
        v-model="first"
        class="short"
        label="From slot"
        :min="list.firstSlot"
        :max="list.lastSlot"
      />
      <FigureField v-model="last" class="short" label="To slot" :min="list.firstSlot" :max="list.lastSlot" />
      <v-btn type="submit" color="primary" variant="flat" :disabled="!name.trim()">Add block</v-btn>
    </FieldRow>
    <template #acts><v-btn @click="open = false">Close</v-btn></template>
  </SheetDialog>
</template>

<style scoped>
.asked {
  border-left: 3px solid var(--primary);
  padding-left: 12px;
}
</style>
