import { useQuery } from '@tanstack/vue-query'
import { api, unwrap } from '@/shared/api/client'

/** The tables of tones and codes; they never change while the program runs. */
export const useTones = () =>
  useQuery({ queryKey: ['tones'], queryFn: () => unwrap(api.GET('/api/tones')), staleTime: Infinity })
