import { computed, nextTick, ref, watch, type Ref } from 'vue'
import { api, unwrap } from '@/shared/api/client'
import { useKeptText } from '@/shared/composables/useKeptText'
import { useNotice } from '@/shared/composables/useNotice'
import { useOpenList } from '@/shared/composables/useOpenList'
import { joined, useArrivedText, usePastedText } from '@/shared/composables/usePastedText'
import { counted } from '@/shared/words'
import type { Schemas } from '@/shared/api/client'
import type { ReviewLine } from './useReview'

type ReadLines = Schemas['LinesView']
type TableColumns = Schemas['TableColumns']
export type AskedTable = TableColumns & { text: string; behind: string }

/** The text that is under review, and what is done to it. It stays through a reload until its lines are in the list. */
export function useListing(stale: Ref<boolean>, focus: () => void) {
  const { open } = useOpenList()
  const { tell, tellProblem } = useNotice()
  const text = usePastedText()
  const arrived = useArrivedText()
  const draft = useKeptText('reckonrod.review.draft')
  const before = ref('')

  const parts = () => text.value.split(/\r?\n/)
  /** While an edit is still being worked out the numbers shown may be those of the text before it. */
  const stands = (all: string[], line: ReviewLine) => all[line.number - 1]?.trim() === line.line

  /** Puts other words, or none, in place of a line. */
  function rewrite(line: ReviewLine, next: string | null) {
    const all = parts()
    if (!stands(all, line)) return
    all.splice(line.number - 1, 1, ...(next === null ? [] : [next]))
    text.value = all.join('\n')
  }
  /** The first mend of every line that has the same to be mended. */
  function mendAll(code: string, lines: ReviewLine[]) {
    if (stale.value) return
    const all = parts()
    for (const line of lines) {
      const fix = line.findings.find((each) => each.code === code)?.fixes[0]
      if (fix && stands(all, line)) all[line.number - 1] = fix.line
    }
    before.value = text.value
    text.value = all.join('\n')
    tell(`${counted(lines.length, 'line')} mended; Ctrl+Z takes it back`)
  }
  function clear() {
    before.value = text.value
    text.value = ''
    tell('The lines are cleared; Ctrl+Z brings them back')
  }
  function back() {
    if (!before.value) return
    text.value = before.value
    before.value = ''
  }
  function without(lines: ReviewLine[]) {
    const gone = new Set(lines.map((each) => each.number))
    text.value = parts()
      .filter((line, i) => !gone.has(i + 1) && line.trim() !== '')
      .join('\n')
    return text.value.trim() ? parts().length : 0
  }

  /** A table whose columns a person has to explain, and the lines that it comes behind. */
  const asked = ref<AskedTable | null>(null)
  function tellRead(read: ReadLines) {
    const left = read.leftOut.length ? `. Left out: ${read.leftOut.join(', ')}` : ''
    const aside = read.setAside.length ? `. Skipped: ${read.setAside.join('; ')}` : ''
    const unread = read.unread
      ? `. ${counted(read.unread, 'row')} could not be read and stay as they are`
      : ''
    tell(`Read by the headings of the table${left}${aside}${unread}`)
  }
  /** A table with headings becomes lines first, so that its columns are read as what they are. */
  async function begin(pasted: string, behind = '', columns?: string[]) {
    if (!open.value) {
      text.value = joined(behind, pasted)
      return true
    }
    let read: ReadLines
    try {
      const body = { text: pasted, bandPlan: open.value.bandPlan, columns: columns ?? null }
      read = await unwrap(api.POST('/api/lines', { body }))
    } catch (cause) {
      // Read without its headings a table may come out wrong, so nothing is read.
      tellProblem(cause)
      return false
    }
    if (read.columns) {
      asked.value = { text: pasted, behind, ...read.columns }
      return false
    }
    asked.value = null
    if (read.table) tellRead(read)
    text.value = joined(behind, read.text)
    return true
  }
  async function workOut() {
    if (await begin(draft.value)) draft.value = ''
  }
  async function readAsked(columns: string[]) {
    const table = asked.value
    if (!table || !(await begin(table.text, table.behind, columns))) return
    // Other text that was typed there before stays.
    if (draft.value.endsWith(table.text)) draft.value = draft.value.slice(0, -table.text.length).trimEnd()
    await nextTick()
    focus()
  }
  function leaveAsked() {
    asked.value = null
    if (text.value.trim()) editAsText()
  }
  function editAsText() {
    draft.value = joined(draft.value, text.value)
    text.value = ''
  }

  // What comes in does not join what was left there before, unless that is said.
  const asksWhere = computed(() => arrived.value.trim() !== '' && text.value.trim() !== '')
  async function takeArrived(join: boolean) {
    const lines = arrived.value
    const behind = join ? text.value : ''
    arrived.value = ''
    if (!(await begin(lines, behind))) {
      // Kept where it can be corrected, and where a reload finds it.
      draft.value = joined(draft.value, lines)
      if (!join) text.value = ''
    }
    await nextTick()
    focus()
  }
  watch(
    [arrived, open],
    () => {
      if (open.value && arrived.value.trim() && !text.value.trim()) void takeArrived(false)
    },
    { immediate: true },
  )
  return {
    text,
    arrived,
    draft,
    asked,
    readAsked,
    leaveAsked,
    asksWhere,
    takeArrived,
    workOut,
    editAsText,
    rewrite,
    mendAll,
    clear,
    back,
    without,
  }
}
