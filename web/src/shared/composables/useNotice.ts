import { ref, watch } from 'vue'

export interface Notice {
  text: string
  grave: boolean
}

const QUIET_MS = 6_000
const GRAVE_MS = 15_000

const notice = ref<Notice | null>(null)
let timer = 0
watch(notice, (now) => {
  clearTimeout(timer)
  if (now) timer = window.setTimeout(() => (notice.value = null), now.grave ? GRAVE_MS : QUIET_MS)
})

/** The one line at the bottom that says what was done or why not. */
export function useNotice() {
  return {
    notice,
    tell: (text: string) => (notice.value = { text, grave: false }),
    tellProblem: (problem: unknown) =>
      (notice.value = { text: problem instanceof Error ? problem.message : String(problem), grave: true }),
  }
}
