import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'

/** The keys of a radio and the drills of a list, with what is to be repeated. */
export function useDrills(list: Ref<string>, radio: Ref<string>, person: Ref<string>) {
  const cache = useQueryClient()
  const { data, error } = useQuery({
    queryKey: ['drills', list, radio, person],
    enabled: computed(() => list.value !== '' && radio.value !== ''),
    queryFn: () =>
      unwrap(
        api.GET('/api/lists/{list}/practice', {
          params: { path: { list: list.value }, query: { radio: radio.value, person: person.value } },
        }),
      ),
  })
  return { drills: data, error, again: () => cache.invalidateQueries({ queryKey: ['drills'] }) }
}
