import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'

interface Wanted {
  open: Ref<boolean>
  listId: () => string
  entries: () => string[]
  recipe: Ref<string | null>
  slot: Ref<number>
}

/** What taking entries into a list would put where, under which names. */
export function useTakePreview({ open, listId, entries, recipe, slot }: Wanted) {
  const { data: recipes } = useQuery({
    queryKey: ['recipes', listId],
    enabled: open,
    queryFn: () => unwrap(api.GET('/api/recipes', { params: { query: { list: listId() } } })),
  })
  const { data: preview, error } = useQuery({
    queryKey: ['take', listId, entries, recipe, slot],
    enabled: open,
    staleTime: 0,
    placeholderData: (before) => before,
    queryFn: () =>
      unwrap(
        api.POST('/api/lists/{id}/take/preview', {
          params: { path: { id: listId() }, query: { slot: slot.value } },
          body: { entries: entries(), recipe: recipe.value },
        }),
      ),
  })
  const going = computed(() => preview.value?.channels.filter((each) => each.taken) ?? [])
  const slotOf = (id: string) => preview.value?.slots[going.value.findIndex((each) => each.id === id)]
  /** Slots in a row are said as one stretch: 4–6, 18. */
  const slots = computed(() => {
    const stretches: [number, number][] = []
    for (const one of preview.value?.slots ?? []) {
      const last = stretches[stretches.length - 1]
      if (last && one === last[1] + 1) last[1] = one
      else stretches.push([one, one])
    }
    return stretches.map(([first, last]) => (first === last ? `${first}` : `${first}–${last}`)).join(', ')
  })
  return { recipes, preview, error, going, slotOf, slots }
}
