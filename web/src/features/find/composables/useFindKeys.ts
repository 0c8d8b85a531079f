import type { Ref } from 'vue'
import type { Found } from '@/shared/api/client'
import { moves, useKeys } from '@/shared/keys/useKeys'
import type { Focusable } from '@/shared/ui/grid'
import type { useChoice } from './useChoice'

/** The keys of Find. */
export function useFindKeys(
  found: Ref<Found[]>,
  at: Ref<number>,
  picked: Ref<Found | null>,
  choice: ReturnType<typeof useChoice>,
  list: () => Focusable | null,
) {
  const some = () => found.value.length > 0
  const toPlace = () => document.getElementById('find-at')?.focus()
  useKeys({
    title: 'Find',
    focus: () => (list() ? list()?.focus() : toPlace()),
    // The map has keys of its own.
    when: (event) => !(event.target instanceof HTMLElement && event.target.closest('.map')),
    keys: [
      ...moves({ count: () => found.value.length, at, what: 'what was found', page: 10 }).map((key) => ({
        ...key,
        when: some,
      })),
      {
        on: [' '],
        shown: 'Space',
        does: 'choose the repeater, or let it go',
        when: some,
        act: () => picked.value && choice.tick(picked.value),
      },
      {
        on: ['Enter', 't'],
        shown: 'Enter or t',
        does: 'take the chosen ones, or the one at the cursor, into the list',
        when: some,
        act: choice.takeChosen,
      },
      {
        on: ['a'],
        shown: 'a',
        does: 'choose all that are alive, open, analogue and in likely reach',
        when: some,
        act: choice.tickRecommended,
      },
      {
        on: ['m'],
        shown: 'm',
        does: 'to the map, where arrow keys move it and Enter takes its middle',
        act: () => document.querySelector<HTMLElement>('.find .map')?.focus(),
      },
      { on: ['p'], shown: 'p', does: 'to the place', act: toPlace },
    ],
  })
}
