import { focusManager, QueryClient, useQuery } from '@tanstack/vue-query'
import type { Ref } from 'vue'
import { api, Problem, unwrap } from './client'

// A window that comes to the front looks again for changes, even when it was in sight beside another.
focusManager.setEventListener((onFocus) => {
  const look = () => onFocus()
  addEventListener('visibilitychange', look)
  addEventListener('focus', look)
  return () => {
    removeEventListener('visibilitychange', look)
    removeEventListener('focus', look)
  }
})

const isLost = (error: unknown) => error instanceof Problem && error.code === 'server-lost'

/** While the server is away it is asked again and again, so that a page comes back by itself. */
export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (times, error) => times < 3 && isLost(error),
      refetchInterval: (query) => (isLost(query.state.error) ? 3_000 : false),
      staleTime: 2_000,
    },
  },
})

// An answer that was on its way already when something changed may be older than the change: it is asked for once more.
const early = new WeakSet<object>()
queryClient.getQueryCache().subscribe((event) => {
  if (event.type !== 'updated') return
  const { query, action } = event
  const isFirst = query.state.fetchStatus === 'fetching' && query.state.data === undefined
  if (action.type === 'invalidate' && isFirst) early.add(query)
  else if (action.type === 'success' && early.delete(query))
    void queryClient.invalidateQueries({ queryKey: query.queryKey, exact: true })
})

/** The frame tells by it that the server is away. */
export const useLists = () =>
  useQuery({
    queryKey: ['lists'],
    refetchInterval: (query) => (query.state.error ? 3_000 : false),
    queryFn: () => unwrap(api.GET('/api/lists')),
  })

export const usePlans = () =>
  useQuery({ queryKey: ['plans'], queryFn: () => unwrap(api.GET('/api/band-plans')) })

export const useRadios = () =>
  useQuery({ queryKey: ['radios'], queryFn: () => unwrap(api.GET('/api/radios')) })

/** The serial ports of the machine that the server runs on; one that is plugged in appears by itself. */
/** The folders in which a radio's card may lie, and those that are there now. */
export const useCardFolders = (looking: Ref<boolean>) =>
  useQuery({
    queryKey: ['card-folders'],
    enabled: looking,
    refetchInterval: 5_000,
    queryFn: () => unwrap(api.GET('/api/card-folders')),
  })

export const usePorts = (looking: Ref<boolean>) =>
  useQuery({
    queryKey: ['ports'],
    enabled: looking,
    refetchInterval: 2_000,
    queryFn: () => unwrap(api.GET('/api/ports')),
  })
