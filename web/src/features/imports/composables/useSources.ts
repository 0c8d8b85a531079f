import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { api, unwrap, type Schemas } from '@/shared/api/client'
import { useNotice } from '@/shared/composables/useNotice'

export type Source = Schemas['SourceView']

/** What the directory is made of, and what was brought before. */
export function useSources() {
  const cache = useQueryClient()
  const { tell, tellProblem } = useNotice()
  const { data: sources, error } = useQuery({
    queryKey: ['sources'],
    queryFn: () => unwrap(api.GET('/api/find/sources')),
  })
  const { data: imports } = useQuery({
    queryKey: ['imports'],
    queryFn: () => unwrap(api.GET('/api/imports')),
  })
  /** Whatever hangs on the directory is asked for anew. */
  function changed() {
    for (const key of ['sources', 'imports', 'jobs', 'find', 'list'])
      void cache.invalidateQueries({ queryKey: [key] })
  }
  async function remove({ source, entries }: Source) {
    try {
      await unwrap(
        api.DELETE('/api/imports/sources/{source}', { params: { path: { source }, query: { entries } } }),
      )
      tell(`${source} is out of the directory`)
    } catch (cause) {
      tellProblem(cause)
    }
    changed()
  }
  return { sources, imports, error, changed, remove }
}
