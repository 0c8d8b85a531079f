import { onScopeDispose, ref, watch } from 'vue'
import { api, Problem, unwrap, type ReckonAnswer } from '@/shared/api/client'

export interface Question {
  line: string
  bandPlan: string
  licence: string
  /** The line the channel came in as; what differs was typed over. */
  published?: string
  /** The line before an edit; the answer says what the edit changes. */
  before?: string
  /** The list that it would go into, and the slot at the cursor. */
  list?: string
  slot?: number
}

const AGAIN_MS = 1_500

/** The worked answer of a line as it is typed; only the newest question counts. */
export function useReckon(question: () => Question | null) {
  const answer = ref<ReckonAnswer | null>(null)
  const problem = ref<string | null>(null)
  let running: AbortController | null = null
  let again = 0
  onScopeDispose(() => clearTimeout(again))

  async function ask() {
    running?.abort()
    clearTimeout(again)
    const asked = question()
    if (!asked?.line.trim()) {
      answer.value = null
      problem.value = null
      return
    }
    const mine = (running = new AbortController())
    try {
      const body = {
        ...asked,
        published: asked.published ?? null,
        before: asked.before ?? null,
        list: asked.list ?? null,
        slot: asked.slot ?? null,
      }
      const worked = await unwrap(api.POST('/api/reckon', { body, signal: mine.signal }))
      if (mine === running) {
        answer.value = worked
        problem.value = null
      }
    } catch (cause) {
      if (mine !== running) return
      problem.value = cause instanceof Error ? cause.message : String(cause)
      // The line is kept, and works again by itself once the server is back.
      if (cause instanceof Problem && cause.code === 'server-lost') again = window.setTimeout(ask, AGAIN_MS)
    }
  }

  watch(() => JSON.stringify(question()), ask, { immediate: true })
  return { answer, problem }
}
