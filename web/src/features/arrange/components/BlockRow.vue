<script setup lang="ts">
import { mdiDotsVertical } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import type { Edit, Schemas } from '@/shared/api/client'
import { asksWhere, ORDERS } from '../orders'

/** A block in its row: name and slots are typed, the rest is chosen. */
type Block = Schemas['BlockView']
const props = defineProps<{
  block: Block
  channels: number
  before: Block | undefined
  after: Block | undefined
  cursor: number
}>()
const emit = defineEmits<{ change: [edit: Edit]; order: [by: Block['order']]; fill: []; naming: [] }>()
const name = ref('')
const first = ref('')
const last = ref('')
function asItIs() {
  name.value = props.block.name
  first.value = String(props.block.firstSlot)
  last.value = String(props.block.lastSlot)
}
watch(() => props.block, asItIs, { immediate: true })
const block = computed(() => props.block.name)
function call() {
  const next = name.value.trim()
  if (!next) asItIs()
  else if (next !== block.value) emit('change', { kind: 'rename-block', block: block.value, name: next })
}
function size() {
  const slots = { first: Number(first.value), last: Number(last.value) }
  if (!/^\d+$/.test(first.value) || !/^\d+$/.test(last.value)) asItIs()
  else if (slots.first !== props.block.firstSlot || slots.last !== props.block.lastSlot)
    emit('change', { kind: 'resize-block', block: block.value, slots })
}
const orders = computed(() => [
  { value: '', title: 'as placed' },
  ...ORDERS.map((each) => ({
    value: each.by,
    title: asksWhere(each.by) && props.block.order === each.by ? `by ${props.block.orderWords}` : each.title,
  })),
])
const acts = computed(() => {
  const { before, after, cursor } = props
  const inside = props.block.firstSlot < cursor && cursor <= props.block.lastSlot
  const here = { block: block.value }
  const length = props.block.lastSlot - props.block.firstSlot
  return [
    before && {
      title: `Move before ${before.name}`,
      edit: { kind: 'move-block' as const, ...here, slot: before.firstSlot },
    },
    after && {
      title: `Move behind ${after.name}`,
      edit: { kind: 'move-block' as const, ...here, slot: after.lastSlot - length },
    },
    inside && {
      title: `Split at the cursor, slot ${cursor}`,
      edit: { kind: 'split-block' as const, ...here, slot: cursor, second: `${block.value} 2` },
    },
    after && { title: `Join with ${after.name}`, edit: { kind: 'join-blocks' as const, ...here } },
    { title: 'Remove it, its channels stay', edit: { kind: 'remove-block' as const, ...here } },
    { title: 'Take it out with its channels', edit: { kind: 'take-block-out' as const, ...here } },
  ].filter((each) => !!each)
})
</script>

<template>
  <tr class="middle">
    <td class="name">
      <v-text-field
        v-model="name"
        :aria-label="`Name of block ${block}`"
        maxlength="60"
        @change="call"
        @keydown.enter.prevent="call"
      />
    </td>
    <td>
      <v-text-field
        v-model="first"
        class="slot"
        inputmode="numeric"
        :aria-label="`First slot of ${block}`"
        @change="size"
        @keydown.enter.prevent="size"
      />
    </td>
    <td>
      <v-text-field
        v-model="last"
        class="slot"
        inputmode="numeric"
        :aria-label="`Last slot of ${block}`"
        @change="size"
        @keydown.enter.prevent="size"
      />
    </td>
    <td class="figure">{{ channels }}</td>
    <td>
      <v-select
        class="order"
        :model-value="props.block.order ?? ''"
        :items="orders"
        :aria-label="`Order of ${block}`"
        @update:model-value="(by: string) => emit('order', (by || null) as Block['order'])"
      />
    </td>
    <td class="belongs">
      <button type="button" class="link" :aria-label="`What belongs into ${block}`" @click="emit('fill')">
        {{ props.block.belongs ?? 'what is put there' }}
      </button>
      <span v-if="props.block.named" class="quiet small named">named by {{ props.block.named }}</span>
    </td>
    <td class="end">
      <v-menu>
        <template #activator="{ props: opens }">
          <v-btn
            v-bind="opens"
            :icon="mdiDotsVertical"
            size="small"
            variant="text"
            :aria-label="`What to do with ${block}`"
          />
        </template>
        <v-list density="compact">
          <v-list-item
            v-for="each in acts"
            :key="each.title"
            :title="each.title"
            @click="emit('change', each.edit)"
          />
          <v-list-item title="Name what comes into it…" @click="emit('naming')" />
        </v-list>
      </v-menu>
    </td>
  </tr>
</template>

<style scoped>
.name {
  width: 100%;
  min-width: 170px;
}
.belongs {
  min-width: 150px;
}
.named {
  display: block;
}
.slot {
  width: 84px;
}
.order {
  width: 148px;
}
</style>
