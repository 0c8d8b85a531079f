import { computed, watch, type Ref } from 'vue'
import type { Row } from '@/shared/api/client'
import { useKeptText } from '@/shared/composables/useKeptText'
import type { useListChanges } from '@/shared/list/useListChanges'

/** The line that is being edited in place; it outlives a reload, like the line on top. */
export function useEditing(row: Ref<Row | null>, changes: ReturnType<typeof useListChanges>) {
  const kept = useKeptText('reckonrod.edit')
  const draft = useKeptText('reckonrod.edit.draft')
  const editing = computed({
    get: () => kept.value || null,
    set: (id: string | null) => (kept.value = id ?? ''),
  })
  /** The line of the channel at the cursor, as it is typed just now. */
  const line = computed(() =>
    editing.value && editing.value === row.value?.id ? draft.value : (row.value?.line ?? ''),
  )
  watch(row, (now, before) => {
    if (before && editing.value && now?.id !== editing.value) editing.value = null
  })

  function edit(of: Row) {
    draft.value = of.line
    editing.value = of.id
  }
  /** Keeps another line for a channel. What cannot be kept stays open as it was typed. */
  async function rewrite(channel: string | null | undefined, next: string) {
    if (channel && (await changes.change({ kind: 'rewrite', channel, line: next }))) editing.value = null
  }
  return { editing, draft, line, edit, rewrite }
}
