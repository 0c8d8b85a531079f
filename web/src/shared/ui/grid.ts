/** A column of a grid. */
export interface Column {
  key: string
  /** Its heading; nothing to see where `unseen` says it for those who hear. */
  head?: string
  unseen?: string
  /** As wide as that, in the words of a CSS grid. */
  width: string
  /** Figures stand at the end of their column. */
  end?: boolean
  /** Drawn in rows that are otherwise one cell, too. */
  always?: boolean
  /** Left out where there is one column of the screen only. */
  wide?: boolean
}

/** Rows that can be marked, by a tick in front of each. */
export interface Marks<T> {
  has: (item: T) => boolean
  can: (item: T) => boolean
  label: (item: T) => string
}

/** Where each row begins, from the heights of those before it; one more than there are rows. */
export function offsets<T>(items: readonly T[], height: (item: T) => number) {
  const starts = new Float64Array(items.length + 1)
  items.forEach((item, i) => (starts[i + 1] = (starts[i] ?? 0) + height(item)))
  return starts
}

/** The row that is at a height: the last one that begins at or above it. */
export function rowAt(starts: Float64Array, y: number) {
  let low = 0
  let high = starts.length - 1
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if ((starts[middle] ?? 0) <= y) low = middle
    else high = middle
  }
  return low
}

/** What can be given the focus: a grid, seen from the screen that it is on. */
export interface Focusable {
  focus: () => void
}
