import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { api, unwrap, type Schemas } from '@/shared/api/client'
import { useRadios } from '@/shared/api/queries'
import { useDoing } from '@/shared/composables/useDoing'
import { counted } from '@/shared/words'

export type Shelved = Schemas['ShelvedView']

/** All snapshots of all radios, and what can be done with them. */
export function useLibrary() {
  const does = useDoing()
  const cache = useQueryClient()
  const { data: snapshots, error } = useQuery({
    queryKey: ['snapshots', 'all'],
    queryFn: () => unwrap(api.GET('/api/snapshots')),
  })
  const { data: radios } = useRadios()
  const path = (id: string) => ({ params: { path: { id } } })
  return {
    snapshots,
    radios,
    error,
    note: (id: string, name: string, note: string, kept: boolean) =>
      does(
        () => unwrap(api.PUT('/api/snapshots/{id}', { ...path(id), body: { name, note, kept } })),
        'Noted',
      ),
    forget: (id: string) =>
      does(() => unwrap(api.DELETE('/api/snapshots/{id}', path(id))), 'The snapshot is gone'),
    thinning: () =>
      cache.fetchQuery({
        queryKey: ['thinning'],
        staleTime: 0,
        queryFn: () => unwrap(api.GET('/api/snapshots/thinning')),
      }),
    thin: (going: string[]) =>
      does(
        () => unwrap(api.POST('/api/snapshots/thinning', { body: { going } })),
        `${counted(going.length, 'snapshot')} went`,
      ),
    takeIn: (radio: string, text: string) =>
      does(
        () => unwrap(api.POST('/api/radios/{id}/snapshots', { ...path(radio), body: { text } })),
        'The file is a snapshot here now',
      ),
  }
}
