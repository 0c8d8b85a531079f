import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap, type Found } from '@/shared/api/client'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useReckon } from '@/shared/reckon/useReckon'
import { withoutNulls } from './useFind'

/** What is known of the entry at the cursor beyond what the search said: its path, and its channel by the list's plan. */
export function useEntry(found: () => Found, from: () => string | null, question: () => object) {
  const id = () => found().entry.id
  const { open } = useOpenList()
  const { data: path } = useQuery({
    queryKey: ['path', id, from, question],
    enabled: () => from() !== null && found().reach !== null,
    queryFn: () =>
      unwrap(
        api.GET('/api/find/path', {
          params: { query: { id: id(), at: from() ?? '', ...withoutNulls(question()) } },
        }),
      ),
  })
  const { data: detail } = useQuery({
    queryKey: ['entry', id, () => open.value?.id],
    queryFn: () =>
      unwrap(
        api.GET('/api/find/entry', {
          params: { query: { id: id(), ...(open.value ? { list: open.value.id } : {}) } },
        }),
      ),
  })
  const { answer } = useReckon(() =>
    open.value && detail.value?.entry.id === id()
      ? { line: detail.value.line, bandPlan: open.value.bandPlan, licence: open.value.licence }
      : null,
  )
  return {
    path: computed(() => (path.value?.found.entry.id === id() ? path.value : null)),
    answer,
  }
}
