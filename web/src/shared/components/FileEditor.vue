<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { Problem } from '@/shared/api/client'
import { once } from '@/shared/composables/once'
import FileText, { type Fault } from '@/shared/ui/FileText.vue'

/** The text of a file that the program reads: its faults are told by line while one types, and it is kept when it has none. */
const props = defineProps<{
  /** Under which name what is typed is kept until it is saved. */
  name: string
  label: string
  yaml: string
  act: string
  check: (yaml: string) => Promise<unknown>
  save: (yaml: string) => Promise<unknown>
}>()
const emit = defineEmits<{ done: [] }>()
const KEY = `reckonrod.file.${props.name}`
const text = ref(sessionStorage.getItem(KEY) ?? props.yaml)
watch(text, (now) => sessionStorage.setItem(KEY, now))

const faults = ref<Fault[]>([])
const problem = ref('')
const changed = computed(() => text.value !== props.yaml)

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
      const cause: unknown = await props.check(now).then(
        () => null,
        (why: unknown) => why,
      )
      // An answer that comes late is about what stood there before.
      if (now !== text.value) return
      problem.value = ''
      faults.value = []
      if (cause) tellFaults(cause)
    }, 250)
  },
  { immediate: true },
)

const keep = once(async () => {
  try {
    await props.save(text.value)
    leave()
  } catch (cause) {
    tellFaults(cause)
  }
})
function leave() {
  sessionStorage.removeItem(KEY)
  emit('done')
}
</script>

<template>
  <form class="editor column" @submit.prevent="keep">
    <FileText v-model="text" :label="label" :faults="faults" :problem="problem">
      <p class="quiet">{{ changed ? 'No fault found; not kept yet.' : 'As it is kept.' }}</p>
    </FileText>
    <div class="acts">
      <v-btn type="submit" color="primary" variant="flat" :disabled="!changed || faults.length > 0">{{
        act
      }}</v-btn>
      <v-btn @click="leave">Leave it as it was</v-btn>
    </div>
  </form>
</template>

<style scoped>
.editor {
  gap: 10px;
  padding: 0 20px 14px;
}
</style>
