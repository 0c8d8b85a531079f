import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap, type FaceKeyPressed, type Schemas } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'

export type TroubleKind = Schemas['TroubleView']['kind']

/** The display and keys of a simulated radio, and its cable's trouble. */
export function useFace(radioId: Ref<string>, busy: Ref<boolean>) {
  const cache = useQueryClient()
  const { tellProblem } = useNotice()
  const path = () => ({ path: { id: radioId.value } })

  const { data: display } = useQuery({
    queryKey: ['face', radioId],
    refetchInterval: computed(() => (busy.value ? 400 : 3_000)),
    queryFn: () => unwrap(api.GET('/api/radios/{id}/face', { params: path() })),
  })
  const { data: trouble } = useQuery({
    queryKey: ['trouble', radioId],
    queryFn: () => unwrap(api.GET('/api/radios/{id}/trouble', { params: path() })),
  })

  async function press(key: FaceKeyPressed) {
    try {
      const shown = await unwrap(api.POST('/api/radios/{id}/face', { params: path(), body: { key } }))
      cache.setQueryData(['face', radioId.value], shown)
    } catch (cause) {
      tellProblem(cause)
    }
  }

  async function setTrouble(kind: TroubleKind, atByte: number) {
    try {
      const now = await unwrap(
        api.PUT('/api/radios/{id}/trouble', { params: path(), body: { kind, atByte } }),
      )
      cache.setQueryData(['trouble', radioId.value], now)
    } catch (cause) {
      tellProblem(cause)
    }
  }

  return { display, trouble, press, setTrouble }
}
