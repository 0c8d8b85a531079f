import { ref } from 'vue'
import { useNotice } from '@/shared/composables/useNotice'

/** Something that was done on the spot, with the way back. */
export interface Step {
  /** In words, as after "Undone:". */
  what: string
  back: () => unknown
  forth: () => unknown
  /** Steps of the same thing that follow one another, such as the letters of a note, are one. */
  joins?: string
}

/** What was done on this screen, taken back and done again in its order; what was done elsewhere is not touched from here. */
export function useSteps() {
  const { tell } = useNotice()
  const done = ref<Step[]>([])
  const undone = ref<Step[]>([])
  function did(step: Step) {
    const last = done.value.at(-1)
    undone.value = []
    if (last?.joins && last.joins === step.joins) done.value.splice(-1, 1, { ...step, back: last.back })
    else done.value.push(step)
  }
  function undo() {
    const step = done.value.pop()
    if (!step) {
      tell('Nothing was done here that could be taken back. Changes of the list are undone in Arrange.')
      return
    }
    step.back()
    undone.value.push(step)
    tell(`Undone: ${step.what}`)
  }
  function redo() {
    const step = undone.value.pop()
    if (!step) return
    step.forth()
    done.value.push(step)
    tell(`Done again: ${step.what}`)
  }
  return { did, undo, redo }
}
