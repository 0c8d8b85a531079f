import { computed, ref, type Ref } from 'vue'
import type { ListView, Row } from '@/shared/api/client'

export type RodItem =
  | { kind: 'block'; key: string; name: string; first: number; last: number; says: string }
  | { kind: 'channel'; key: string; slot: number; row: Row }
  | { kind: 'free'; key: string; slot: number }
  | { kind: 'gap'; key: string; slot: number; last: number }

/** What the rod shows from top to bottom: blocks, channels, and free stretches, folded unless the person unfolds them. */
export function useRod(list: Ref<ListView | undefined>, cursor: Ref<number>) {
  const unfolded = ref(new Set<number>())

  const items = computed<RodItem[]>(() => (list.value ? rodItems(list.value, unfolded.value) : []))

  function toggle(gapStart: number) {
    const next = new Set(unfolded.value)
    if (!next.delete(gapStart)) next.add(gapStart)
    unfolded.value = next
  }

  /** Where the cursor stands among the items; a slot inside a folded stretch is the stretch. */
  const at = computed({
    get: () =>
      items.value.findIndex(
        (item) =>
          item.kind !== 'block' &&
          (item.slot === cursor.value ||
            (item.kind === 'gap' && item.slot <= cursor.value && cursor.value <= item.last)),
      ),
    set: (index: number) => {
      const item = items.value[index]
      if (item && item.kind !== 'block') cursor.value = item.slot
    },
  })
  const item = computed(() => items.value[at.value] ?? null)

  return { items, toggle, at, item }
}

/** What a block says of the channels in it. */
function rules({ belongs, order }: ListView['blocks'][number]) {
  return [belongs, order && `by ${order.replace('_', ' ')}`]
    .map((each) => (each ? ` · ${each}` : ''))
    .join('')
}

function rodItems(list: ListView, unfolded: Set<number>): RodItem[] {
  const rows = new Map(list.rows.map((row) => [row.slot, row]))
  const starts = new Map(list.blocks.map((block) => [block.firstSlot, block]))
  const ends = new Set(list.blocks.map((block) => block.lastSlot))
  const items: RodItem[] = []
  let free: number[] = []

  function closeStretch() {
    const first = free[0]
    const last = free[free.length - 1]
    if (first === undefined || last === undefined) return
    if (free.length > 1 && !unfolded.has(first))
      items.push({ kind: 'gap', key: `gap${first}`, slot: first, last })
    else free.forEach((slot) => items.push({ kind: 'free', key: `free${slot}`, slot }))
    free = []
  }

  for (let slot = list.firstSlot; slot <= list.lastSlot; slot++) {
    const block = starts.get(slot)
    if (block) {
      closeStretch()
      items.push({
        kind: 'block',
        key: `block${slot}`,
        name: block.name,
        first: slot,
        last: block.lastSlot,
        says: rules(block),
      })
    }
    const row = rows.get(slot)
    if (row) {
      closeStretch()
      items.push({ kind: 'channel', key: row.id, slot, row })
    } else free.push(slot)
    if (ends.has(slot)) closeStretch()
  }
  closeStretch()
  return items
}
