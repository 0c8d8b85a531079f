import { useInfiniteQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, unwrap, type Import } from '@/shared/api/client'

const KINDS = [
  { kind: 'added', words: 'new' },
  { kind: 'changed', words: 'changed' },
  { kind: 'gone', words: 'no longer in it' },
  { kind: 'doubtful', words: 'in doubt' },
  { kind: 'bad', words: 'bad' },
  { kind: 'same', words: 'as before' },
] as const
export type RowKind = (typeof KINDS)[number]['kind']

/** The rows of what was brought, by what each would do, a page at a time. */
export function useStagedRows(brought: () => Import) {
  const of = (kind: RowKind) => (kind === 'gone' ? brought().gone : brought().counts[kind])
  const kind = ref<RowKind>('added')
  const kinds = computed(() => KINDS.map((each) => ({ ...each, count: of(each.kind) })))
  const settled = computed(() => brought().state === 'read' || brought().state === 'taken')
  watch(
    settled,
    (now) => {
      const first = (['changed', 'bad', 'added'] as const).find((each) => of(each) > 0)
      if (now && first) kind.value = first
    },
    { immediate: true },
  )
  const { data, error, fetchNextPage, isFetchingNextPage } = useInfiniteQuery({
    queryKey: ['import-rows', () => brought().id, kind, () => brought().state],
    enabled: settled,
    initialPageParam: 0,
    queryFn: ({ pageParam }) =>
      unwrap(
        api.GET('/api/imports/{id}/rows', {
          params: { path: { id: brought().id }, query: { kind: kind.value, fromLine: pageParam } },
        }),
      ),
    // What is gone has no line; the rest goes on behind the last one.
    getNextPageParam: (last, all) =>
      kind.value === 'gone' ? all.flat().length : (last[last.length - 1]?.line ?? 0) + 1,
  })
  const rows = computed(() => data.value?.pages.flat())
  const more = computed(() => rows.value !== undefined && of(kind.value) > rows.value.length)
  return { kind, kinds, settled, rows, more, error, fetchNextPage, isFetchingNextPage }
}
