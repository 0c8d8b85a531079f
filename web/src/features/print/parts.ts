import type { ListView, Row } from '@/shared/api/client'

interface Part {
  title: string
  first: number
  last: number
  rows: Row[]
}

/** The list as it is read on paper: block after block, what stands in none between them, in slot order. */
export function parts(list: ListView): Part[] {
  const all: Part[] = []
  for (const row of list.rows) {
    const block = list.blocks.find((each) => each.firstSlot <= row.slot && row.slot <= each.lastSlot)
    const title = block?.name ?? 'In no block'
    const last = all[all.length - 1]
    if (last?.title === title && (!block || last.first === block.firstSlot)) {
      last.rows.push(row)
      if (!block) last.last = row.slot
    } else
      all.push({
        title,
        first: block?.firstSlot ?? row.slot,
        last: block?.lastSlot ?? row.slot,
        rows: [row],
      })
  }
  return all
}
