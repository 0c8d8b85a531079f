import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref, watch, type Ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, unwrap } from '@/shared/api/client'
import { useKeptText } from '@/shared/composables/useKeptText'
import type { Station } from './useStation'

export type Way = 'around' | 'along'
export type Order = 'use' | 'distance' | 'output' | 'confirmed' | 'unconfirmed'

export interface Filters {
  band: string
  state: string
  mode: string
  flag: string
  tone: string
  text: string
}
const FILTERS = ['band', 'state', 'mode', 'flag', 'tone', 'text'] as const
const NONE: Filters = { band: '', state: '', mode: '', flag: '', tone: '', text: '' }

/** What a route was read from: a GPX file, or points that were drawn or named. */
export interface RouteGiven {
  name: string
  gpx: string | null
  points: number[][] | null
}

function parsed<T>(text: string, instead: T) {
  try {
    return text ? (JSON.parse(text) as T) : instead
  } catch {
    return instead
  }
}
function kept<T>(key: string, instead: T) {
  const text = useKeptText(key)
  const value = ref(parsed(text.value, instead)) as Ref<T>
  watch(value, (now) => (text.value = JSON.stringify(now)), { deep: true })
  return value
}

/** What is looked for and what was found; a reload keeps the question. */
export function useFind(list: Ref<string | null>, station: Ref<Station | null>) {
  const address = useRoute()
  const router = useRouter()
  const way = kept<Way>('reckonrod.find.way', 'around')
  const at = useKeptText('reckonrod.find.at')
  const km = kept('reckonrod.find.km', 60)
  /** The part of the map to search in instead of a circle: south,west,north,east. */
  const box = useKeptText('reckonrod.find.box')
  watch(at, () => (box.value = ''), { flush: 'sync' })
  const order = kept<Order>('reckonrod.find.order', 'use')
  const filters = kept<Filters>('reckonrod.find.filters', { ...NONE })
  const route = kept<RouteGiven | null>('reckonrod.find.route', null)
  const corridor = kept('reckonrod.find.corridor', 40)

  // A search is in its address, so that it can be kept and sent on; the address wins over what was looked for last.
  const given = (key: string) => {
    const value = address.query[key]
    return typeof value === 'string' ? value : null
  }
  if (given('at') !== null || given('box') !== null) {
    way.value = 'around'
    at.value = given('at') ?? ''
    box.value = given('box') ?? ''
    km.value = Number(given('km')) || km.value
    filters.value = { ...NONE, ...Object.fromEntries(FILTERS.map((key) => [key, given(key) ?? ''])) }
  }
  const query = computed(() => {
    if (way.value !== 'around') return {}
    const all: Record<string, string> = {
      at: at.value,
      box: box.value,
      km: String(km.value),
      ...filters.value,
    }
    if (!at.value.trim() && !box.value) return {}
    return Object.fromEntries(Object.entries(all).filter(([, value]) => value.trim() !== ''))
  })
  watch(query, (now) => address.name === 'find' && void router.replace({ name: 'find', query: now }), {
    immediate: true,
  })

  const question = computed(() => ({
    list: list.value,
    band: filters.value.band || null,
    state: filters.value.state || null,
    mode: filters.value.mode || null,
    flag: filters.value.flag || null,
    tone: filters.value.tone.trim() || null,
    text: filters.value.text.trim() || null,
    antenna: station.value?.antenna ?? null,
    gain: station.value?.gain ?? null,
    watts: station.value?.watts ?? null,
  }))
  const filtered = computed(() => Object.values(filters.value).some((each) => each.trim() !== ''))
  const asked = computed(() =>
    way.value === 'around'
      ? at.value.trim() !== '' || box.value !== '' || filtered.value
      : route.value !== null,
  )
  const routeRequest = computed(() => ({
    gpx: route.value?.gpx ?? null,
    points: route.value?.points ?? null,
    corridorKm: corridor.value,
  }))

  const search = useQuery({
    queryKey: ['find', way, at, box, km, order, routeRequest, question],
    enabled: asked,
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) =>
      way.value === 'around'
        ? unwrap(
            api.GET('/api/find', {
              params: {
                query: {
                  at: at.value,
                  box: box.value,
                  km: km.value,
                  order: order.value,
                  ...withoutNulls(question.value),
                },
              },
              signal,
            }),
          )
        : unwrap(
            api.POST('/api/find/route', {
              body: { route: routeRequest.value, question: question.value },
              signal,
            }),
          ),
  })
  return {
    way,
    at,
    box,
    km,
    order,
    filters,
    filtered,
    route,
    routeRequest,
    corridor,
    question,
    asked,
    search,
    clear: () => (filters.value = { ...NONE }),
  }
}

/** Only what is there: a missing parameter is left out of the address. */
export function withoutNulls<T extends object>(all: T) {
  return Object.fromEntries(Object.entries(all).filter(([, value]) => value !== null)) as {
    [K in keyof T]?: NonNullable<T[K]>
  }
}
