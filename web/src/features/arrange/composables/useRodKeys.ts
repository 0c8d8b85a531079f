import type { Ref } from 'vue'
import type { RodItem } from './useRod'
import type { useListChanges } from '@/shared/list/useListChanges'

interface Rod {
  stops: Ref<RodItem[]>
  at: () => number
  pick: (slot: number) => void
  edit: (item: RodItem) => void
  toggle: (slot: number) => void
  changes: ReturnType<typeof useListChanges>
  /** Takes the mend of that number, from 0, of the channel at the cursor. */
  mend: (number: number) => void
}

const KEYS: [string, string][] = [
  ['/', 'to the Reckon line'],
  ['↑ ↓ or j k', 'up and down the rod'],
  ['Home End', 'to its ends'],
  ['Enter', 'edit the line in place, or unfold free slots'],
  ['Esc', 'leave the line as it was'],
  ['[ ]', 'move the channel by a slot'],
  ['p', 'pin it to its slot, or unpin it'],
  ['f', 'take the first mend of its findings'],
  ['F then 1 to 9', 'take the mend of that number'],
  ['n N', 'to the next or previous channel with a finding'],
  ['Delete', 'take it out of the list'],
  ['Ctrl+Z', 'undo'],
  ['Ctrl+Shift+Z', 'redo'],
  ['a figure or a word', 'begins a line on top'],
  ['Alt+1 2 3 4', 'to Find, Arrange, Fit, Load; Alt+9 to the tables'],
]

/** The keys of the rod. */
export function useRodKeys(rod: Rod) {
  let numberIsMend = false

  function step(by: number) {
    const all = rod.stops.value
    const next = all[Math.min(Math.max(rod.at() + by, 0), all.length - 1)]
    if (next && next.kind !== 'block') rod.pick(next.slot)
  }

  const move = (item: Extract<RodItem, { kind: 'channel' }>, slot: number) =>
    rod.changes.change({ kind: 'move', channel: item.row.id, slot, way: 'swap' })
  const onChannel: Record<string, (item: Extract<RodItem, { kind: 'channel' }>) => void> = {
    '[': (item) => void move(item, item.slot - 1),
    ']': (item) => void move(item, item.slot + 1),
    p: (item) => void rod.changes.change({ kind: 'pin', channel: item.row.id, pinned: !item.row.pinned }),
    Delete: (item) => void rod.changes.change({ kind: 'delete', channel: item.row.id }),
    f: () => rod.mend(0),
    F: () => (numberIsMend = true),
  }
  function toFinding(by: 1 | -1) {
    const all = rod.stops.value
    for (let i = rod.at() + by; i >= 0 && i < all.length; i += by) {
      const item = all[i]
      if (item?.kind === 'channel' && item.row.findings.length) return rod.pick(item.slot)
    }
  }
  const onRod: Record<string, () => void> = {
    ArrowDown: () => step(1),
    j: () => step(1),
    ArrowUp: () => step(-1),
    k: () => step(-1),
    PageDown: () => step(15),
    PageUp: () => step(-15),
    Home: () => step(-Infinity),
    End: () => step(Infinity),
    n: () => toFinding(1),
    N: () => toFinding(-1),
    Enter: () => {
      const item = rod.stops.value[rod.at()]
      if (item) rod.edit(item)
    },
  }

  function onKey(event: KeyboardEvent) {
    const item = rod.stops.value[rod.at()]
    if (numberIsMend) {
      numberIsMend = event.key === 'Shift'
      if (/^[1-9]$/.test(event.key)) {
        rod.mend(Number(event.key) - 1)
        return true
      }
    }
    const act =
      onRod[event.key] ??
      (item?.kind === 'channel' && onChannel[event.key] ? () => onChannel[event.key]?.(item) : undefined)
    act?.()
    return act !== undefined
  }

  return { onKey, KEYS }
}
