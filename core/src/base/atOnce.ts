/** Runs work that yields how far it is, without a pause. */
export function atOnce<T>(work: Generator<number, T>): T {
  for (;;) {
    const next = work.next()
    if (next.done) return next.value
  }
}
