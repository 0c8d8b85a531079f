import { useMutation, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, unwrap, type Schemas, type Trip } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'
import type { Sheet } from '@/shared/paper'
import { saveFile } from '@/shared/saveFile'
import { useListChanges } from '@/shared/list/useListChanges'

interface Journey {
  route: Schemas['RouteRequest']
  question: Schemas['Question']
  listId: string | null
  listName: string
}

/** The few repeaters that cover a route, planned anew with every wish; then a block or a list of them. */
export function useTrip(journey: Journey, opened: (id: string) => void) {
  const wishes = ref({ perBand: false, sure: false, closedToo: false, bridgedKm: 3 })
  const trip = ref<Trip | null>(null)
  const { tell, tellProblem } = useNotice()
  const cache = useQueryClient()
  const changes = useListChanges(computed(() => journey.listId))

  const asked = () => {
    const { perBand, sure, closedToo, bridgedKm } = wishes.value
    return {
      route: journey.route,
      question: journey.question,
      perBand,
      closedToo,
      bridgedKm,
      likelyOnly: sure,
    }
  }
  const plan = useMutation({
    mutationFn: () => unwrap(api.POST('/api/trips/plan', { body: asked() })),
    onSuccess: (done) => (trip.value = done),
  })
  watch(
    () => [journey.route, journey.question, wishes.value],
    () => plan.mutate(),
    {
      immediate: true,
      deep: true,
    },
  )

  const take = () => ({ entries: trip.value?.entries ?? [], recipe: null })
  async function asBlock(name: string) {
    if (await changes.change({ kind: 'take', slot: null, take: take(), block: name }))
      tell(`The trip is in ${journey.listName} as the block “${name}”`)
  }
  async function asList(name: string) {
    const home = journey.listName
    try {
      const made = await unwrap(
        api.POST('/api/lists/{id}/take/list', {
          params: { path: { id: journey.listId ?? '' } },
          body: { name, take: take() },
        }),
      )
      await cache.invalidateQueries({ queryKey: ['lists'] })
      opened(made.id)
      tell(`“${made.name}” is open, with the channels of ${home} kept in it`)
    } catch (cause) {
      tellProblem(cause)
    }
  }
  async function onPaper(name: string, size: Sheet) {
    try {
      const file = (await unwrap(
        api.POST('/api/trips/paper', {
          body: { trip: asked(), size, large: false },
          parseAs: 'blob',
        }),
      )) as unknown as Blob
      saveFile(file, `${name}.pdf`)
    } catch (cause) {
      tellProblem(cause)
    }
  }
  return {
    wishes,
    trip,
    planning: plan.isPending,
    problem: computed(() => plan.error.value?.message ?? null),
    asBlock,
    asList,
    onPaper,
  }
}
