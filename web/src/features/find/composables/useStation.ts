import { computed, ref, watch } from 'vue'

export interface Station {
  antenna: number
  gain: number
  watts: number
}

/** Stations as people have them; each is an antenna's height in metres, its gain in dBi after all losses, and a power. */
export const STATIONS: { name: string; words: string; station: Station }[] = [
  { name: 'handheld', words: 'Handheld, 5 W', station: { antenna: 1.5, gain: -8, watts: 5 } },
  { name: 'low', words: 'Handheld, 1 W', station: { antenna: 1.5, gain: -8, watts: 1 } },
  { name: 'car', words: 'Car, 25 W', station: { antenna: 2, gain: 0, watts: 25 } },
  { name: 'home', words: 'Roof at home, 50 W', station: { antenna: 10, gain: 4, watts: 50 } },
]
const OWN = 'own'
const KEY = 'reckonrod.station'

interface Kept {
  name: string
  own: Station
}
const handheld: Station = { antenna: 1.5, gain: -8, watts: 5 }

function read(): Kept {
  try {
    return {
      name: 'handheld',
      own: { ...handheld },
      ...(JSON.parse(localStorage.getItem(KEY) ?? '{}') as object),
    }
  } catch {
    return { name: 'handheld', own: { ...handheld } }
  }
}
const kept = ref(read())
watch(kept, (now) => localStorage.setItem(KEY, JSON.stringify(now)), { deep: true })

/** The person's station, which reach is judged for; kept in this browser. */
export function useStation() {
  const station = computed<Station>(
    () => STATIONS.find((each) => each.name === kept.value.name)?.station ?? kept.value.own,
  )
  return { kept, station, OWN }
}
