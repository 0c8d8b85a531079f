import { ref, watch } from 'vue'

const KEY = 'reckonrod.review'
const text = ref(sessionStorage.getItem(KEY) ?? '')
watch(text, (now) => {
  try {
    sessionStorage.setItem(KEY, now)
  } catch {
    // A listing larger than the browser keeps stays in this tab for as long as it is open.
  }
})

/** The listing that is being reviewed; a reload keeps it, and so do lines that are not in the list yet. */
export const usePastedText = () => text
