import { ref, watch } from 'vue'

const KEY = 'reckonrod.cursor'
const slot = ref(Number(sessionStorage.getItem(KEY) ?? 0))
watch(slot, (now) => sessionStorage.setItem(KEY, String(now)))

/** The slot that the cursor stands at, shared by the rod and the Reckon line; a reload keeps it. */
export const useCursor = () => slot
