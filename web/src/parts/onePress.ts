/** A second touch within this time is the first one's shadow, ms. */
const DOUBLE_MS = 350

/**
 * One press, one step: a held key repeats and a glove touches twice, and neither may run past a step that nobody has
 * read. What was accepted from elsewhere is told by `accept()` without an event.
 * @returns whether this press counts
 */
export function useOnePress(): (event?: Event) => boolean {
  // What brought the page here, a touch on its last button, is a press too.
  let last = performance.now()
  return (event) => {
    if (event instanceof KeyboardEvent && event.repeat) return false
    // A click made by a key has no count.
    const touched = event instanceof MouseEvent && event.detail > 0
    if (touched && (event.detail > 1 || event.timeStamp - last < DOUBLE_MS)) return false
    last = event?.timeStamp ?? performance.now()
    return true
  }
}

/** Keeps a held Enter from pressing the button under it again and again. */
export function noRepeat(event: KeyboardEvent) {
  if (event.repeat) event.preventDefault()
}
