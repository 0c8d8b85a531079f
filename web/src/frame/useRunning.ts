import { useQuery } from '@tanstack/vue-query'
import { api, unwrap } from '@/shared/api/client'

/** What runs now beside the person's work, whoever started it: transfers, listings that are read. */
export const useRunning = () =>
  useQuery({
    queryKey: ['jobs'],
    refetchInterval: (query) => ((query.state.data?.length ?? 0) > 0 ? 1_000 : 5_000),
    queryFn: () => unwrap(api.GET('/api/jobs')),
  })
