import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch, type Ref } from 'vue'
import { api, unwrap, type Schemas } from '@/shared/api/client'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useList } from '@/shared/list/useList'
import { useListChanges } from '@/shared/list/useListChanges'

export type CompareRow = Schemas['CompareRow']

/** What another list, the open one at another time, or a radio has otherwise; and what of it is to be taken over. */
export function useCompare(
  other: Ref<string | null>,
  revision: Ref<number | null>,
  held: Ref<{ radio: string; snapshot: string } | null>,
) {
  const { openId } = useOpenList()
  const { data: list } = useList(openId)
  const changes = useListChanges(openId)
  const version = computed(() => list.value?.version)
  const { data, error } = useQuery({
    queryKey: ['compare', openId, other, revision, held, version],
    enabled: computed(() => !!openId.value && (revision.value !== null || !!held.value || !!other.value)),
    queryFn: () =>
      unwrap(
        api.GET('/api/lists/{id}/compare', {
          params: {
            path: { id: openId.value ?? '' },
            query: {
              with: other.value ?? undefined,
              revision: revision.value ?? undefined,
              radio: held.value?.radio,
              snapshot: held.value?.snapshot,
            },
          },
        }),
      ),
  })
  const rows = computed(() => data.value?.rows ?? [])
  const can = (row: CompareRow) => row.kind !== 'moved'
  // What is only here is not taken away unless that is said.
  const usual = () =>
    new Set(rows.value.filter((row) => can(row) && row.kind !== 'only_here').map((row) => row.key))
  const chosen = ref(new Set<string>())
  watch(rows, () => (chosen.value = usual()), { immediate: true })
  function choose(row: CompareRow) {
    const next = new Set(chosen.value)
    if (!next.delete(row.key)) next.add(row.key)
    chosen.value = next
  }
  const going = computed(() => rows.value.filter((row) => chosen.value.has(row.key)))
  const takeOver = () =>
    changes.say({
      kind: 'take-over',
      from: held.value ? null : (other.value ?? openId.value),
      revision: revision.value,
      radio: held.value?.radio ?? null,
      snapshot: held.value?.snapshot ?? null,
      rows: going.value.map((row) => row.key),
    })
  return { list, data, error, rows, can, chosen, choose, going, takeOver, changes }
}
