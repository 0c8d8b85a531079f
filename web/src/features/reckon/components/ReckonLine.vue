<script setup lang="ts">
import { mdiBookOpenVariantOutline } from '@mdi/js'
import { computed, defineAsyncComponent, nextTick, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useListChanges } from '@/shared/list/useListChanges'
import { useNotationCard } from '@/shared/composables/useNotationCard'
import { focusWork } from '@/shared/keys/useScreen'
import { useTypeAhead } from '@/shared/keys/useTypeAhead'
import { useCursor } from '@/shared/composables/useCursor'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useOpenList } from '@/shared/composables/useOpenList'
import { joined, useArrivedText } from '@/shared/composables/usePastedText'
import { hasErrors, useHint } from '../composables/useHint'
import { useLineKeys } from '../composables/useLineKeys'
import { usePutting } from '../composables/usePutting'
import { useReckon } from '@/shared/reckon/useReckon'
import AnswerPanel from '@/shared/reckon/AnswerPanel.vue'
import { useAsked } from '@/shared/ui/useAsked'

// Looked up now and then.
const NotationCard = defineAsyncComponent(() => import('./NotationCard.vue'))

const line = useKeptText('reckonrod.line')

const { open, openId } = useOpenList()
const cursor = useCursor()
const { answer, problem } = useReckon(() =>
  open.value
    ? {
        line: line.value,
        bandPlan: open.value.bandPlan,
        licence: open.value.licence,
        list: open.value.id,
        slot: cursor.value,
      }
    : null,
)
const arrived = useArrivedText()
const changes = useListChanges(openId)
const card = useNotationCard()
const cardAsked = useAsked(card)
const router = useRouter()
const typeAhead = useTypeAhead(type)
const { send } = usePutting(openId, line, async () => {
  if (router.currentRoute.value.name !== 'arrange') await router.push({ name: 'arrange' })
})

const input = ref<HTMLInputElement | null>(null)
const box = ref<HTMLElement | null>(null)
const panel = ref<HTMLElement | null>(null)
const focused = ref(false)
const confirmed = ref<string | null>(null)
const shown = computed(() => focused.value && line.value.trim() !== '' && (answer.value || problem.value))
const known = computed(() => answer.value?.line === line.value)
const hasError = computed(() => hasErrors(answer.value))
const hint = useHint(answer, cursor, () => confirmed.value === line.value)

/** A line leaves the field at once, so that what is typed next is the next line; what cannot go in comes back. */
function enter(event: KeyboardEvent) {
  const text = line.value
  if (!text.trim()) {
    focusWork()
    return
  }
  if (known.value && (!answer.value?.answered || (hasError.value && confirmed.value !== text))) {
    if (answer.value?.answered) confirmed.value = text
    return
  }
  const mayHaveErrors = known.value
  confirmed.value = null
  if (!event.shiftKey) line.value = ''
  typeAhead.begin()
  focusWork()
  void send(text, mayHaveErrors, event.ctrlKey || event.metaKey)
}

/** Several lines at once are a listing: they are reviewed before any of them goes in. */
function paste(event: ClipboardEvent) {
  const text = event.clipboardData?.getData('text/plain') ?? ''
  if (text.trim().split(/\r?\n/).length < 2) return
  event.preventDefault()
  arrived.value = joined(arrived.value, text)
  void router.push({ name: 'review' })
}

/** Typing that began outside of the line goes on in it. */
function type(text: string) {
  line.value += text
  input.value?.focus()
}

async function attempt(example: string) {
  line.value = example
  await nextTick()
  input.value?.focus()
}

function leave(event: FocusEvent) {
  if (!box.value?.contains(event.relatedTarget as Node | null)) focused.value = false
}

function useFix(next: string) {
  line.value = next
  input.value?.focus()
}

const onInputKey = useLineKeys({
  line,
  panel: () => (shown.value ? panel.value : null),
  undo: () => void changes.undo(),
  redo: () => void changes.redo(),
  mend() {
    const fix = answer.value?.findings.flatMap((each) => each.fixes)[0]
    if (fix) useFix(fix.line)
  },
})
defineExpose({ focus: () => input.value?.select(), type, typeAhead: typeAhead.onKey })
</script>

<template>
  <div ref="box" class="reckon" @focusin="focused = true" @focusout="leave" @keydown.esc="focusWork()">
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
      @keydown="onInputKey"
      @paste="paste"
    />
    <kbd class="jump" aria-hidden="true">/</kbd>
    <v-btn
      class="card"
      :icon="mdiBookOpenVariantOutline"
      variant="text"
      size="30"
      aria-label="Words that the line reads"
      title="Words that the line reads"
      @click="card = true"
    />
    <NotationCard v-if="cardAsked" @attempt="attempt" />
    <div v-show="shown" id="reckon-answer" ref="panel" class="panel" aria-live="polite">
      <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
      <AnswerPanel v-if="answer" :answer="answer" brief @fix="useFix" />
      <p v-if="hint" class="hint quiet small">{{ hint }}</p>
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
  background: var(--bar-field);
  border: 1px solid var(--bar-line);
  border-radius: 6px;
  padding: 0 66px 0 12px;
  font: 16px var(--mono);
  color: var(--bar-ink);
}
.line::placeholder {
  color: var(--bar-quiet);
  font: 14.5px var(--body);
}
.line:focus {
  outline: 2px solid var(--bar-focus);
  outline-offset: 0;
}
.card {
  position: absolute;
  right: 5px;
  top: 4px;
  color: var(--bar-quiet);
}
.jump {
  position: absolute;
  right: 42px;
  top: 9px;
  color: var(--bar-quiet);
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
  margin-top: 12px;
}
</style>
