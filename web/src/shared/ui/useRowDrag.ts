import { ref, shallowRef } from 'vue'

/** A row that is dragged onto another. */
export function useRowDrag<T>(textOf: (item: T) => string, dropped: (from: T, on: T) => void) {
  const dragged = shallowRef<T | null>(null)
  const over = ref(-1)
  function begin(event: DragEvent, item: T) {
    dragged.value = item
    event.dataTransfer?.setData('text/plain', textOf(item))
  }
  function end() {
    dragged.value = null
    over.value = -1
  }
  function drop(item: T) {
    const from = dragged.value
    end()
    if (from !== null && from !== item) dropped(from, item)
  }
  return { over, begin, drop, end }
}
