<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useListChanges } from '@/features/arrange/composables/useListChanges'
import { useCursor } from '@/shared/composables/useCursor'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useOpenList } from '@/shared/composables/useOpenList'
import { joined, usePastedText } from '@/shared/composables/usePastedText'
import { useReckon } from '../composables/useReckon'
import AnswerPanel from './AnswerPanel.vue'

const line = useKeptText('reckonrod.line')

const { open, openId } = useOpenList()
const { answer, problem } = useReckon(() =>
  open.value ? { line: line.value, bandPlan: open.value.bandPlan, licence: open.value.licence } : null,
)
const pasted = usePastedText()
const { put, busy } = useListChanges(openId)
const cursor = useCursor()
const router = useRouter()

const input = ref<HTMLInputElement | null>(null)
const box = ref<HTMLElement | null>(null)
const focused = ref(false)
const confirmed = ref<string | null>(null)
const shown = computed(() => focused.value && line.value.trim() !== '' && (answer.value || problem.value))
const hasError = computed(() => answer.value?.findings.some((each) => each.severity === 'error') ?? false)
const mends = computed(() =>
  answer.value?.findings.some((each) => each.fixes.length) ? 'Ctrl+. takes the first mend' : '',
)
const hint = computed(() => [mends.value, putHint.value].filter(Boolean).join(' · '))
const putHint = computed(() => {
  if (!answer.value?.answered) return ''
  if (!hasError.value)
    return `Enter puts it at slot ${cursor.value}, or the next free one · Shift+Enter keeps the line`
  return confirmed.value === line.value
    ? 'Enter again puts it in as it is'
    : 'Mend it, or press Enter twice to put it in as it is'
})

async function enter(event: KeyboardEvent) {
  if (busy.value || !answer.value?.answered || answer.value.line !== line.value) return
  if (hasError.value && confirmed.value !== line.value) {
    confirmed.value = line.value
    return
  }
  const done = await put(line.value)
  if (!done) return
  if (!event.shiftKey) line.value = ''
  confirmed.value = null
  if (router.currentRoute.value.name !== 'arrange') await router.push({ name: 'arrange' })
}

/** Several lines at once are a listing: they are reviewed before any of them goes in. */
function paste(event: ClipboardEvent) {
  const text = event.clipboardData?.getData('text/plain') ?? ''
  if (text.trim().split(/\r?\n/).length < 2) return
  event.preventDefault()
  pasted.value = joined(pasted.value, text)
  void router.push({ name: 'review' })
}

function firstFix(event: KeyboardEvent) {
  if (event.key !== '.') return
  event.preventDefault()
  const fix = answer.value?.findings.flatMap((each) => each.fixes)[0]
  if (fix) useFix(fix.line)
}

function leave(event: FocusEvent) {
  if (!box.value?.contains(event.relatedTarget as Node | null)) focused.value = false
}

function useFix(next: string) {
  line.value = next
  input.value?.focus()
}

defineExpose({ focus: () => input.value?.select() })
</script>

<template>
  <div ref="box" class="reckon" @focusin="focused = true" @focusout="leave" @keydown.esc="input?.blur()">
    <label class="unseen" for="reckon-line">Reckon line: a directory entry such as 145.310- 71.9</label>
    <input
      id="reckon-line"
      ref="input"
      v-model="line"
      class="line"
      type="text"
      autocomplete="off"
      autocapitalize="characters"
      spellcheck="false"
      placeholder="Type a directory line, such as 145.310- 71.9"
      aria-describedby="reckon-answer"
      @keydown.enter.prevent="enter"
      @keydown.ctrl.exact="firstFix"
      @paste="paste"
    />
    <kbd class="jump" aria-hidden="true">/</kbd>
    <div v-show="shown" id="reckon-answer" class="panel" aria-live="polite">
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <AnswerPanel v-if="answer" :answer="answer" brief @fix="useFix" />
      <p v-if="hint" class="hint">{{ hint }}</p>
    </div>
  </div>
</template>

<style scoped>
.reckon {
  position: relative;
  width: 100%;
}
.line {
  width: 100%;
  height: 38px;
  background: #22302c;
  border: 1px solid #57706a;
  border-radius: 6px;
  padding: 0 40px 0 12px;
  font: 16px var(--mono);
  color: #fff;
}
.line::placeholder {
  color: #a9bbb3;
  font: 14.5px var(--body);
}
.line:focus {
  outline: 2px solid #6cc2b4;
  outline-offset: 0;
}
.jump {
  position: absolute;
  right: 10px;
  top: 9px;
  color: #a9bbb3;
}
.panel {
  position: absolute;
  top: 44px;
  left: 0;
  right: 0;
  z-index: 20;
  background: var(--ground);
  color: var(--ink);
  border: 1px solid var(--line);
  border-radius: 6px;
  padding: 16px;
  box-shadow: 0 8px 28px rgb(0 0 0 / 25%);
  max-height: calc(100vh - 80px);
  overflow: auto;
}
.hint {
  margin: 12px 0 0;
  color: var(--quiet);
  font-size: 13px;
}
.problem {
  color: var(--error);
  margin: 0;
}
</style>
