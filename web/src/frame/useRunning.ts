import { useQuery } from '@tanstack/vue-query'
import { api, unwrap } from '@/shared/api/client'

/** The transfers that run now, whoever started them. */
export const useRunningJobs = () =>
  useQuery({
    queryKey: ['jobs'],
    refetchInterval: (query) => ((query.state.data?.length ?? 0) > 0 ? 1_000 : 5_000),
    queryFn: () => unwrap(api.GET('/api/jobs')),
  })

/** The listings that are being read now. */
export const useRunningImports = () =>
  useQuery({
    queryKey: ['imports'],
    select: (all) => all.filter((each) => each.state === 'reading'),
    refetchInterval: (query) => (query.state.data?.some((each) => each.state === 'reading') ? 1_000 : false),
    queryFn: () => unwrap(api.GET('/api/imports')),
  })
