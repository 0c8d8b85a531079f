import { useQueryClient } from '@tanstack/vue-query'
import { useNotice } from './useNotice'

/** Does something that much of what is shown hangs on: it is told, or why not, and all that is shown is asked for anew. */
export function useDoing() {
  const cache = useQueryClient()
  const { tell, tellProblem } = useNotice()
  /** Whether it went well. */
  return async function does(work: () => Promise<unknown>, said: string) {
    try {
      await work()
      tell(said)
      return true
    } catch (cause) {
      tellProblem(cause)
      return false
    } finally {
      await cache.invalidateQueries()
    }
  }
}
