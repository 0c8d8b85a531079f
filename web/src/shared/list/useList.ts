import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'

/** One list, judged and fitted. */
export const useList = (id: Ref<string | null>) =>
  useQuery({
    queryKey: ['list', id],
    enabled: computed(() => id.value !== null),
    queryFn: () => unwrap(api.GET('/api/lists/{id}', { params: { path: { id: id.value ?? '' } } })),
  })
