import localforage from 'localforage'
import { inTime, NoAnswer } from './inTime.ts'
import { writeShopFile, type Problem, type Shop } from '@pepper-knot/core'

const about = {
  name: 'pepper-knot',
  storeName: 'shop',
  description: 'The shop, its machines, parts and changeovers',
}
/** The one store there is. Another kind of store in its place would be empty, and hide it. */
const box = localforage.createInstance({ ...about, driver: localforage.INDEXEDDB })
/** Where an earlier version wrote when the browser would not open the real one. */
const fallback = localforage.createInstance({ ...about, driver: localforage.LOCALSTORAGE })

/** The shop lies in one of two places; which of them holds is written last, once the new text was read back. */
const PLACES = ['shop', 'shop-b'] as const
type PlaceName = (typeof PLACES)[number]
const HOLDS = 'shop-at'
const ASIDE = 'aside/'

/** Pauses before a failed reading is tried again, ms. */
const AGAIN_MS = [150, 500, 1500]

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms))
/** Reading is safe to repeat: what fails once is tried again. */
async function tried<T>(read: () => Promise<T>): Promise<T> {
  for (const ms of AGAIN_MS) {
    try {
      return await inTime(read())
    } catch (error) {
      if (error instanceof NoAnswer) throw error
      await pause(ms)
    }
  }
  return inTime(read())
}

export interface AsideText {
  key: string
  /** ISO time at which it was laid aside. */
  at: string
  text: string
}
export type Loaded =
  | { state: 'empty' }
  /** `aside`: how many records the shop opens without; they are laid aside. */
  | { state: 'ready'; shop: Shop; aside: number }
  | { state: 'unreadable'; problems: Problem[]; text: string }
  | { state: 'failed'; answers: boolean }

/**
 * What is known to lie in the store: what was read or written last. `undefined` until something was: then nothing is
 * written over it unseen.
 */
let known: string | null | undefined
let holds: PlaceName = PLACES[0]

const holding = async (): Promise<PlaceName> => {
  const at = await box.getItem<string>(HOLDS)
  return PLACES.find((place) => place === at) ?? PLACES[0]
}

async function readText(): Promise<string | null> {
  await box.ready()
  holds = await holding()
  const text = await box.getItem<string>(holds)
  if (text !== null) return text
  // Half written: what the other place holds is the last good one.
  const other = PLACES.find((place) => place !== holds)!
  const older = await box.getItem<string>(other)
  if (older !== null) holds = other
  return older
}

/** What an earlier version left in the fallback store: it is the shop where there is no other, else it is kept aside. */
async function takeFallback(text: string | null): Promise<string | null> {
  const key = `${about.name}/${about.storeName}/${PLACES[0]}`
  if (typeof localStorage === 'undefined' || localStorage.getItem(key) === null) return text
  const old = await fallback.getItem<string>(PLACES[0])
  if (old === null || old === text) return text
  if (text !== null) await layAside(old)
  else await box.setItem(holds, old)
  await fallback.removeItem(PLACES[0])
  return text ?? old
}

/** Opens what the browser kept. What cannot be read is handed over as it is and laid aside, never thrown away. */
export async function loadShop(unnamed: string): Promise<Loaded> {
  try {
    const text = await tried(async () => takeFallback(await readText()))
    known = text
    if (text === null) return { state: 'empty' }
    const { openKept } = await import('./checks.ts')
    const opened = openKept(text, unnamed)
    if (!opened.ok) return await lastGood(text, opened.problems, unnamed)
    const { shop, aside } = opened.value
    if (aside.length) await tried(() => layAside(JSON.stringify(aside, null, 2)))
    return { state: 'ready', shop, aside: aside.length }
  } catch (error) {
    return {
      state: 'failed',
      answers: !(error instanceof NoAnswer),
    }
  }
}

/** Where the newest text is spoilt, the one before it is opened, and the spoilt one laid aside; never one of a newer version. */
async function lastGood(text: string, problems: Problem[], unnamed: string): Promise<Loaded> {
  const other = PLACES.find((place) => place !== holds)!
  const before = await box.getItem<string>(other)
  const { openKept } = await import('./checks.ts')
  const opened = before === null ? undefined : openKept(before, unnamed)
  if (!opened?.ok || problems.some((p) => p.path === 'version'))
    return { state: 'unreadable', problems, text }
  await tried(() => layAside(text))
  return { state: 'ready', shop: opened.value.shop, aside: 1 }
}

/** Lays a text aside under the time it is, once. */
async function layAside(text: string): Promise<void> {
  const before = await asideTexts()
  if (before.some((one) => one.text === text)) return
  let key = `${ASIDE}${new Date().toISOString()}`
  while ((await box.getItem(key)) !== null) key += '+'
  await box.setItem(key, text)
}

/** Everything that was laid aside, the newest first. */
export async function asideTexts(): Promise<AsideText[]> {
  const keys = (await box.keys()).filter((key) => key.startsWith(ASIDE))
  const texts = await Promise.all(keys.map((key) => box.getItem<string>(key)))
  return keys
    .map((key, i) => ({ key, at: key.slice(ASIDE.length).replace(/\+*$/, ''), text: texts[i] ?? '' }))
    .sort((a, b) => (a.at < b.at ? 1 : -1))
}
export const removeAside = (key: string): Promise<void> => box.removeItem(key)

/**
 * Keeps a shop that is not the one read: what stands in the store is laid aside before anything is written, and
 * where it cannot be looked at nothing is.
 */
export async function keepAside(): Promise<void> {
  const there = await tried(readText)
  if (there !== null) await layAside(there)
  known = there
}

/**
 * Writes the shop beside the last good one, reads it back, and only then says that this one holds.
 * @throws whatever the browser says; the last good shop then still holds
 */
export async function saveShop(shop: Shop): Promise<void> {
  if (known === undefined) await keepAside()
  const text = writeShopFile(shop, new Date().toISOString())
  holds = await holding()
  const next = known === null ? holds : PLACES.find((place) => place !== holds)!
  await box.setItem(next, text)
  if ((await box.getItem<string>(next)) !== text) throw new Error('What was written was not read back.')
  await box.setItem(HOLDS, next)
  holds = next
  known = text
}
