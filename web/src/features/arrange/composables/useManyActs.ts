import { ref, type Ref } from 'vue'
import type { Edit, ListView } from '@/shared/api/client'
import type { useListChanges } from '@/shared/list/useListChanges'
import { where, type By } from '../orders'
import type { Marks } from './useMarks'
import type { RodItem } from './useRod'

type Act = (channels: string[]) => Edit[]

/** What is done to all that are marked, or to the channel at the cursor; the last of it can be done again to others. */
export function useManyActs(
  changes: ReturnType<typeof useListChanges>,
  marks: Marks,
  item: Ref<RodItem | null>,
  cursor: Ref<number>,
  list: () => ListView | undefined,
) {
  const last = ref<Act | null>(null)
  const marked = () => marks.rows.value.map((each) => each.id)
  const chosen = () =>
    marked().length ? marked() : item.value?.kind === 'channel' ? [item.value.row.id] : []

  const passes = (id: string) => list()?.banks.skipped.some((each) => each.channel === id)

  /** One thing at a time: a double click does not do it twice. */
  async function act(what: Act, channels = marked()) {
    if (changes.busy.value || !channels.length) return
    if (await changes.say(...what(channels))) last.value = what
  }
  return {
    chosen,
    marked,
    last,
    pin() {
      const pinned = !marks.rows.value.every((each) => each.pinned)
      return act((channels) => [{ kind: 'pin-many', channels, pinned }])
    },
    remove: () => act((channels) => [{ kind: 'delete-many', channels }]),
    moveHere: () => act((channels) => [{ kind: 'move-many', channels, slot: cursor.value }]),
    /** @param places where distances are taken from, or what the way leads by */
    order: (by: By, places?: string[]) =>
      act((channels) => [{ kind: 'order', channels, by, ...where(by, places) }]),
    spread: (apart: number) => act((channels) => [{ kind: 'spread', channels, apart }]),
    /** A scan stops at them or passes them by; where somebody said so of all of them, the rule decides again. */
    scan(to?: boolean | null) {
      const all = chosen()
      const said = all.every((id) => list()?.rows.find((row) => row.id === id)?.scan !== null)
      const scan = to === undefined ? (said ? null : all.every(passes)) : to
      return act((channels) => [{ kind: 'scan', channels, scan }], all)
    },
    bank: (bank: string, inside: boolean) =>
      act((channels) => [{ kind: 'fill-bank', bank, channels, inside }], chosen()),
    closeGaps: () => act((channels) => [{ kind: 'close-gaps', channels }]),
    /** What has been done, as it was asked for, can be done to others too. */
    remember: (edits: Edit[]) =>
      (last.value = (channels) =>
        edits.map((each) => ('channels' in each ? ({ ...each, channels } as Edit) : each))),
    repeat: () => (last.value ? act(last.value, chosen()) : undefined),
  }
}
export type ManyActs = ReturnType<typeof useManyActs>
