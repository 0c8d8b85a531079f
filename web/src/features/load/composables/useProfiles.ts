import { useQuery } from '@tanstack/vue-query'
import { api, unwrap } from '@/shared/api/client'
import { useDoing } from '@/shared/composables/useDoing'

/** Settings of radios as somebody likes them; each radio takes those that it has. */
export function useProfiles() {
  const does = useDoing()
  const { data: profiles } = useQuery({
    queryKey: ['setting-profiles'],
    queryFn: () => unwrap(api.GET('/api/setting-profiles')),
  })
  return {
    profiles,
    keep: (name: string, chosen: Record<string, string>) =>
      does(
        () => unwrap(api.POST('/api/setting-profiles', { body: { name, chosen } })),
        `The profile ${name} is kept`,
      ),
    forget: (name: string) =>
      does(
        () => unwrap(api.DELETE('/api/setting-profiles', { params: { query: { name } } })),
        `The profile ${name} is gone`,
      ),
  }
}
