import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import { useOpenList } from '@/shared/composables/useOpenList'
import { useList } from '@/shared/list/useList'

/** The tables of tones and codes; they never change while the program runs. */
export const useTones = () =>
  useQuery({ queryKey: ['tones'], queryFn: () => unwrap(api.GET('/api/tones')), staleTime: Infinity })

/** The tones that a figure may have been meant as, once no tone begins like it. */
export const useNearestTones = (figure: Ref<string>, wanted: Ref<boolean>) =>
  useQuery({
    queryKey: ['tones-near', figure],
    enabled: wanted,
    queryFn: () => unwrap(api.GET('/api/tones/nearest', { params: { query: { hertz: figure.value } } })),
  })

/** The channels of the open list by the tones that they use, on either side: `CTCSS 71.9` to their names. */
export function useTonesInUse() {
  const { open, openId } = useOpenList()
  const { data: list } = useList(openId)
  const users = computed(() => {
    const all = new Map<string, string[]>()
    for (const row of list.value?.rows ?? [])
      for (const tone of new Set([row.talkTone, row.listenTone]))
        if (tone) all.set(tone, [...(all.get(tone) ?? []), row.label])
    return all
  })
  return { open, users }
}
