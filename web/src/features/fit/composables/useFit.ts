import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'

/** A list fitted to a radio. */
export const useFit = (radio: Ref<string | null>, list: Ref<string | null>) =>
  useQuery({
    queryKey: ['fit', radio, list],
    enabled: computed(() => radio.value !== null && list.value !== null),
    queryFn: () =>
      unwrap(
        api.GET('/api/radios/{id}/fit', {
          params: { path: { id: radio.value ?? '' }, query: { list: list.value ?? '' } },
        }),
      ),
  })
