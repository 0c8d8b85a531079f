<script setup lang="ts">
import { computed, ref } from 'vue'
import { useDisplay } from 'vuetify'
import type { ListView, Row } from '@/shared/api/client'
import type { useListChanges } from '@/shared/list/useListChanges'
import { counted, shortTone } from '@/shared/words'
import type { ManyActs } from '../composables/useManyActs'
import { asksWhere, ORDERS, type By } from '../orders'
import type { Marks } from '../composables/useMarks'

/** What can be done with all marked channels at once. */
const props = defineProps<{
  list: ListView
  marks: Marks
  many: ManyActs
  row: Row | null
  cursor: number
  changes: ReturnType<typeof useListChanges>
}>()
const emit = defineEmits<{ change: []; banks: []; where: [by: 'distance' | 'along'] }>()
const ordering = defineModel<boolean>('ordering', { required: true })
const { mobile } = useDisplay()
const pinned = computed(() => props.marks.rows.value.every((row) => row.pinned))

const block = (slot: number) =>
  props.list.blocks.find((each) => each.firstSlot <= slot && slot <= each.lastSlot)
/** What others may have in common with the channel at the cursor. */
const alike = computed(() => {
  const { row } = props
  if (!row) return []
  const own = block(row.slot)
  return [
    ...(own ? [{ title: `all of block ${own.name}`, same: (it: Row) => block(it.slot) === own }] : []),
    {
      title: row.talkTone ? `all with talk tone ${shortTone(row.talkTone)}` : 'all without talk tone',
      same: (it: Row) => it.talkTone === row.talkTone,
    },
    { title: `all with shift ${row.sum.shift}`, same: (it: Row) => it.sum.shift === row.sum.shift },
    { title: `all ${row.emission}`, same: (it: Row) => it.emission === row.emission },
    ...(row.findings[0]
      ? [
          {
            title: 'all with the same finding',
            same: (it: Row) => it.findings.some((each) => each.code === row.findings[0]?.code),
          },
        ]
      : []),
  ]
})
/** What all of them have in common, in words; what is the same and says nothing is left out. */
const inCommon = computed(() => {
  const rows = props.marks.rows.value
  const same = (of: (row: Row) => string) => {
    const first = rows[0] ? of(rows[0]) : ''
    return rows.every((row) => of(row) === first) ? first : ''
  }
  const talks = rows.some((row) => row.transmitHz !== null)
  const parts = [
    same((row) => row.band),
    same((row) => block(row.slot)?.name ?? ''),
    same((row) => (row.transmitHz === null ? 'never talks' : row.sum.shift)),
    same((row) => shortTone(row.talkTone)),
    same((row) => row.emission),
    talks ? same((row) => row.power) : '',
  ].filter((each) => each)
  return rows.length < 2 ? '' : parts.length ? `all ${parts.join(', ')}` : 'nothing in common'
})
const menu = ref(false)
const order = (by: By) => (asksWhere(by) ? emit('where', by) : void props.many.order(by))
const APART = [2, 3, 5, 10]
/** What can be done with the marked ones and the banks: only what changes something. */
const banking = computed(() => {
  const ids = props.marks.rows.value.map((each) => each.id)
  const { banks, skipped } = props.list.banks
  const passed = new Set(skipped.map((each) => each.channel))
  const into = banks.filter((bank) => ids.some((id) => !bank.channels.includes(id)))
  const from = banks.filter((bank) => ids.some((id) => bank.byHand.includes(id)))
  return [
    ...into.map(({ name }) => ({ title: `Put into bank ${name}`, act: () => props.many.bank(name, true) })),
    ...from.map(({ name }) => ({
      title: `Take out of bank ${name}`,
      act: () => props.many.bank(name, false),
    })),
    { title: 'New bank, more about banks…', act: () => emit('banks') },
    ...(ids.some((id) => !passed.has(id))
      ? [{ title: 'Scans pass them by', act: () => props.many.scan(false) }]
      : []),
    ...(ids.some((id) => passed.has(id))
      ? [{ title: 'Scans stop at them', act: () => props.many.scan(true) }]
      : []),
    ...(props.marks.rows.value.some((each) => each.scan !== null)
      ? [{ title: 'Scanned as the rule of the list says', act: () => props.many.scan(null) }]
      : []),
  ]
})
</script>

<template>
  <div class="marked acts pad" role="toolbar" aria-label="Marked channels">
    <b role="status">{{ counted(marks.rows.value.length, 'channel') }} marked</b>
    <v-btn @click="many.moveHere()"> Move to slot {{ cursor }} </v-btn>
    <v-menu v-model="ordering">
      <template #activator="{ props: opens }"><v-btn v-bind="opens">Order</v-btn></template>
      <v-list density="compact">
        <v-list-item v-for="each in ORDERS" :key="each.by" :title="each.title" @click="order(each.by)" />
        <v-list-item title="as they follow, without gaps" @click="many.closeGaps()" />
        <v-list-item
          v-for="each in APART"
          :key="each"
          :title="`as they follow, ${each} slots apart`"
          @click="many.spread(each)"
        />
      </v-list>
    </v-menu>
    <v-btn title="Power, kind, tones and names (c)" @click="emit('change')">Change</v-btn>
    <v-menu>
      <template #activator="{ props: opens }"><v-btn v-bind="opens">Banks, scan</v-btn></template>
      <v-list density="compact">
        <v-list-item v-for="each in banking" :key="each.title" :title="each.title" @click="each.act()" />
      </v-list>
    </v-menu>
    <v-btn @click="many.pin()">
      {{ pinned ? 'Unpin' : 'Pin' }}
    </v-btn>
    <v-btn @click="many.remove()">Delete</v-btn>
    <v-menu v-if="alike.length" v-model="menu">
      <template #activator="{ props: opens }"><v-btn v-bind="opens">Mark alike</v-btn></template>
      <v-list density="compact">
        <v-list-item
          v-for="each in alike"
          :key="each.title"
          :title="each.title"
          @click="marks.like(each.same)"
        />
      </v-list>
    </v-menu>
    <span class="quiet small">{{ inCommon }}</span>
    <v-spacer />
    <v-btn :disabled="!list.undo" :title="list.undo ?? undefined" @click="changes.undo()">Undo</v-btn>
    <v-btn variant="text" @click="marks.clear()">{{ mobile ? 'Clear' : 'Mark none' }}</v-btn>
  </div>
</template>

<style scoped>
.marked {
  gap: 6px;
}
</style>
