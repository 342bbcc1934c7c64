import { createBooks, type Books } from './books.ts'
import { early, inBrowser } from './early.ts'
import { dropBefore, headOfBefore, rowsOfBefore } from './former.ts'
import { holding } from './held.ts'
import { browserLock } from './lock.ts'
import { newId } from './newId.ts'

/** What reads and writes what the browser keeps: fetched beside the page, not before it. */
export { demoShop } from '@pepper-knot/core/demo'
export { migrate, writeShopFile, imported } from '@pepper-knot/core/ledger'
export { bringBefore, passOver } from './before.ts'
export { Cleared, Newer } from './books.ts'

const CHANNEL = 'pepper-knot'
const boxes = holding(inBrowser)
export { boxes }

/** The store of this browser, and word from other tabs that there is something new. */
export function openBooks(heard: () => void): Books {
  const channel = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(CHANNEL)
  if (channel) channel.onmessage = heard
  return createBooks({
    boxes,
    early,
    former: { head: headOfBefore, rows: rowsOfBefore, drop: dropBefore },
    locked: browserLock(),
    now: () => new Date().toISOString(),
    newId,
    tell: () => channel?.postMessage('changed'),
  })
}
