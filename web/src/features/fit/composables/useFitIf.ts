import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import type { Places } from './useCarrying'

/** What would become of the list if the radio carried it otherwise, or were another model. */
export const useFitIf = (
  radio: Ref<string>,
  list: Ref<string>,
  what: Ref<{ places: Places | null; model: string | null } | null>,
) =>
  useQuery({
    queryKey: ['fit', 'if', radio, list, what],
    enabled: computed(() => what.value !== null),
    placeholderData: keepPreviousData,
    queryFn: () =>
      unwrap(
        api.POST('/api/radios/{id}/fit-if', {
          params: { path: { id: radio.value }, query: { list: list.value } },
          body: what.value ?? { places: null, model: null },
        }),
      ),
  })
