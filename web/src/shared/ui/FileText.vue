<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'

export interface Fault {
  line: number
  message: string
}
/** The text of a file that is edited, with its faults told by line. What is said when there is none stands in the slot. */
const props = defineProps<{ label: string; faults: Fault[]; problem: string }>()
const text = defineModel<string>({ required: true })
const numbers = computed(() => text.value.split('\n').map((_, i) => i + 1))
const faulty = computed(() => new Set(props.faults.map((each) => each.line)))

const area = ref<HTMLTextAreaElement | null>(null)
const gutter = ref<HTMLElement | null>(null)
const LINE_HEIGHT = 20
async function goTo(line: number) {
  const box = area.value
  if (!box) return
  const start =
    text.value
      .split('\n')
      .slice(0, line - 1)
      .join('\n').length + (line > 1 ? 1 : 0)
  const end = text.value.indexOf('\n', start)
  box.focus()
  box.setSelectionRange(start, end < 0 ? text.value.length : end)
  await nextTick()
  box.scrollTop = Math.max(0, (line - 6) * LINE_HEIGHT)
}
const follow = () => {
  if (gutter.value && area.value) gutter.value.scrollTop = area.value.scrollTop
}
</script>

<template>
  <div class="text">
    <div ref="gutter" class="gutter" aria-hidden="true">
      <span v-for="number in numbers" :key="number" :class="{ faulty: faulty.has(number) }">{{
        number
      }}</span>
    </div>
    <textarea
      ref="area"
      v-model="text"
      :aria-label="label"
      aria-describedby="file-faults"
      spellcheck="false"
      wrap="off"
      @scroll="follow"
    />
  </div>
  <div id="file-faults" class="faults" role="status">
    <template v-if="faults.length">
      <h2>
        {{ faults.length === 1 ? 'One line is to be mended' : `${faults.length} faults are to be mended` }}
      </h2>
      <ul class="bare">
        <li v-for="fault in faults" :key="fault.line + fault.message">
          <button type="button" class="link" @click="goTo(fault.line)">Line {{ fault.line }}</button>
          {{ fault.message }}
        </li>
      </ul>
    </template>
    <p v-else-if="problem" class="wrong">{{ problem }}</p>
    <slot v-else />
  </div>
</template>

<style scoped>
.text {
  display: flex;
  flex: 1;
  min-height: 0;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  overflow: hidden;
  background: var(--surface);
  font: 13.5px/20px var(--mono);
}
.gutter {
  width: 48px;
  overflow: hidden;
  background: var(--rod);
  color: var(--rod-ink);
  border-right: 1.5px solid var(--rod-mark);
  padding: 8px 0;
  text-align: right;
}
.gutter span {
  display: block;
  height: 20px;
  padding-right: 8px;
}
.gutter .faulty {
  background: var(--error);
  color: var(--surface);
}
textarea {
  flex: 1;
  border: 0;
  resize: none;
  padding: 8px 12px;
  font: inherit;
  background: none;
  color: var(--ink);
  white-space: pre;
  overflow: auto;
}
.faults {
  max-height: 130px;
  overflow: auto;
}
.faults h2 {
  color: var(--error);
}
</style>
