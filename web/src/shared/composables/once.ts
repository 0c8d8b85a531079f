/** A work that is not begun a second time while it is under way: what a double click asks for is one thing. */
export function once<A extends unknown[]>(work: (...given: A) => Promise<unknown>) {
  let running = false
  return async (...given: A) => {
    if (running) return
    running = true
    try {
      await work(...given)
    } finally {
      running = false
    }
  }
}
