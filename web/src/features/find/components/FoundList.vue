<script setup lang="ts">
import { nextTick, ref, watch } from 'vue'
import type { Found } from '@/shared/api/client'
import { megahertz, toneOf } from '../composables/words'
import ReachMark from './ReachMark.vue'

const props = defineProps<{ found: Found[]; at: number; ticked: Set<string>; along: boolean }>()
const emit = defineEmits<{ pick: [at: number]; tick: [found: Found] }>()

const box = ref<HTMLElement | null>(null)
watch(
  () => [props.at, props.found],
  async () => {
    await nextTick()
    box.value?.querySelector('.picked')?.scrollIntoView({ block: 'nearest' })
  },
)
const where = (found: Found) =>
  props.along && found.passing
    ? `km ${found.passing.kilometre.toFixed(0)}, ${found.passing.offKilometres.toFixed(0)} km off`
    : found.reach
      ? `${found.reach.kilometres.toFixed(1)} km ${found.reach.compass}`
      : 'no position'
const grave = (found: Found) =>
  found.entry.findings.find((each) => each.severity !== 'note' || each.code === 'entry-closed')
defineExpose({ focus: () => box.value?.focus() })
</script>

<template>
  <div
    ref="box"
    class="found"
    role="grid"
    aria-label="Repeaters found"
    tabindex="0"
    :aria-rowcount="found.length + 1"
    :aria-activedescendant="found.length ? `found-${at}` : undefined"
  >
    <div class="row head" role="row" aria-rowindex="1">
      <div role="columnheader"><span class="unseen">Chosen</span></div>
      <div role="columnheader">Repeater</div>
      <div role="columnheader" class="figure">Listen MHz</div>
      <div role="columnheader">
        Reach<span class="far">, {{ along ? 'where it is passed' : 'how far away' }}</span>
      </div>
    </div>
    <div role="rowgroup">
      <div
        v-for="(each, i) in found"
        :id="`found-${i}`"
        :key="each.entry.id"
        class="row"
        role="row"
        :class="{ picked: i === at, dead: each.entry.looksDead }"
        :aria-rowindex="i + 2"
        :aria-selected="i === at"
        :data-id="each.entry.id"
        @click="emit('pick', i)"
      >
        <div role="gridcell">
          <button
            type="button"
            role="checkbox"
            tabindex="-1"
            class="tick"
            :aria-checked="ticked.has(each.entry.id)"
            :aria-label="`Choose ${each.entry.label}, ${megahertz(each.entry.outputHz)}, ${each.entry.source}`"
            @click.stop="(emit('pick', i), emit('tick', each))"
          >
            {{ ticked.has(each.entry.id) ? '✓' : '' }}
          </button>
        </div>
        <div role="gridcell" class="name">
          <b>{{ each.entry.label }}</b>
          <span class="under" :class="grave(each)?.severity">{{
            grave(each)?.message ?? `${each.entry.callSign} ${each.entry.area}`
          }}</span>
        </div>
        <div role="gridcell" class="figure">
          <span class="mono">{{ megahertz(each.entry.outputHz) }}</span>
          <span class="under mono">{{ toneOf(each.entry.talkTone) }}</span>
        </div>
        <div role="gridcell">
          <ReachMark :verdict="each.reach?.verdict ?? null" :dead="each.entry.looksDead" />
          <span class="under">{{ where(each) }}</span>
        </div>
      </div>
    </div>
  </div>
</template>

<style scoped>
.found {
  overflow: auto;
  flex: 1;
  min-height: 0;
  outline-offset: -2px;
}
.row {
  display: grid;
  grid-template-columns: 28px minmax(0, 1fr) 84px 148px;
  column-gap: 10px;
  gap: 8px;
  align-items: center;
  min-height: 48px;
  padding: 3px 12px 3px 16px;
  border-bottom: 1px solid var(--line);
  background: var(--surface);
  cursor: pointer;
}
.head {
  min-height: 26px;
  position: sticky;
  top: 0;
  z-index: 1;
  font-size: 12.5px;
  color: var(--quiet);
  background: var(--ground);
  cursor: default;
}
.picked {
  background: var(--picked);
  box-shadow: inset 3px 0 0 var(--primary);
}
.name b {
  font-weight: 600;
}
.name > *,
.under {
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.under {
  font-size: 12.5px;
  color: var(--quiet);
  min-height: 17px;
}
.under.doubt,
.under.error {
  color: var(--doubt);
}
.figure {
  text-align: right;
}
.tick {
  width: 22px;
  height: 22px;
  border: 1px solid var(--quiet);
  border-radius: 4px;
  background: var(--surface);
  color: var(--primary);
  font-weight: 700;
  line-height: 1;
  cursor: pointer;
}
@media (max-width: 720px) {
  .far {
    display: none;
  }
  .row {
    grid-template-columns: 28px minmax(0, 1fr) 80px 104px;
    padding: 3px 10px;
  }
}
</style>
