import { computed, ref, watch } from 'vue'
import { useLists } from '@/shared/api/queries'

const KEY = 'reckonrod.list'
// The page of a tab keeps its own list; a new tab begins with the one chosen last anywhere.
const chosen = ref(sessionStorage.getItem(KEY) ?? localStorage.getItem(KEY))
if (chosen.value) sessionStorage.setItem(KEY, chosen.value)

/** The list that is open in this browser; the first one until the person chooses. */
export function useOpenList() {
  const { data: lists, error } = useLists()
  const openId = computed(
    () => lists.value?.find((list) => list.id === chosen.value)?.id ?? lists.value?.[0]?.id ?? null,
  )
  const open = computed(() => lists.value?.find((list) => list.id === openId.value) ?? null)
  function choose(id: string) {
    chosen.value = id
    sessionStorage.setItem(KEY, id)
    localStorage.setItem(KEY, id)
  }
  // It stays open when another one comes to stand before it.
  watch(
    openId,
    (id) => {
      if (id && id !== chosen.value) choose(id)
    },
    { immediate: true },
  )
  return { lists, openId, open, choose, error }
}
