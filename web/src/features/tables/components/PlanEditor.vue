<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, nextTick, ref, watch } from 'vue'
import { api, Problem, unwrap, type PlanFile } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'

interface Fault {
  line: number
  message: string
}

const props = defineProps<{ file: PlanFile }>()
const emit = defineEmits<{ done: [] }>()
const KEY = `reckonrod.plan.${props.file.plan.id}`
const text = ref(sessionStorage.getItem(KEY) ?? props.file.yaml)
watch(text, (now) => sessionStorage.setItem(KEY, now))

const cache = useQueryClient()
const { tell } = useNotice()
const faults = ref<Fault[]>([])
const problem = ref('')
const changed = computed(() => text.value !== props.file.yaml)
const numbers = computed(() => text.value.split('\n').map((_, i) => i + 1))
const faulty = computed(() => new Set(faults.value.map((each) => each.line)))

function tellFaults(cause: unknown) {
  problem.value = cause instanceof Error ? cause.message : String(cause)
  faults.value =
    cause instanceof Problem && Array.isArray(cause.details.faults) ? (cause.details.faults as Fault[]) : []
}
let waiting: ReturnType<typeof setTimeout> | undefined
watch(
  text,
  (now) => {
    clearTimeout(waiting)
    waiting = setTimeout(async () => {
      try {
        await unwrap(api.POST('/api/band-plans/check', { body: { yaml: now } }))
        problem.value = ''
        faults.value = []
      } catch (cause) {
        tellFaults(cause)
      }
    }, 250)
  },
  { immediate: true },
)

async function save() {
  try {
    const saved = await unwrap(
      api.PUT('/api/band-plans/{id}', {
        params: { path: { id: props.file.plan.id } },
        body: { baseVersion: props.file.version, yaml: text.value },
      }),
    )
    sessionStorage.removeItem(KEY)
    cache.setQueryData(['plan', saved.plan.id], saved)
    await cache.invalidateQueries()
    tell('The plan is kept. Lists that go by it show what would move when you open their plan.')
    emit('done')
  } catch (cause) {
    tellFaults(cause)
  }
}
function leave() {
  sessionStorage.removeItem(KEY)
  emit('done')
}

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
  <form class="editor column" @submit.prevent="save">
    <div class="text">
      <div ref="gutter" class="gutter" aria-hidden="true">
        <span v-for="number in numbers" :key="number" :class="{ faulty: faulty.has(number) }">{{
          number
        }}</span>
      </div>
      <textarea
        ref="area"
        v-model="text"
        aria-label="The plan's file"
        aria-describedby="plan-faults"
        spellcheck="false"
        wrap="off"
        @scroll="follow"
      />
    </div>
    <div id="plan-faults" class="faults" role="status">
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
      <p v-else class="quiet">{{ changed ? 'No fault found; not kept yet.' : 'As it is kept.' }}</p>
    </div>
    <div class="acts">
      <v-btn type="submit" color="primary" variant="flat" :disabled="!changed || faults.length > 0"
        >Keep this plan</v-btn
      >
      <v-btn @click="leave">Leave it as it was</v-btn>
    </div>
  </form>
</template>

<style scoped>
.editor {
  gap: 10px;
  padding: 0 20px 14px;
}
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
