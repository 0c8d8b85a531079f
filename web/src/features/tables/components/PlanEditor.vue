<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, Problem, unwrap, type PlanFile } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'
import FileText, { type Fault } from '@/shared/ui/FileText.vue'

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
</script>

<template>
  <form class="editor column" @submit.prevent="save">
    <FileText v-model="text" label="The plan's file" :faults="faults" :problem="problem">
      <p class="quiet">{{ changed ? 'No fault found; not kept yet.' : 'As it is kept.' }}</p>
    </FileText>
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
</style>
