import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, unwrap } from '@/shared/api/client'

export interface Station {
  antenna: number
  gain: number
  watts: number
}

const OWN = 'own'
const KEY = 'reckonrod.station'

interface Kept {
  /** The station chosen; empty for the first one there is. */
  id: string
  own: Station
}
const UNKNOWN: Kept = { id: '', own: { antenna: 1.5, gain: 0, watts: 5 } }

function read(): Kept {
  try {
    return { ...UNKNOWN, ...(JSON.parse(localStorage.getItem(KEY) ?? '{}') as object) }
  } catch {
    return { ...UNKNOWN }
  }
}
const kept = ref(read())
watch(kept, (now) => localStorage.setItem(KEY, JSON.stringify(now)), { deep: true })

/** The person's station, which reach is judged for; kept in this browser. */
export function useStation() {
  const { data: stations } = useQuery({
    queryKey: ['stations'],
    staleTime: Infinity,
    queryFn: () => unwrap(api.GET('/api/find/stations')),
  })
  const chosen = computed(
    () => stations.value?.find((each) => each.id === kept.value.id) ?? stations.value?.[0] ?? null,
  )
  /** Absent until the stations are known; the server then takes the usual one. */
  const station = computed<Station | null>(() => {
    const from = kept.value.id === OWN ? kept.value.own : chosen.value
    return from && { antenna: from.antenna, gain: from.gain, watts: from.watts }
  })
  const id = computed({
    get: () => (kept.value.id === OWN ? OWN : (chosen.value?.id ?? '')),
    set: (next: string) => {
      // Other figures begin with those of the station that was chosen before.
      if (next === OWN && station.value) kept.value.own = { ...station.value }
      kept.value.id = next
    },
  })
  return { id, own: computed(() => kept.value.own), stations, station, OWN }
}
