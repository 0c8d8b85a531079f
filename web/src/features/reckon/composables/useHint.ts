import { computed, type Ref } from 'vue'
import type { ReckonAnswer } from '@/shared/api/client'

export const hasErrors = (answer: ReckonAnswer | null) =>
  answer?.findings.some((each) => each.severity === 'error') ?? false

/** What the keys do with the line as it is answered. */
export function useHint(answer: Ref<ReckonAnswer | null>, cursor: Ref<number>, isConfirmed: () => boolean) {
  const mends = computed(() =>
    answer.value?.findings.some((each) => each.fixes.length) ? 'Ctrl+. takes the first mend' : '',
  )
  const puts = computed(() => {
    if (!answer.value?.answered) return ''
    const place = answer.value.place
    if (place?.refused)
      return place.block ? `${place.refused} Ctrl+Enter puts it into slot ${cursor.value}.` : place.refused
    if (!hasErrors(answer.value))
      return `Enter puts it into slot ${place?.slot ?? cursor.value}${
        place?.block ? ` of block ${place.block} · Ctrl+Enter into slot ${cursor.value}` : ''
      } · Shift+Enter keeps the line`
    return isConfirmed()
      ? 'Enter again puts it in as it is'
      : 'Mend it, or press Enter twice to put it in as it is'
  })
  return computed(() => [mends.value, puts.value].filter(Boolean).join(' · '))
}
