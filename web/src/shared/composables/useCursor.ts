import { computed, ref } from 'vue'
import { useOpenList } from './useOpenList'

const KEY = 'reckonrod.cursors'

function kept(): Record<string, number> {
  try {
    return JSON.parse(sessionStorage.getItem(KEY) ?? '{}') as Record<string, number>
  } catch {
    return {}
  }
}
const slots = ref(kept())

/** The slot that the cursor stands at in the open list, shared by the rod and the Reckon line; a reload keeps it. */
export function useCursor() {
  const { openId } = useOpenList()
  return computed({
    get: () => (openId.value ? (slots.value[openId.value] ?? 0) : 0),
    set: (slot: number) => {
      if (!openId.value) return
      slots.value = { ...slots.value, [openId.value]: slot }
      sessionStorage.setItem(KEY, JSON.stringify(slots.value))
    },
  })
}
