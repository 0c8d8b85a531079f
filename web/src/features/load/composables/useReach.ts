import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap, type Radio, type Reached } from '@/shared/api/client'
import { useDoing } from '@/shared/composables/useDoing'

/** How a radio is reached from now on; all else that is known of it stays. */
export function useReach(radio: Ref<Radio>) {
  const does = useDoing()
  const { data: models } = useQuery({
    queryKey: ['models'],
    queryFn: () => unwrap(api.GET('/api/radio-models')),
  })
  return {
    canSimulate: computed(
      () => models.value?.find((each) => each.id === radio.value.modelId)?.ships ?? false,
    ),
    reach: (reached: Reached, at: string) => {
      const { id, name, shelf } = radio.value
      const { label, serial, firmware, antenna, note, version: baseVersion } = shelf
      return does(
        () =>
          unwrap(
            api.PUT('/api/radios/{id}', {
              params: { path: { id } },
              body: { baseVersion, name, label, serial, firmware, antenna, note, reached, at },
            }),
          ),
        `${name} is reached so from now on`,
      )
    },
  }
}
