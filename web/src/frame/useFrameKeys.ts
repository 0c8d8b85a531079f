import { onBeforeUnmount, onMounted } from 'vue'
import { useRouter } from 'vue-router'
import { isScreens, toScreen } from '@/shared/keys/useScreen'
import { stepOfKey } from './steps'

/** The line on top, as the keyboard needs it. */
export interface Line {
  focus: () => void
  /** Goes on with what was begun elsewhere. */
  type: (text: string) => void
  /** Looks at letters that come right after a line was put in; whether it took the key. */
  typeAhead: (event: KeyboardEvent) => boolean
}

/** Every key goes through here: to another step, to the line, to the page of keys, or to the screen. */
export function useFrameKeys(line: () => Line | null, showKeys: () => void) {
  const router = useRouter()
  function onKey(event: KeyboardEvent) {
    const step = event.altKey ? stepOfKey(event.key) : undefined
    if (step) {
      event.preventDefault()
      void router.push({ name: step.name })
      return
    }
    if (!isScreens(event) || line()?.typeAhead(event)) return
    const plain = !event.ctrlKey && !event.metaKey
    if (plain && (event.key === '/' || event.key === '?')) {
      event.preventDefault()
      if (event.key === '/') line()?.focus()
      else showKeys()
      return
    }
    toScreen(event, (text) => line()?.type(text))
  }
  onMounted(() => addEventListener('keydown', onKey))
  onBeforeUnmount(() => removeEventListener('keydown', onKey))
}
