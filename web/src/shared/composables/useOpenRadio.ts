import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { useRadios } from '@/shared/api/queries'

const KEY = 'reckonrod.radio'

/** The radio that the address names, else the one looked at last, else the first that is reached somehow; none for a name that nobody has. */
export function useOpenRadio() {
  const route = useRoute()
  const { data: radios, error } = useRadios()
  const radio = computed(() => {
    const named = route.params.radio
    const given = typeof named === 'string' && named !== ''
    const wanted = given ? named : sessionStorage.getItem(KEY)
    const same = radios.value?.find((each) => each.id === wanted) ?? null
    const reached = radios.value?.filter((each) => each.line.reached !== 'none') ?? []
    // One that is loaded by itself asks least of a newcomer.
    const easy = reached.find((each) => each.line.way === 'cable' && each.line.family !== 'streamed clone')
    const first = easy ?? reached[0] ?? radios.value?.[0] ?? null
    const found = given ? same : (same ?? first)
    if (found) sessionStorage.setItem(KEY, found.id)
    return found
  })
  const unknown = computed(() =>
    radios.value && !radio.value && typeof route.params.radio === 'string' ? route.params.radio : null,
  )
  return { radios, radio, unknown, error }
}
