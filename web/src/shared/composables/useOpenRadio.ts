import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { useRadios } from '@/shared/api/queries'

const KEY = 'reckonrod.radio'

/** The radio that the address names, else the one looked at last, else the first. */
export function useOpenRadio() {
  const route = useRoute()
  const { data: radios, error } = useRadios()
  const radio = computed(() => {
    const named = route.params.radio
    const wanted = typeof named === 'string' && named ? named : sessionStorage.getItem(KEY)
    const found = radios.value?.find((each) => each.id === wanted) ?? radios.value?.[0] ?? null
    if (found) sessionStorage.setItem(KEY, found.id)
    return found
  })
  return { radios, radio, error }
}
