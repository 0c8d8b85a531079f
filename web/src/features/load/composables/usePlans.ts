import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap, type Schemas } from '@/shared/api/client'
import { useDoing } from '@/shared/composables/useDoing'
import type { WriteBody } from './useWriting'

export type KeptPlan = Schemas['KeptPlanView']

/** Writes that were looked at and are made later, one after the other. */
export function useKeptPlans() {
  const does = useDoing()
  const cache = useQueryClient()
  const { data: plans } = useQuery({
    queryKey: ['plans-kept'],
    queryFn: () => unwrap(api.GET('/api/plans')),
    refetchInterval: (query) => (query.state.data?.some((each) => each.state === 'RUNNING') ? 700 : 5_000),
  })
  const waiting = computed(() => plans.value?.filter((each) => each.state === 'WAITING') ?? [])
  const ready = computed(() => waiting.value.filter((each) => !each.stale))
  return {
    plans,
    ready,
    keep: (radioId: string, body: WriteBody) =>
      does(
        () => unwrap(api.POST('/api/radios/{radioId}/plans', { params: { path: { radioId } }, body })),
        'The plan is kept; nothing is written yet',
      ),
    forget: (id: string) =>
      does(() => unwrap(api.DELETE('/api/plans/{id}', { params: { path: { id } } })), 'The plan is gone'),
    run: async () => {
      await does(
        () => unwrap(api.POST('/api/plans/run', { body: { plans: ready.value.map((each) => each.id) } })),
        'They are made one after the other',
      )
      setTimeout(() => void cache.invalidateQueries(), 400)
    },
  }
}
