import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap, type Schemas } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'

export type Act = Schemas['ActRequest']['act']

/** What the person can do on a simulated radio to have it loaded. */
export function useAtHand(radioId: Ref<string>, busy: Ref<boolean>) {
  const cache = useQueryClient()
  const { tellProblem } = useNotice()
  const path = () => ({ path: { id: radioId.value } })
  const { data: hand } = useQuery({
    queryKey: ['at-hand', radioId],
    // What was started ends by itself while a transfer runs.
    refetchInterval: computed(() => (busy.value ? 1_000 : false)),
    queryFn: () => unwrap(api.GET('/api/radios/{id}/at-hand', { params: path() })),
  })
  async function press(act: Act) {
    try {
      const now = await unwrap(api.POST('/api/radios/{id}/at-hand', { params: path(), body: { act } }))
      cache.setQueryData(['at-hand', radioId.value], now)
    } catch (cause) {
      tellProblem(cause)
    }
  }
  return { hand, press }
}
