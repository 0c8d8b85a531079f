<script setup lang="ts">
import { nextTick, ref, watch } from 'vue'
import type { ReviewLine } from '../composables/useReview'

const props = defineProps<{ lines: ReviewLine[]; at: number; goesIn: (line: ReviewLine) => boolean }>()
const emit = defineEmits<{ pick: [at: number]; choose: [line: ReviewLine] }>()

const HEIGHT = 36
const HEAD = 26
const MARGIN = 12
const body = ref<HTMLElement | null>(null)
const top = ref(0)
const seen = ref(30)
function look() {
  if (!body.value) return
  top.value = Math.max(0, Math.floor(body.value.scrollTop / HEIGHT) - MARGIN)
  seen.value = Math.ceil(body.value.clientHeight / HEIGHT) + 2 * MARGIN
}

const WORDS = { good: 'goes in', doubtful: 'look at it', bad: 'mend it' }
const short = (tone: string | null) =>
  tone?.replace('CTCSS ', '').replace(/^DCS (\d+) ([NI])$/, 'D$1$2') ?? ''
const says = (line: ReviewLine) =>
  line.findings[0]?.message ?? (line.twin ? `Already in ${line.twin}` : line.more)

/** Keeps the picked line in view without drawing the thousands around it. */
async function show() {
  const box = body.value
  if (!box) return
  const from = props.at * HEIGHT
  const height = box.clientHeight - HEAD
  if (from < box.scrollTop) box.scrollTop = from
  else if (from + HEIGHT > box.scrollTop + height) box.scrollTop = from + HEIGHT - height
  look()
  await nextTick()
}
watch(() => [props.at, props.lines.length], show, { flush: 'post', immediate: true })
defineExpose({ focus: () => body.value?.focus() })
</script>

<template>
  <div
    ref="body"
    class="body"
    role="grid"
    aria-label="Lines"
    tabindex="0"
    :aria-rowcount="lines.length + 1"
    :aria-activedescendant="lines.length ? `review-${at}` : undefined"
    @scroll.passive="look"
  >
    <div class="row head" role="row" aria-rowindex="1">
      <div role="columnheader">In</div>
      <div role="columnheader">Line</div>
      <div role="columnheader">Name</div>
      <div role="columnheader" class="figure">Listen MHz</div>
      <div role="columnheader" class="figure">Talk MHz</div>
      <div role="columnheader">Tones</div>
      <div role="columnheader">What was found</div>
    </div>
    <div role="rowgroup">
      <div :style="{ height: `${top * HEIGHT}px` }" aria-hidden="true" />
      <div
        v-for="(line, i) in lines.slice(top, top + seen)"
        :id="`review-${top + i}`"
        :key="line.number"
        class="row"
        role="row"
        :class="[line.verdict, { picked: top + i === at }]"
        :aria-rowindex="top + i + 2"
        :aria-selected="top + i === at"
        :data-line="line.number"
        @click="emit('pick', top + i)"
      >
        <div role="gridcell">
          <button
            type="button"
            role="checkbox"
            tabindex="-1"
            class="tick"
            :aria-checked="goesIn(line)"
            :aria-label="`Line ${line.number} goes in`"
            :disabled="line.sum === null"
            @click.stop="(emit('pick', top + i), emit('choose', line))"
          >
            {{ goesIn(line) ? '✓' : '' }}
          </button>
        </div>
        <div role="gridcell" class="mono quiet">{{ line.number }}</div>
        <div role="gridcell" class="name" :class="{ mono: !line.sum }">
          {{ line.sum ? line.name || line.sum.listen : line.line }}
        </div>
        <div role="gridcell" class="figure mono">{{ line.sum?.listen }}</div>
        <div v-if="line.sum?.talk" role="gridcell" class="figure mono talk">{{ line.sum.talk }}</div>
        <div v-else role="gridcell" class="figure quiet">{{ line.sum ? 'listen only' : '' }}</div>
        <div role="gridcell" class="mono tones">
          <span class="talk">{{ short(line.talkTone) }}</span> {{ short(line.listenTone) }}
        </div>
        <div role="gridcell" class="says" :title="says(line)">
          <b>{{ WORDS[line.verdict] }}</b> {{ says(line) }}
        </div>
      </div>
      <div :style="{ height: `${Math.max(0, lines.length - top - seen) * HEIGHT}px` }" aria-hidden="true" />
    </div>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 36px 44px minmax(90px, 1fr) 92px 92px 84px minmax(120px, 2.4fr);
  gap: 8px;
  align-items: center;
  height: 36px;
  padding: 0 16px 0 20px;
  border-bottom: 1px solid color-mix(in srgb, var(--line) 50%, transparent);
}
.head {
  color: var(--quiet);
  font-size: 12.5px;
  border-bottom: 1px solid var(--ink);
  height: 26px;
  position: sticky;
  top: 0;
  background: var(--ground);
  z-index: 1;
}
.body {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
  scrollbar-gutter: stable;
}
.body .row:not(.head, .picked) {
  background: var(--surface);
}
.body:focus-visible {
  outline-offset: -2px;
}
.body .row:not(.head) > div {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.picked {
  background: var(--picked);
}
.body:focus .picked {
  box-shadow: inset 3px 0 0 var(--primary);
}
.tick {
  width: 20px;
  height: 20px;
  border: 1.5px solid var(--quiet);
  border-radius: 4px;
  background: none;
  color: var(--primary);
  font: 600 14px/1 var(--body);
  cursor: pointer;
  padding: 0;
}
.tick:disabled {
  border-color: var(--line);
  cursor: default;
}
.name {
  font-weight: 600;
}
.name.mono {
  font: 13.5px var(--mono);
}
.figure {
  text-align: right;
}
.talk {
  color: var(--talk);
}
.tones {
  font-size: 13.5px;
}
.says {
  color: var(--quiet);
  font-size: 13.5px;
}
.good .says b {
  color: var(--primary);
}
.doubtful .says b {
  color: var(--doubt);
}
.bad .says b {
  color: var(--error);
}
@media (max-width: 720px) {
  .row {
    grid-template-columns: 28px 1fr 104px;
    padding: 0 12px;
  }
  .row > :nth-child(2),
  .row > :nth-child(5),
  .row > :nth-child(6),
  .row > :nth-child(7) {
    display: none;
  }
}
</style>
