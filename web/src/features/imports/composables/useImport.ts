import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, watch, type Ref } from 'vue'
import { api, unwrap, type Import } from '@/shared/api/client'
import { useStream } from '@/shared/api/follow'

/** One listing that was brought, followed while it is read, whoever reads it. */
export function useImport(id: Ref<string>) {
  const cache = useQueryClient()
  const { data: current, error } = useQuery({
    queryKey: ['import', id],
    enabled: computed(() => id.value !== ''),
    queryFn: () => unwrap(api.GET('/api/imports/{id}', { params: { path: { id: id.value } } })),
  })
  const stream = useStream<Import>(
    'import',
    (now) => cache.setQueryData(['import', now.id], now),
    (now) => now.state === 'reading',
  )
  watch(
    () => [current.value?.id, current.value?.state] as const,
    ([which, state]) => {
      if (which && state === 'reading') stream.open(`/api/imports/${which}/events`)
      else stream.close()
    },
    { immediate: true },
  )
  return { current, error, lost: stream.lost }
}
