import type { Ref } from 'vue'
import type { Row } from '@/shared/api/client'
import type { useListChanges } from '@/shared/list/useListChanges'
import { moves, useKeys, type Key } from '@/shared/keys/useKeys'
import type { Finder } from './useFinder'
import type { ManyActs } from './useManyActs'
import type { Marks } from './useMarks'
import type { RodItem } from './useRod'

interface Rod {
  items: Ref<RodItem[]>
  at: Ref<number>
  item: Ref<RodItem | null>
  changes: ReturnType<typeof useListChanges>
  marks: Marks
  many: ManyActs
  edit: (item: RodItem) => void
  /** Takes the mend of that number, from 0, of the channel at the cursor. */
  mend: (number: number) => void
  showWorking: () => void
  showKeys: () => void
  showBlocks: () => void
  showOrders: () => void
  showBanks: () => void
  showNames: () => void
  showChange: () => void
  showIntent: () => void
  swap: () => void
  find: () => void
  finder: Finder
  focus: () => void
}

/** The keys of the rod. */
export function useRodKeys(rod: Rod) {
  const { items, at, item, changes, marks, many, edit, mend } = rod
  let numberIsMend = false
  const row = (): Row | null => (item.value?.kind === 'channel' ? item.value.row : null)
  const onChannel = (keys: Omit<Key, 'act'>, act: (row: Row) => unknown) => ({
    ...keys,
    when: () => row() !== null,
    act: () => {
      const now = row()
      if (now) act(now)
    },
  })
  /** By one slot from where the channel is by then: keys may come faster than answers. */
  const move = (channel: string, by: 1 | -1) =>
    changes.changeThen((list) => {
      const slot = list.rows.find((each) => each.id === channel)?.slot
      return slot === undefined ? null : { kind: 'move', channel, slot: slot + by, way: 'swap' }
    })
  function toFinding(by: 1 | -1) {
    for (let i = at.value + by; i >= 0 && i < items.value.length; i += by) {
      const next = items.value[i]
      if (next?.kind === 'channel' && next.row.findings.length) return void (at.value = i)
    }
  }

  /** Marks from the cursor on, and the cursor goes along. */
  function extend(by: 1 | -1) {
    for (let i = at.value + by; i >= 0 && i < items.value.length; i += by)
      if (items.value[i]?.kind !== 'block') {
        marks.through(i)
        return void (at.value = i)
      }
  }
  const areMarked = () => marks.rows.value.length > 0

  useKeys({
    title: 'Arrange',
    focus: rod.focus,
    all: () => marks.like(() => true),
    find: rod.find,
    undo: () => void changes.undo(),
    redo: () => void changes.redo(),
    first(event) {
      if (event.shiftKey && /^Arrow(Up|Down)$/.test(event.key)) {
        extend(event.key === 'ArrowDown' ? 1 : -1)
        return true
      }
      if (!numberIsMend) return false
      numberIsMend = event.key === 'Shift'
      if (!/^[1-9]$/.test(event.key)) return numberIsMend
      mend(Number(event.key) - 1)
      return true
    },
    keys: [
      ...moves({
        count: () => items.value.length,
        at,
        what: 'the rod',
        stops: (index) => items.value[index]?.kind !== 'block',
      }),
      {
        on: ['Enter'],
        shown: 'Enter',
        does: 'edit the line in place, or unfold free slots; Esc leaves it as it was',
        act: () => item.value && edit(item.value),
      },
      onChannel({ on: ['['], shown: '[ ]', does: 'move the channel by a slot' }, (it) => move(it.id, -1)),
      onChannel({ on: [']'] }, (it) => move(it.id, 1)),
      onChannel({ on: [' '], shown: 'Space', does: 'mark it, or no longer; Shift+↑ ↓ marks more' }, () =>
        marks.toggle(),
      ),
      {
        on: ['Escape'],
        shown: 'Esc',
        does: 'close Find, then mark none',
        when: () => areMarked() || rod.finder.open.value,
        act: () => (rod.finder.open.value ? rod.finder.close() : marks.clear()),
      },
      {
        on: ['m'],
        shown: 'm',
        does: 'move all that are marked to the slot at the cursor and behind',
        when: () => areMarked() && item.value !== null && item.value.kind !== 'block',
        act: many.moveHere,
      },
      {
        on: ['o'],
        shown: 'o',
        does: 'put all that are marked in order',
        when: areMarked,
        act: rod.showOrders,
      },
      {
        on: ['c'],
        shown: 'c',
        does: 'change power, kind, tones or names of all that are marked, or of the channel',
        when: () => many.chosen().length > 0,
        act: rod.showChange,
      },
      {
        on: ['.'],
        shown: '.',
        does: 'do again what was done last to marked channels, to those that are marked now',
        when: () => many.last.value !== null && many.chosen().length > 0,
        act: many.repeat,
      },
      { on: ['r'], shown: 'r', does: 'what the radios show for the names', act: rod.showNames },
      { on: ['h'], shown: 'h', does: 'swap home list and trip list', act: rod.swap },
      {
        on: ['i'],
        shown: 'i',
        does: 'what the list is for: its purpose, names and policies',
        act: rod.showIntent,
      },
      { on: ['K'], shown: 'K', does: 'how the channel is keyed in by hand', act: rod.showKeys },
      { on: ['b'], shown: 'b', does: 'the blocks: make, size, move, split, join', act: rod.showBlocks },
      { on: ['B'], shown: 'B', does: 'the banks, and what a scan stops at', act: rod.showBanks },
      {
        on: ['s'],
        shown: 's',
        does: 'have scans pass it by, or stop at it, or go by the rule again; all that are marked',
        when: () => many.chosen().length > 0,
        act: () => many.scan(),
      },
      { on: ['p'], when: areMarked, act: many.pin },
      { on: ['Delete'], when: areMarked, act: many.remove },
      onChannel(
        { on: ['p'], shown: 'p', does: 'pin it to its slot, or unpin it; all that are marked' },
        (it) => changes.change({ kind: 'pin', channel: it.id, pinned: !it.pinned }),
      ),
      onChannel({ on: ['f'], shown: 'f', does: 'take the first mend of its findings' }, () => mend(0)),
      onChannel(
        { on: ['F'], shown: 'F then 1 to 9', does: 'take the mend of that number' },
        () => (numberIsMend = true),
      ),
      {
        on: ['n'],
        shown: 'n N',
        does: 'to the next or previous channel with a finding',
        act: () => toFinding(1),
      },
      { on: ['N'], act: () => toFinding(-1) },
      onChannel(
        { on: ['Delete'], shown: 'Delete', does: 'take it out of the list; all that are marked' },
        (it) => changes.change({ kind: 'delete', channel: it.id }),
      ),
      {
        on: ['w'],
        shown: 'w',
        does: 'the working of it, where it is not beside the rod',
        act: rod.showWorking,
      },
    ],
  })
}
