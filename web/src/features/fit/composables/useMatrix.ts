import { useQuery } from '@tanstack/vue-query'
import { computed, ref, type Ref } from 'vue'
import { api, unwrap, type ListView, type Row, type Schemas } from '@/shared/api/client'

type Fit = Schemas['RowFit']
export type Mark = Fit['mark']
const MARKS: Mark[] = ['left_out', 'by_hand', 'adapted', 'exact']
export const wordsOf = (mark: Mark) => mark.replace('_', ' ')

/** The channels of a list against all radios, and which of them are looked at. */
export function useMatrix(list: Ref<ListView | undefined>) {
  const mark = ref<Mark | null>(null)
  const radio = ref<string | null>(null)
  const reason = ref<string | null>(null)
  const concerned = (row: Row) =>
    row.fits.filter((fit) => radio.value === null || fit.radioId === radio.value)
  const rows = computed(() => list.value?.rows ?? [])
  const shown = computed(() =>
    rows.value.filter((row) =>
      concerned(row).some(
        (fit) =>
          (mark.value === null || fit.mark === mark.value) &&
          (reason.value === null || fit.reasons.some((each) => each.code === reason.value)),
      ),
    ),
  )
  /** How many channels have a mark in one of the radios that are looked at. */
  const marks = computed(() =>
    MARKS.map((kind) => ({
      kind,
      words: wordsOf(kind),
      count: rows.value.filter((row) => concerned(row).some((fit) => fit.mark === kind)).length,
    })),
  )
  /** Every reason that there is, in the words of its first channel. */
  const reasons = computed(() => {
    const all = new Map<string, string>()
    for (const row of rows.value)
      for (const fit of concerned(row))
        for (const each of fit.reasons) if (!all.has(each.code)) all.set(each.code, each.why)
    return [...all].map(([value, title]) => ({ value, title }))
  })
  /** How each radio carries the list. */
  const totals = computed(() =>
    (list.value?.radios ?? []).map((each) => {
      const fits = rows.value.map((row) => row.fits.find((fit) => fit.radioId === each.id)?.mark)
      return {
        ...each,
        counts: MARKS.map((kind) => ({ kind, count: fits.filter((fit) => fit === kind).length })).filter(
          ({ count }) => count > 0,
        ),
      }
    }),
  )
  return { mark, radio, reason, shown, marks, reasons, totals }
}

/** What every radio makes of one channel, with what would mend it. */
export const useChannelFits = (list: Ref<ListView | undefined>, channel: Ref<string | null>) =>
  useQuery({
    queryKey: ['fit', 'channel', computed(() => list.value?.id), computed(() => list.value?.mark), channel],
    enabled: computed(() => !!list.value && channel.value !== null),
    queryFn: () =>
      unwrap(
        api.GET('/api/lists/{id}/channels/{channel}/fits', {
          params: { path: { id: list.value?.id ?? '', channel: channel.value ?? '' } },
        }),
      ),
  })
