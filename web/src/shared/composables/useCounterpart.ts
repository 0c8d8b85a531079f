import { computed } from 'vue'
import { useOpenList } from './useOpenList'

/** The list that one goes to and fro with: of a trip its home, of a home the trip that was changed last. */
export function useCounterpart() {
  const { lists, open, choose } = useOpenList()
  const other = computed(() => {
    const now = open.value
    const all = lists.value ?? []
    if (!now) return null
    return (
      all.find((each) => each.id === now.homeId) ??
      [...all]
        .filter((each) => each.homeId === now.id)
        .sort((a, b) => b.changedAt.localeCompare(a.changedAt))[0] ??
      null
    )
  })
  /** Whether the open list is the trip. */
  const away = computed(() => other.value !== null && other.value.id === open.value?.homeId)
  const swap = () => {
    if (other.value) choose(other.value.id)
  }
  return { other, away, swap }
}
