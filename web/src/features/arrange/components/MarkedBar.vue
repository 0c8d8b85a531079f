<script setup lang="ts">
import { computed, ref } from 'vue'
import { useDisplay } from 'vuetify'
import type { ListView, Row } from '@/shared/api/client'
import type { useListChanges } from '@/shared/list/useListChanges'
import { counted, shortTone } from '@/shared/words'
import type { ManyActs } from '../composables/useManyActs'
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
const emit = defineEmits<{ change: [] }>()
const ordering = defineModel<boolean>('ordering', { required: true })
const { mobile } = useDisplay()
const pinned = computed(() => props.marks.rows.value.every((row) => row.pinned))

const ORDERS = [
  { by: 'frequency', title: 'by frequency' },
  { by: 'name', title: 'by name' },
  { by: 'use', title: 'by use: simplex, repeaters, listen only' },
  { by: 'talk_tone', title: 'by talk tone' },
] as const
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
const menu = ref(false)
</script>

<template>
  <div class="marked acts pad" role="toolbar" aria-label="Marked channels">
    <b role="status">{{ counted(marks.rows.value.length, 'channel') }} marked</b>
    <v-btn @click="many.moveHere()"> Move to slot {{ cursor }} </v-btn>
    <v-menu v-model="ordering">
      <template #activator="{ props: opens }"><v-btn v-bind="opens">Order</v-btn></template>
      <v-list density="compact">
        <v-list-item v-for="each in ORDERS" :key="each.by" :title="each.title" @click="many.order(each.by)" />
        <v-list-item title="as they follow, without gaps" @click="many.closeGaps()" />
      </v-list>
    </v-menu>
    <v-btn title="Power, kind, tones and names (c)" @click="emit('change')">Change</v-btn>
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
