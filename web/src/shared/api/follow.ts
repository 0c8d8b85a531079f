import { onScopeDispose, ref } from 'vue'

const AGAIN_MS = 2_000

/**
 * Follows long work as it stands on the server. Each event is the whole state, so a stream may begin at any moment; the browser
 * begins it anew by itself when it is cut.
 */
export function useStream<V>(event: string, told: (state: V) => void, goesOn: (state: V) => boolean) {
  const lost = ref(false)
  let stream: EventSource | null = null
  let again = 0

  function end() {
    clearTimeout(again)
    stream?.close()
    stream = null
  }
  function close() {
    end()
    lost.value = false
  }
  function open(address: string) {
    end()
    stream = new EventSource(address)
    stream.addEventListener(event, (message) => {
      lost.value = false
      const state = JSON.parse(message.data) as V
      if (!goesOn(state)) close()
      told(state)
    })
    stream.onerror = () => {
      lost.value = true
      // Turned away, not cut: the browser leaves it at that.
      if (stream?.readyState === EventSource.CLOSED) again = window.setTimeout(() => open(address), AGAIN_MS)
    }
  }
  onScopeDispose(end)
  return { open, close, lost }
}
