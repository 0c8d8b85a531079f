import { ref, watch, type Ref } from 'vue'
import { api, unwrap, type ReckonAnswer } from '@/shared/api/client'

/** The worked answer of a line as it is typed; only the newest question counts. */
export function useReckon(line: Ref<string>, bandPlan: Ref<string | null>) {
  const answer = ref<ReckonAnswer | null>(null)
  const problem = ref<string | null>(null)
  let running: AbortController | null = null

  async function ask() {
    running?.abort()
    if (!line.value.trim() || !bandPlan.value) {
      answer.value = null
      problem.value = null
      return
    }
    const mine = (running = new AbortController())
    try {
      const body = { line: line.value, bandPlan: bandPlan.value }
      const worked = await unwrap(api.POST('/api/reckon', { body, signal: mine.signal }))
      if (mine === running) {
        answer.value = worked
        problem.value = null
      }
    } catch (cause) {
      if (mine === running) problem.value = cause instanceof Error ? cause.message : String(cause)
    }
  }

  watch([line, bandPlan], ask, { immediate: true })
  return { answer, problem }
}
