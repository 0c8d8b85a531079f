<script setup lang="ts">
import { computed } from 'vue'
import type { PlannedChange, Schemas, SlotChange } from '@/shared/api/client'
import SheetTable from '@/shared/ui/SheetTable.vue'

/** Planned changes of a write, whose slots can be chosen, or those of a snapshot, which go in whole. */
const props = defineProps<{
  label: string
  changes: SlotChange[]
  planned?: PlannedChange[]
  /** Whether what the radio holds can be taken into the list from here. */
  takes?: boolean
  /** What the right side is; left out for what is there after writing. */
  then?: string
}>()
const emit = defineEmits<{ leave: [slot: number, left: boolean]; into: [slot: number] }>()
const plan = computed(() => new Map(props.planned?.map((each) => [each.change.slot, each]) ?? []))

const WORDS = { added: 'new', changed: 'changed', replaced: 'replaced', removed: 'removed' }
type Slot = Schemas['SlotView']
const FIELDS: Record<string, (slot: Slot) => string> = {
  name: (slot) => slot.name || 'no name',
  listen: (slot) => slot.listen,
  talk: (slot) => slot.talk ?? 'never',
  'talk tone': (slot) => slot.talkTone ?? 'none',
  'listen tone': (slot) => slot.listenTone ?? 'none',
  kind: (slot) => slot.emission,
  power: (slot) => slot.power,
  scan: (slot) => (slot.scan ? 'yes' : 'no'),
}
const whole = (slot: Slot | null) => slot?.unreadable ?? slot?.words ?? ''
/** Who changed it since a list wrote it: the person, on the radio. */
function drift(slot: number) {
  const planned = plan.value.get(slot)
  if (planned?.origin === 'removed_since')
    return `removed on the radio since; it was ${whole(planned.written)}`
  return planned?.origin === 'changed_since'
    ? `changed on the radio since; it was ${[planned.written?.name, whole(planned.written)].filter(Boolean).join(' ')}`
    : ''
}
/** What only the radio has, or has otherwise since. */
const mine = (change: SlotChange) =>
  plan.value.get(change.slot)?.origin === 'changed_since' ||
  (change.kind === 'removed' && plan.value.get(change.slot)?.origin === 'radio')
function title({ before, after }: SlotChange) {
  return after?.name || before?.name || after?.listen || before?.listen || 'unreadable'
}
</script>

<template>
  <SheetTable :label="label">
    <thead>
      <tr>
        <th v-if="planned" scope="col">Write</th>
        <th scope="col" class="figure">Slot</th>
        <th scope="col">Change</th>
        <th scope="col">Name</th>
        <th scope="col">{{ then ? `Then → ${then}` : 'In the radio now → after writing' }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="change in changes" :key="change.slot" :class="{ left: plan.get(change.slot)?.left }">
        <td v-if="planned">
          <v-checkbox-btn
            :model-value="!plan.get(change.slot)?.left"
            :aria-label="`Write slot ${change.slot}, ${title(change)}`"
            @update:model-value="(on: boolean) => emit('leave', change.slot, !on)"
          />
        </td>
        <td class="figure">{{ change.slot }}</td>
        <td :class="change.kind">
          <template v-if="plan.get(change.slot)?.left">{{
            change.kind === 'removed' ? 'stays' : 'left as it is'
          }}</template>
          <template v-else>{{ WORDS[change.kind] }}</template>
          <span v-if="drift(change.slot)" class="only drift small">{{ drift(change.slot) }}</span>
          <span
            v-else-if="plan.get(change.slot) && change.takesAway && !plan.get(change.slot)?.fromList"
            class="only quiet small"
          >
            only in the radio
          </span>
        </td>
        <th scope="row">{{ title(change) }}</th>
        <td>
          <template v-if="change.kind === 'changed' && change.before && change.after && change.parts.length">
            <span v-for="part in change.parts" :key="part" class="part">
              {{ part }} <span class="mono">{{ FIELDS[part]?.(change.before) }}</span> →
              <span class="mono after">{{ FIELDS[part]?.(change.after) }}</span>
            </span>
          </template>
          <template v-else>
            <span class="mono" :class="{ gone: change.kind === 'removed' }">{{ whole(change.before) }}</span>
            <template v-if="change.kind === 'changed' || change.kind === 'replaced'"> → </template>
            <span class="mono after">{{ whole(change.after) }}</span>
          </template>
          <v-btn
            v-if="takes && change.before && !change.before.unreadable && mine(change)"
            size="x-small"
            class="into"
            :aria-label="`Take slot ${change.slot}, ${title(change)}, into the list as the radio has it`"
            @click="emit('into', change.slot)"
            >Into the list</v-btn
          >
        </td>
      </tr>
    </tbody>
  </SheetTable>
</template>

<style scoped>
.left td:not(:first-child),
.left th {
  color: var(--quiet);
}
.left .after {
  display: none;
}
.only {
  display: block;
}
.drift {
  color: var(--doubt);
}
.into {
  margin: -6px 0 -6px 10px;
}
.gone {
  text-decoration: line-through;
}
.left .gone {
  text-decoration: none;
}
td :deep(.v-selection-control) {
  margin-block: -6px;
}
</style>
