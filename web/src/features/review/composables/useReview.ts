import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap, type Schemas } from '@/shared/api/client'

export type ReviewLine = Schemas['ReviewLine']

/** Every line of a listing worked out and judged, against the list as it is now. */
export const useReview = (
  listId: Ref<string | null>,
  version: Ref<number | null>,
  text: Ref<string>,
  slot: Ref<number>,
) =>
  useQuery({
    queryKey: ['review', listId, version, text, slot],
    enabled: computed(() => listId.value !== null && text.value.trim() !== ''),
    queryFn: ({ signal }) =>
      unwrap(
        api.POST('/api/lists/{id}/review', {
          params: { path: { id: listId.value ?? '' } },
          body: { text: text.value, slot: slot.value },
          signal,
        }),
      ),
    placeholderData: (before) => (text.value.trim() ? before : undefined),
  })
