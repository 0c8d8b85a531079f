import type { Ref } from 'vue'
import { moves, useKeys } from '@/shared/keys/useKeys'
import type { ReviewLine } from './useReview'

interface Review {
  lines: Ref<ReviewLine[]>
  at: Ref<number>
  picked: Ref<ReviewLine | null>
  goesIn: (line: ReviewLine) => boolean
  choose: (line: ReviewLine) => void
  /** Takes the mend of that number, from 0. */
  mend: (number: number) => void
  editLine: () => void
  drop: (line: ReviewLine) => void
  back: () => void
  focus: () => void
  when: () => boolean
}

/** The keys of the review. */
export function useReviewKeys(review: Review) {
  const { lines, at, picked, mend } = review
  function toOpen(by: 1 | -1) {
    for (let i = at.value + by; i >= 0 && i < lines.value.length; i += by) {
      const line = lines.value[i]
      if (line && !review.goesIn(line)) return void (at.value = i)
    }
  }
  const onLine = (act: (line: ReviewLine) => void) => () => picked.value && act(picked.value)
  useKeys({
    title: 'the review',
    when: review.when,
    focus: review.focus,
    undo: review.back,
    keys: [
      ...moves({ count: () => lines.value.length, at, what: 'the lines' }),
      { on: [' '], shown: 'Space', does: 'let a line go in, or keep it out', act: onLine(review.choose) },
      { on: ['Enter'], shown: 'Enter', does: 'mend the line', act: review.editLine },
      {
        on: ['f'],
        shown: 'f or 1 to 9',
        does: 'take the first mend, or that of a number',
        act: () => mend(0),
      },
      ...Array.from({ length: 9 }, (_, i) => ({ on: [String(i + 1)], act: () => mend(i) })),
      {
        on: ['n'],
        shown: 'n N',
        does: 'to the next or previous line that does not go in',
        act: () => toOpen(1),
      },
      { on: ['N'], act: () => toOpen(-1) },
      { on: ['Delete'], shown: 'Delete', does: 'drop the line from the listing', act: onLine(review.drop) },
    ],
  })
}
