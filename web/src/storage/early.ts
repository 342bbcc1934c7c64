import { browserBoxes, type Look } from './boxes.ts'

export const inBrowser = browserBoxes()
/** Begun as the page begins, beside the code that reads it; who has the lock sees whether it still stands so. */
let look: Promise<Look | undefined> | undefined = inBrowser.look().catch(() => undefined)
/** What was seen then; asked once. */
export const early = () => {
  const seen = look
  look = undefined
  return seen
}
