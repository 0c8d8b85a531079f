import { computed, ref } from 'vue'
import { api, unwrap, type Import } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'

/** What can be done with what was brought: read on, taken, taken back, given up. */
export function useTaking(brought: () => Import, changed: (next: Import) => void) {
  const { tell, tellProblem } = useNotice()
  const doubtful = ref(true)
  const dropGone = ref(brought().kind === 'service')
  const busy = ref(false)
  const params = () => ({ params: { path: { id: brought().id } } })

  async function run(work: () => Promise<Import | undefined>) {
    busy.value = true
    try {
      const next = await work()
      if (next) changed(next)
    } catch (cause) {
      tellProblem(cause)
    } finally {
      busy.value = false
    }
  }
  return {
    doubtful,
    dropGone,
    busy,
    going: computed(() => {
      const { added, changed: others, doubtful: doubts } = brought().counts
      return added + others - (doubtful.value ? 0 : doubts)
    }),
    take: () =>
      run(async () => {
        const body = { doubtful: doubtful.value, dropGone: dropGone.value }
        const next = await unwrap(api.POST('/api/imports/{id}/take', { ...params(), body }))
        tell(next.message)
        return next
      }),
    takeBack: () => run(() => unwrap(api.POST('/api/imports/{id}/take-back', params()))),
    giveUp: () => run(() => unwrap(api.DELETE('/api/imports/{id}', params()))),
    goOn: () => run(() => unwrap(api.POST('/api/imports/{id}/go-on', params()))),
    mapAgain: () => run(() => unwrap(api.POST('/api/imports/{id}/map-again', params()))),
    stop: () =>
      run(async () => {
        await unwrap(api.POST('/api/imports/{id}/stop', params()))
        return undefined
      }),
  }
}
