<script setup lang="ts">
import { computed, onBeforeUnmount } from 'vue'
import type { Schemas } from '@/shared/api/client'
import type { PanelKey } from '../composables/usePractice'

/** The display and the keys of a practice radio. */
const props = defineProps<{
  drills: Schemas['PracticeView']
  standing: Schemas['StandingView'] | null
  /** With which key of the keyboard each is pressed. */
  typed: Partial<Record<PanelKey, string>>
}>()
const emit = defineEmits<{ press: [key: PanelKey] }>()

const DIGITS: PanelKey[] = ['ONE', 'TWO', 'THREE', 'FOUR', 'FIVE', 'SIX', 'SEVEN', 'EIGHT', 'NINE', 'ZERO']
const SOFT: PanelKey[] = ['SOFT_1', 'SOFT_2', 'SOFT_3', 'SOFT_4']
const label = computed(() => new Map(props.drills.keys.map((each) => [each.key, each.label])))
const soft = computed(() => SOFT.filter((key) => label.value.has(key)))
/** In the order in which they lie on the radio. */
const LAID: PanelKey[] = [
  'MENU',
  'TAKE',
  'FUNCTION',
  'FUNCTION_HELD',
  'BACK',
  'MODE',
  'PAGE',
  'PUSH',
  'DOWN',
  'UP',
  'FAST_DOWN',
  'FAST_UP',
]
const others = computed(() =>
  LAID.flatMap((key) => (label.value.has(key) ? [{ key, label: label.value.get(key) }] : [])),
)

const HOLD = 600
let holding: ReturnType<typeof setTimeout> | undefined
let wasHeld = false
/** A key that does something else while it is held does that after a moment, as on the radio. */
function down(key: PanelKey) {
  wasHeld = false
  if (key !== 'FUNCTION' || !label.value.has('FUNCTION_HELD')) return
  holding = setTimeout(() => {
    wasHeld = true
    emit('press', 'FUNCTION_HELD')
  }, HOLD)
}
function up() {
  clearTimeout(holding)
}
function click(key: PanelKey) {
  up()
  if (!wasHeld) emit('press', key)
  wasHeld = false
}
onBeforeUnmount(up)
const title = (key: PanelKey) => (props.typed[key] ? `on the keyboard: ${props.typed[key]}` : undefined)
</script>

<template>
  <div class="body">
    <div class="display" :class="drills.look.toLowerCase()" role="status" aria-label="Display">
      <span v-for="(row, at) in standing?.shows ?? []" :key="at" class="row">{{ row || ' ' }}</span>
      <span v-if="standing?.soft.length" class="soft"
        ><span v-for="(each, at) in standing.soft" :key="at">{{ each || ' ' }}</span></span
      >
    </div>
    <div v-if="soft.length" class="four">
      <v-btn v-for="key in soft" :key="key" :title="title(key)" @click="click(key)">{{
        label.get(key)
      }}</v-btn>
    </div>
    <div class="others">
      <v-btn
        v-for="each in others"
        :key="each.key"
        :title="title(each.key)"
        @pointerdown="down(each.key)"
        @pointerleave="up"
        @pointercancel="up"
        @contextmenu.prevent
        @click="click(each.key)"
        >{{ each.label }}</v-btn
      >
    </div>
    <div class="pad-keys">
      <v-btn v-for="key in DIGITS" :key="key" :class="{ zero: key === 'ZERO' }" @click="click(key)">{{
        label.get(key)
      }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.body {
  background: rgb(var(--v-theme-face));
  border-radius: 6px;
  padding: 16px;
  display: grid;
  gap: 12px;
  max-width: 460px;
}
.display {
  background: rgb(var(--v-theme-face-lit));
  color: rgb(var(--v-theme-face-ink));
  border-radius: 4px;
  min-height: 112px;
  padding: 10px 14px;
  display: flex;
  flex-direction: column;
  justify-content: space-between;
  gap: 4px;
  font-family: var(--mono);
  white-space: pre;
  overflow: hidden;
}
.display.page {
  background: rgb(var(--v-theme-face-page));
  color: rgb(var(--v-theme-face-page-ink));
  border-left: 4px solid var(--listen);
}
.row {
  font-size: 14px;
  min-height: 18px;
}
.row:nth-child(2) {
  font-size: 24px;
  font-weight: 600;
  line-height: 1.15;
}
.strokes {
  justify-content: center;
  align-items: center;
}
.strokes .row {
  font-size: 40px;
  font-weight: 600;
  letter-spacing: 0.12em;
  line-height: 1.2;
}
.soft,
.four {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 8px;
  font-size: 12px;
  text-align: center;
}
.soft > span {
  border-top: 1px solid currentcolor;
  overflow: hidden;
}
.others {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(108px, 1fr));
  gap: 8px;
}
.pad-keys {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
}
.zero {
  grid-column: 2;
}
/* Display and keys are seen together on a telephone, too. */
@media (max-width: 900px) {
  .body {
    padding: 10px;
    gap: 8px;
  }
  .display {
    min-height: 64px;
  }
  .others {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
.body .v-btn {
  min-width: 0;
  padding: 0 6px;
  text-transform: none;
  touch-action: manipulation;
  user-select: none;
}
</style>
