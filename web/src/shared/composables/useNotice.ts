import { ref } from 'vue'

export interface Notice {
  text: string
  grave: boolean
}

const notice = ref<Notice | null>(null)

/** The one line at the bottom that says what was done or why not. */
export function useNotice() {
  return {
    notice,
    tell: (text: string) => (notice.value = { text, grave: false }),
    tellProblem: (problem: unknown) =>
      (notice.value = { text: problem instanceof Error ? problem.message : String(problem), grave: true }),
  }
}
