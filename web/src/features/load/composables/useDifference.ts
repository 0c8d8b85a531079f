import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap, type Radio } from '@/shared/api/client'

/** What writing the list, and settings of the radio, would change in it, against its newest snapshot. */
export const useDifference = (
  radio: Ref<Radio | null>,
  list: Ref<string | null>,
  /** The slots that are left as they are; null for the usual. */
  leave: Ref<number[] | null>,
  /** What settings of the radio shall be set to. */
  settings: Ref<Record<string, string>>,
) =>
  useQuery({
    queryKey: [
      'difference',
      computed(() => radio.value?.id),
      list,
      computed(() => radio.value?.newestSnapshot?.id),
      leave,
      settings,
    ],
    // What is shown while a new answer is on its way is of this radio and this list; never of another.
    placeholderData: (previous, query) =>
      query?.queryKey[1] === radio.value?.id && query?.queryKey[2] === list.value ? previous : undefined,
    enabled: computed(
      () => list.value !== null && !!radio.value?.newestSnapshot && !radio.value.unknownSince,
    ),
    queryFn: () =>
      unwrap(
        api.POST('/api/radios/{id}/plan', {
          params: { path: { id: radio.value?.id ?? '' } },
          body: { listId: list.value ?? '', leave: leave.value, settings: settings.value },
        }),
      ),
  })

/** What putting a snapshot back would change. */
export const useRestoreDifference = (radioId: Ref<string>, snapshotId: Ref<string | null>) =>
  useQuery({
    queryKey: ['restore-difference', radioId, snapshotId],
    enabled: computed(() => snapshotId.value !== null),
    queryFn: () =>
      unwrap(
        api.GET('/api/radios/{id}/snapshots/{snapshotId}/difference', {
          params: { path: { id: radioId.value, snapshotId: snapshotId.value ?? '' } },
        }),
      ),
  })

export const useSnapshots = (radioId: Ref<string | null>) =>
  useQuery({
    queryKey: ['snapshots', radioId],
    enabled: computed(() => radioId.value !== null),
    queryFn: () =>
      unwrap(api.GET('/api/radios/{id}/snapshots', { params: { path: { id: radioId.value ?? '' } } })),
  })
