import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, unwrap, type Schemas } from '@/shared/api/client'
import type { Seen } from './useFieldLog'

export type Diagnosis = Schemas['DiagnosisView']
export type Ranked = Schemas['RankedView']

export interface Tried {
  listId: string
  channelId: string
  radioId: string | null
  at: string | null
  seen: Seen[]
  answers: Record<string, string>
}

/** Why a channel is silent, by what was answered so far. */
export const useDiagnosis = (tried: Ref<Tried | null>) =>
  useQuery({
    queryKey: ['diagnosis', tried],
    enabled: computed(() => tried.value !== null),
    // The ranking moves instead of going away with each answer.
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) => unwrap(api.POST('/api/prove/diagnosis', { body: tried.value as Tried, signal })),
  })

export const useCalling = () =>
  useQuery({
    queryKey: ['calling'],
    staleTime: Infinity,
    queryFn: () => unwrap(api.GET('/api/prove/calling')),
  })
