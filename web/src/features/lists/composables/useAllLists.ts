import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, unwrap, type Schemas } from '@/shared/api/client'
import { usePlans } from '@/shared/api/queries'
import { useNotice } from '@/shared/composables/useNotice'
import { useOpenList } from '@/shared/composables/useOpenList'

export type ListSummary = Schemas['ListSummary']
export type BinnedList = Schemas['BinnedList']

/** All lists with what hangs on them, those in the bin, and what can be done with them. */
export function useAllLists() {
  const cache = useQueryClient()
  const { tell, tellProblem } = useNotice()
  const { lists, openId, choose, error } = useOpenList()
  const { data: plans } = usePlans()
  const { data: binned } = useQuery({
    queryKey: ['binned'],
    queryFn: () => unwrap(api.GET('/api/lists/binned')),
  })
  /** How each stands takes a moment longer to work out. */
  const { data: overview } = useQuery({
    queryKey: ['overview', computed(() => lists.value?.map((each) => each.id + each.changedAt).join())],
    placeholderData: keepPreviousData,
    // What radios hold changes without any list changing.
    staleTime: 0,
    queryFn: () => unwrap(api.GET('/api/lists/overview')),
  })
  /** The one that was used last comes first. */
  const rows = computed(() =>
    [...(lists.value ?? [])]
      .sort((a, b) => b.changedAt.localeCompare(a.changedAt))
      .map((list) => ({
        list,
        plan: plans.value?.find((each) => each.id === list.bandPlan)?.shortTitle ?? list.bandPlan,
        home: lists.value?.find((each) => each.id === list.homeId)?.name,
        stands: overview.value?.find((each) => each.id === list.id),
      })),
  )

  /** Does it; what is shown is asked for anew. Whether it went well. */
  async function does(work: () => Promise<unknown>, said: string) {
    try {
      await work()
      tell(said)
      return true
    } catch (cause) {
      tellProblem(cause)
      return false
    } finally {
      await Promise.all(
        ['lists', 'binned', 'list'].map((key) => cache.invalidateQueries({ queryKey: [key] })),
      )
    }
  }
  const path = (id: string) => ({ params: { path: { id } } })
  return {
    rows,
    binned,
    openId,
    choose,
    error,
    copy: (list: ListSummary, name: string) =>
      does(
        () => unwrap(api.POST('/api/lists/{id}/copy', { ...path(list.id), body: { name } })),
        `${name} is a copy of ${list.name}`,
      ),
    /** A list that was exported as JSON, as a list of its own. */
    take: async (text: string, name: string) => {
      let made = ''
      const done = await does(async () => {
        const list = await unwrap(api.POST('/api/lists/from-file', { body: { text } }))
        made = list.id
      }, `Imported ${name} as a new list`)
      return done ? made : null
    },
    rename: (list: ListSummary, name: string) =>
      does(async () => {
        const { version } = await unwrap(api.GET('/api/lists/{id}', path(list.id)))
        await unwrap(
          api.POST('/api/lists/{id}/changes', {
            ...path(list.id),
            body: { baseVersion: version, edits: [{ kind: 'rename', name }] },
          }),
        )
      }, `${list.name} is called ${name} now`),
    bin: (list: ListSummary) =>
      does(
        () => unwrap(api.DELETE('/api/lists/{id}', path(list.id))),
        `${list.name} lies in the bin for 30 days`,
      ),
    bringBack: (list: BinnedList) =>
      does(() => unwrap(api.POST('/api/lists/{id}/bring-back', path(list.id))), `${list.name} is back`),
  }
}
