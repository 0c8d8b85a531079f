import { ref, watch, type Ref } from 'vue'

const kept = new Map<string, Ref<string>>()

/** A text that a reload keeps, one for each key, until the tab is closed. */
export function useKeptText(key: string) {
  const known = kept.get(key)
  if (known) return known
  const text = ref(sessionStorage.getItem(key) ?? '')
  watch(text, (now) => {
    try {
      sessionStorage.setItem(key, now)
    } catch {
      // A text larger than the browser keeps stays in this tab for as long as it is open.
    }
  })
  kept.set(key, text)
  return text
}
