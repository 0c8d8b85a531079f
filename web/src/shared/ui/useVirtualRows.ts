import { computed, onBeforeUnmount, onMounted, ref, watch, type Ref } from 'vue'
import { offsets, rowAt } from './grid'

/** So many rows are drawn beyond the edges, and only every so often anew. */
const STRIDE = 8

/** Which of many rows are in view of a box that scrolls, below a head that stays. */
export function useVirtualRows<T>(
  box: Ref<HTMLElement | null>,
  items: () => readonly T[],
  height: (item: T) => number,
  at: Ref<number>,
  head: number,
) {
  const top = ref(0)
  const seen = ref(600)
  const starts = computed(() => offsets(items(), height))
  const total = computed(() => starts.value[items().length] ?? 0)
  const from = computed(() => {
    const first = rowAt(starts.value, top.value)
    return Math.max(0, first - (first % STRIDE) - STRIDE)
  })
  const to = computed(() => {
    const last = rowAt(starts.value, top.value + seen.value)
    return Math.min(items().length, last - (last % STRIDE) + 2 * STRIDE)
  })
  /** Those in view, and always that of the cursor: what is typed into it must not go when somebody looks elsewhere. */
  const drawn = computed(() => {
    const all = items()
    const shown = Array.from({ length: Math.max(0, to.value - from.value) }, (_, i) => from.value + i)
    // In its place among the others: a node that is moved loses its focus.
    if (at.value >= 0 && at.value < from.value) shown.unshift(at.value)
    else if (at.value >= to.value && at.value < all.length) shown.push(at.value)
    return shown.map((index) => ({ item: all[index] as T, index }))
  })

  function look() {
    if (!box.value) return
    top.value = box.value.scrollTop
    seen.value = box.value.clientHeight
  }
  /** Brings the row of the cursor into view without drawing the thousands around it. */
  function show() {
    const pane = box.value
    if (!pane || at.value < 0) return
    const start = starts.value[at.value] ?? 0
    const end = starts.value[at.value + 1] ?? start
    const visible = pane.clientHeight - head
    if (start < pane.scrollTop) pane.scrollTop = start
    else if (end > pane.scrollTop + visible) pane.scrollTop = end - visible
    look()
  }
  watch(() => [at.value, items().length], show, { flush: 'post' })
  watch(starts, look, { flush: 'post' })
  let observer: ResizeObserver | null = null
  onMounted(() => {
    observer = new ResizeObserver(look)
    if (box.value) observer.observe(box.value)
    show()
  })
  onBeforeUnmount(() => observer?.disconnect())
  return { starts, total, drawn, look, show }
}
