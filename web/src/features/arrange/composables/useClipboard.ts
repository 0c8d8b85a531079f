import { onBeforeUnmount, onMounted } from 'vue'
import { useRouter } from 'vue-router'
import { api, unwrap, type ListView } from '@/shared/api/client'
import { joined, useArrivedText } from '@/shared/composables/usePastedText'
import { useNotice } from '@/shared/composables/useNotice'
import type { useListChanges } from '@/shared/list/useListChanges'
import { isCovered, isTyping } from '@/shared/keys/useScreen'
import { counted } from '@/shared/words'

/** Onto the clipboard, also where the browser has its newer way for pages from this machine or over TLS only. */
async function onto(text: string) {
  if (window.isSecureContext) return navigator.clipboard.writeText(text)
  const area = document.createElement('textarea')
  area.value = text
  document.body.append(area)
  area.select()
  const done = document.execCommand('copy')
  area.remove()
  if (!done) throw new Error('The browser did not let the channels onto the clipboard. Nothing was cut.')
}

/**
 * Channels go to the clipboard as a table that a spreadsheet takes, and come from there by the review that all lines have. Cut
 * channels leave the list only when they are on the clipboard.
 */
export function useClipboard(
  list: () => ListView | undefined,
  chosen: () => string[],
  changes: ReturnType<typeof useListChanges>,
) {
  const { tell, tellProblem } = useNotice()
  const arrived = useArrivedText()
  const router = useRouter()

  async function copy(cut: boolean) {
    const now = list()
    const channels = chosen()
    if (!now) return
    if (!channels.length) return void tell('There is no channel at the cursor, and none is marked')
    try {
      const copied = await unwrap(
        api.POST('/api/lists/{id}/copied', { params: { path: { id: now.id } }, body: { channels } }),
      )
      await onto(copied.text)
      if (cut) await changes.say({ kind: 'delete-many', channels })
      else
        tell(`${counted(copied.channels, 'channel')} copied; Ctrl+V puts them into a list or a spreadsheet`)
    } catch (cause) {
      tellProblem(cause)
    }
  }
  /** Text that somebody has chosen with the mouse, or a field, has its own clipboard. */
  const isElsewhere = (event: ClipboardEvent) =>
    isTyping(event.target) || isCovered() || (window.getSelection()?.toString() ?? '') !== ''
  function onCopy(event: ClipboardEvent) {
    if (isElsewhere(event)) return
    event.preventDefault()
    void copy(event.type === 'cut')
  }
  function onPaste(event: ClipboardEvent) {
    const text = event.clipboardData?.getData('text/plain') ?? ''
    if (isTyping(event.target) || isCovered() || !text.trim()) return
    event.preventDefault()
    arrived.value = joined(arrived.value, text)
    void router.push({ name: 'review' })
  }
  onMounted(() => {
    document.addEventListener('copy', onCopy)
    document.addEventListener('cut', onCopy)
    document.addEventListener('paste', onPaste)
  })
  onBeforeUnmount(() => {
    document.removeEventListener('copy', onCopy)
    document.removeEventListener('cut', onCopy)
    document.removeEventListener('paste', onPaste)
  })
}
