const WINDOW_MS = 2_500
const HOLD_MS = 300

/**
 * Right after a line was put in, letters may be the next line or keys of the screen. The first one is held for a moment: when
 * another follows it was typing, and both go to the line; when none does it was a key.
 */
export function useTypeAhead(toLine: (text: string) => void) {
  let until = 0
  let held: KeyboardEvent | null = null
  let timer = 0

  function replay() {
    const event = held
    held = null
    event?.target?.dispatchEvent(
      new KeyboardEvent('keydown', {
        key: event.key,
        shiftKey: event.shiftKey,
        bubbles: true,
        cancelable: true,
      }),
    )
  }

  /** Whether the key was taken. */
  function onKey(event: KeyboardEvent) {
    if (!event.isTrusted || event.ctrlKey || event.metaKey || event.altKey) return false
    const letter = event.key.length === 1 && /\p{L}/u.test(event.key)
    if (held && event.key.length === 1) {
      const both = held.key + event.key
      clearTimeout(timer)
      if (held.key === event.key && event.repeat) {
        replay()
        return false
      }
      held = null
      event.preventDefault()
      toLine(both)
      return true
    }
    if (held) {
      clearTimeout(timer)
      replay()
      return false
    }
    if (!letter || performance.now() > until) return false
    held = event
    event.preventDefault()
    timer = window.setTimeout(replay, HOLD_MS)
    return true
  }

  return { onKey, begin: () => (until = performance.now() + WINDOW_MS) }
}
