import type { Ref } from 'vue'

interface LineKeys {
  line: Ref<string>
  /** The answer below the line, while it is shown. */
  panel: () => HTMLElement | null
  undo: () => void
  redo: () => void
  /** Takes the first mend. */
  mend: () => void
}
const SCROLLS: Record<string, number> = { ArrowDown: 48, ArrowUp: -48, PageDown: 240, PageUp: -240 }

/** Keys in the line that are not typing: the answer scrolls, the first mend is taken, an empty line undoes in the list. */
export function useLineKeys({ line, panel, undo, redo, mend }: LineKeys) {
  function act(event: KeyboardEvent): (() => void) | undefined {
    if (event.ctrlKey || event.metaKey) {
      // With nothing typed, undo is that of the list; the browser's would bring back what was put in long ago.
      if (event.key.toLowerCase() === 'z' && line.value === '') return event.shiftKey ? redo : undo
      return event.key === '.' && !event.shiftKey ? mend : undefined
    }
    const by = SCROLLS[event.key]
    const answer = panel()
    return by && answer ? () => answer.scrollBy({ top: by }) : undefined
  }
  return (event: KeyboardEvent) => {
    const does = act(event)
    if (!does) return
    event.preventDefault()
    does()
  }
}
