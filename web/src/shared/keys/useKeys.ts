import type { Ref } from 'vue'
import { useScreen } from './useScreen'

/** Keys that do one thing. */
export interface Key {
  /** As the browser names them. */
  on: string[]
  /** As the page of keys shows them; left out where another row of it says so. */
  shown?: string
  does?: string
  act: () => unknown
  /** Whether they do it just now. */
  when?: () => boolean
}

export interface Keyed {
  /** As in “Keys of Arrange”. */
  title: string
  keys: Key[]
  /** Brings the focus to where the person works. */
  focus: () => void
  undo?: () => void
  redo?: () => void
  /** Looks for something in what is shown. */
  find?: () => void
  /** Chooses all there is. */
  all?: () => void
  /** Looks at a key before the keys do; whether it was meant for it. */
  first?: (event: KeyboardEvent) => boolean
  /** Whether the keys are the screen's at all, such as not while a map has them. */
  when?: (event: KeyboardEvent) => boolean
}

/** The keys of a screen, wherever the focus is; the page that `?` shows is made of the same. */
export function useKeys(screen: Keyed) {
  const pages = screen.keys.flatMap((key) =>
    key.shown ? [[key.shown, key.does ?? ''] as [string, string]] : [],
  )
  if (screen.undo) pages.push(['Ctrl+Z', 'undo'])
  if (screen.redo) pages.push(['Ctrl+Shift+Z', 'redo'])
  if (screen.find) pages.push(['Ctrl+F', 'find; Enter and Shift+Enter go from hit to hit'])
  if (screen.all) pages.push(['Ctrl+A', 'mark all'])
  useScreen({
    title: screen.title,
    pages,
    focus: screen.focus,
    undo: screen.undo,
    redo: screen.redo,
    all: screen.all,
    find: screen.find,
    onKey(event) {
      if (screen.when && !screen.when(event)) return false
      if (screen.first?.(event)) return true
      const key = screen.keys.find((each) => each.on.includes(event.key) && (each.when?.() ?? true))
      if (!key) return false
      key.act()
      return true
    },
  })
}

interface Rows {
  count: () => number
  at: Ref<number>
  /** What they are, as in “up and down the lines”. */
  what: string
  /** Whether the cursor may stop there. */
  stops?: (index: number) => boolean
  page?: number
}

/** The keys that move a cursor along rows. */
export function moves({ count, at, what, stops = () => true, page = 15 }: Rows): Key[] {
  const last = () => count() - 1
  /** So many stops on, or as many as there are. */
  function step(by: number) {
    const way = Math.sign(by)
    let left = Math.abs(by)
    for (let i = at.value + way; left > 0 && i >= 0 && i <= last(); i += way) {
      if (!stops(i)) continue
      at.value = i
      left--
    }
  }
  return [
    { on: ['ArrowDown', 'j'], shown: '↑ ↓ or j k', does: `up and down ${what}`, act: () => step(1) },
    { on: ['ArrowUp', 'k'], act: () => step(-1) },
    { on: ['PageDown'], act: () => step(page) },
    { on: ['PageUp'], act: () => step(-page) },
    { on: ['Home'], shown: 'Home End', does: 'to the ends', act: () => step(-Infinity) },
    { on: ['End'], act: () => step(Infinity) },
  ]
}
