import { computed, ref, type Ref } from 'vue'
import type { Schemas } from '@/shared/api/client'
import type { ReviewLine } from './useReview'

/** Which lines go in: good ones by themselves, doubtful ones when the person says so. A choice is kept by the line's own words. */
export function useChosenLines(review: Ref<Schemas['ReviewView'] | undefined>, filed: Ref<boolean>) {
  const chosen = ref(new Map<string, boolean>())
  const goesIn = (line: ReviewLine) =>
    line.sum !== null && (chosen.value.get(line.line) ?? line.verdict === 'good')
  const going = computed(() => review.value?.lines.filter(goesIn) ?? [])
  const fitting = computed(() =>
    filed.value ? going.value : going.value.slice(0, review.value?.freeSlots ?? 0),
  )

  function choose(line: ReviewLine) {
    if (line.sum !== null) chosen.value = new Map(chosen.value).set(line.line, !goesIn(line))
  }
  /** Every line that gives a channel without an error goes in, doubts and all. */
  function letAllIn() {
    const next = new Map(chosen.value)
    for (const line of review.value?.lines ?? []) if (line.verdict === 'doubtful') next.set(line.line, true)
    chosen.value = next
  }
  return { goesIn, going, fitting, choose, letAllIn }
}
