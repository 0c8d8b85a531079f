import type { Ref } from 'vue'
import { useListChanges } from '@/shared/list/useListChanges'
import { api, unwrap } from '@/shared/api/client'
import { useCursor } from '@/shared/composables/useCursor'
import { useNotice } from '@/shared/composables/useNotice'
import { useOpenList } from '@/shared/composables/useOpenList'
import { joined, usePastedText } from '@/shared/composables/usePastedText'

/** Puts lines into the list one after another, however fast they come. A line that cannot go in is never lost. */
export function usePutting(listId: Ref<string | null>, line: Ref<string>, done: () => Promise<void>) {
  const { open } = useOpenList()
  const { change } = useListChanges(listId)
  const cursor = useCursor()
  const { tell } = useNotice()
  const waiting = usePastedText()
  let before: Promise<void> = Promise.resolve()

  function comesBack(text: string, why: string) {
    if (line.value === '') {
      line.value = text
      if (why) tell(why)
      return
    }
    waiting.value = joined(waiting.value, text)
    tell(`“${text}” was not put in${why ? `: ${why}` : ''}. It waits under Lines to review.`)
  }

  /** What speaks against a line that was entered before its answer was there. */
  async function against(text: string) {
    const list = open.value
    if (!list) return 'There is no list to put it into.'
    const body = {
      line: text,
      bandPlan: list.bandPlan,
      licence: list.licence,
      published: null,
      before: null,
      list: null,
      slot: null,
    }
    const answer = await unwrap(api.POST('/api/reckon', { body }))
    return answer.findings.find((each) => each.severity === 'error')?.message ?? ''
  }

  async function one(text: string, looked: boolean, here: boolean) {
    try {
      const why = looked ? '' : await against(text)
      if (why) comesBack(text, why)
      else if (await change({ kind: 'put', slot: cursor.value, lines: [text], here, block: null }))
        await done()
      else comesBack(text, '')
    } catch (cause) {
      comesBack(text, cause instanceof Error ? cause.message : String(cause))
    }
  }

  /**
   * Sends a line.
   *
   * @param looked whether the person saw its answer and means it
   * @param here whether it goes to the slot at the cursor, whatever belongs where
   */
  function send(text: string, looked: boolean, here: boolean) {
    before = before.then(() => one(text, looked, here))
    return before
  }

  return { send }
}
