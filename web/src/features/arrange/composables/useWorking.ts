import { computed, type Ref } from 'vue'
import type { Finding, ListView, Row } from '@/shared/api/client'
import { useReckon } from '@/shared/reckon/useReckon'

/** The worked answer of the channel at the cursor, and what there is to say against it. */
export function useWorking(list: Ref<ListView | undefined>, row: Ref<Row | null>, line: Ref<string>) {
  const edited = computed(() => row.value !== null && line.value !== row.value.line)
  const { answer, problem } = useReckon(() =>
    list.value && row.value
      ? {
          line: line.value,
          bandPlan: list.value.bandPlan.id,
          licence: list.value.licence,
          published: row.value.published,
          before: edited.value ? row.value.line : undefined,
        }
      : null,
  )
  /** While the line is edited its own findings count; else those of the channel in its list, laid aside or not. */
  const findings = computed<Finding[]>(() => {
    if (edited.value) return answer.value?.findings ?? []
    const known = row.value?.findings ?? []
    const seen = new Set(
      [...known, ...(row.value?.laidAside.map((each) => each.finding) ?? [])].map((each) => each.code),
    )
    return [...known, ...(answer.value?.findings.filter((each) => !seen.has(each.code)) ?? [])]
  })
  return { edited, answer, problem, findings }
}
