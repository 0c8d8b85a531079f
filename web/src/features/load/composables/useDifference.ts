import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap, type Radio } from '@/shared/api/client'

/** What writing the list would change in the radio, against its newest snapshot. */
export const useDifference = (
  radio: Ref<Radio | null>,
  list: Ref<string | null>,
  /** The slots that are left as they are; null for the usual. */
  leave: Ref<number[] | null>,
) =>
  useQuery({
    queryKey: [
      'difference',
      computed(() => radio.value?.id),
      list,
      computed(() => radio.value?.newestSnapshot?.id),
      leave,
    ],
    placeholderData: keepPreviousData,
    enabled: computed(() => list.value !== null && !!radio.value?.newestSnapshot),
    queryFn: () =>
      unwrap(
        api.GET('/api/radios/{id}/difference', {
          params: {
            path: { id: radio.value?.id ?? '' },
            query: { list: list.value ?? '', ...(leave.value ? { leave: leave.value } : {}) },
          },
          // One parameter with commas; an empty one says that nothing is left.
          querySerializer: () =>
            new URLSearchParams({
              list: list.value ?? '',
              ...(leave.value ? { leave: leave.value.join(',') } : {}),
            }).toString(),
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
