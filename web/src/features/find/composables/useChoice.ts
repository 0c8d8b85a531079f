import { computed, ref, type Ref } from 'vue'
import type { Found } from '@/shared/api/client'

/** What of the found is chosen, and what of that is being taken into a list. */
export function useChoice(found: Ref<Found[]>, picked: Ref<Found | null>) {
  const ticked = ref(new Set<string>())
  const chosen = computed(() => [...ticked.value])
  const taking = ref<string[]>([])
  const takeOpen = ref(false)

  function tick(one: Found) {
    const next = new Set(ticked.value)
    if (!next.delete(one.entry.id)) next.add(one.entry.id)
    ticked.value = next
  }
  function tickRecommended() {
    ticked.value = new Set(found.value.filter((each) => each.recommended).map((each) => each.entry.id))
  }
  function take(entries: string[]) {
    taking.value = entries
    takeOpen.value = entries.length > 0
  }
  return {
    ticked,
    chosen,
    taking,
    takeOpen,
    tick,
    tickRecommended,
    takeOne: (id: string) => take([id]),
    /** The chosen ones, or the one at the cursor when none is. */
    takeChosen: () => take(chosen.value.length || !picked.value ? chosen.value : [picked.value.entry.id]),
    untick: () => (ticked.value = new Set()),
  }
}
