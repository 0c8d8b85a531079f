import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap, type Radio } from '@/shared/api/client'

/** What writing the list would change in the radio, against its newest snapshot. */
export const useDifference = (radio: Ref<Radio | null>, list: Ref<string | null>) =>
  useQuery({
    queryKey: [
      'difference',
      computed(() => radio.value?.id),
      list,
      computed(() => radio.value?.newestSnapshot?.id),
    ],
    enabled: computed(() => list.value !== null && !!radio.value?.newestSnapshot),
    queryFn: () =>
      unwrap(
        api.GET('/api/radios/{id}/difference', {
          params: { path: { id: radio.value?.id ?? '' }, query: { list: list.value ?? '' } },
        }),
      ),
  })

export const useSnapshots = (radioId: Ref<string | null>) =>
  useQuery({
    queryKey: ['snapshots', radioId],
    enabled: computed(() => radioId.value !== null),
    queryFn: () =>
      unwrap(api.GET('/api/radios/{id}/snapshots', { params: { path: { id: radioId.value ?? '' } } })),
  })
