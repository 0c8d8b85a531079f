import { computed, ref, type Ref } from 'vue'
import type { Row } from '@/shared/api/client'
import type { RodItem } from './useRod'

/** Channels that are marked, to do something to all of them at once. */
export function useMarks(items: Ref<RodItem[]>, at: Ref<number>) {
  const ids = ref(new Set<string>())
  const anchor = ref(-1)
  /** Those that are still in the list, from top to bottom. */
  const rows = computed(() =>
    items.value.flatMap((it) => (it.kind === 'channel' && ids.value.has(it.row.id) ? [it.row] : [])),
  )
  const channel = (index: number) => {
    const it = items.value[index]
    return it?.kind === 'channel' ? it.row : null
  }

  function toggle(index = at.value) {
    const row = channel(index)
    if (!row) return
    const next = new Set(ids.value)
    if (!next.delete(row.id)) next.add(row.id)
    ids.value = next
    anchor.value = index
  }
  /** All from where marking began up to there, and those that were marked before. */
  function through(to: number) {
    const from = anchor.value < 0 ? at.value : anchor.value
    anchor.value = from
    const next = new Set(ids.value)
    for (let i = Math.min(from, to); i <= Math.max(from, to); i++) {
      const row = channel(i)
      if (row) next.add(row.id)
    }
    ids.value = next
  }
  /** All that are like one in something. */
  function like(same: (row: Row) => boolean) {
    ids.value = new Set([
      ...rows.value.map((row) => row.id),
      ...items.value.flatMap((it) => (it.kind === 'channel' && same(it.row) ? [it.row.id] : [])),
    ])
  }
  function clear() {
    ids.value = new Set()
    anchor.value = -1
  }
  return { rows, has: (row: Row) => ids.value.has(row.id), toggle, through, like, clear }
}
export type Marks = ReturnType<typeof useMarks>
