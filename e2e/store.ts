import { expect, type Page } from '@playwright/test'

/** The browser’s store, looked at from outside the page’s own code. */
export interface Stored {
  version?: number
  versions: { clock: Record<string, number>; content: Record<string, unknown> }[]
}
const BOXES = ['records', 'runs', 'entries', 'meta'] as const
type Dump = Record<(typeof BOXES)[number], [string, Stored][]>

const BASE = 'pepper-knot-store'
export const inStore = (page: Page): Promise<Dump> =>
  page.evaluate(
    async ([base, boxes]) => {
      const found: Record<string, [string, unknown][]> = Object.fromEntries(boxes.map((box) => [box, []]))
      // Looking into a base makes it.
      if (!(await indexedDB.databases()).some(({ name }) => name === base)) return found
      const db = await new Promise<IDBDatabase>((resolve) => {
        const opening = indexedDB.open(base)
        opening.onsuccess = () => resolve(opening.result)
      })
      for (const box of boxes) {
        const store = db.transaction(box).objectStore(box)
        const ask = <T>(request: IDBRequest<T>) =>
          new Promise<T>((resolve) => (request.onsuccess = () => resolve(request.result)))
        const [keys, values] = [await ask(store.getAllKeys()), await ask(store.getAll())]
        found[box] = keys.map((key, i) => [String(key), values[i]])
      }
      db.close()
      return found
    },
    [BASE, BOXES as readonly string[]] as const,
  ) as Promise<Dump>

const write = (page: Page, box: string, key: string | null, value: unknown) =>
  page.evaluate(
    async ([base, box, key, value]) => {
      const db = await new Promise<IDBDatabase>((resolve) => {
        const opening = indexedDB.open(base as string)
        opening.onsuccess = () => resolve(opening.result)
      })
      const transaction = db.transaction(box as string, 'readwrite')
      if (key === null) transaction.objectStore(box as string).clear()
      else transaction.objectStore(box as string).put(value, key as string)
      await new Promise((resolve) => (transaction.oncomplete = resolve))
      db.close()
    },
    [BASE, box, key, value],
  )
/** Makes of the store one of version 2, which had a base a box, and takes this one out. */
export async function asVersion2(page: Page) {
  const dump = await inStore(page)
  await page.goto('/api/v1/info')
  await page.evaluate(
    async ([base, dump]) => {
      for (const [box, rows] of Object.entries(dump)) {
        const db = await new Promise<IDBDatabase>((resolve) => {
          const opening = indexedDB.open(`pepper-knot-${box}`, 2)
          opening.onupgradeneeded = () => {
            for (const name of [box, 'local-forage-detect-blob-support'])
              opening.result.createObjectStore(name)
          }
          opening.onsuccess = () => resolve(opening.result)
        })
        const transaction = db.transaction(box, 'readwrite')
        for (const [key, value] of rows)
          transaction.objectStore(box).put(key === 'head' ? { ...value, version: 2 } : value, key)
        await new Promise((resolve) => (transaction.oncomplete = resolve))
        db.close()
      }
      await new Promise((resolve) => (indexedDB.deleteDatabase(base).onsuccess = resolve))
    },
    [BASE, dump] as const,
  )
}
/** Puts a value in the store, or changes the one that is there. */
export async function put(
  page: Page,
  box: (typeof BOXES)[number],
  key: string,
  change: object | ((value: Stored) => void),
): Promise<void> {
  if (typeof change !== 'function') return write(page, box, key, change)
  const value = (await inStore(page))[box].find(([k]) => k === key)![1]
  change(value)
  await write(page, box, key, value)
}
export async function clear(page: Page) {
  for (const box of BOXES) await write(page, box, null, null)
}
/** Waits until the page would let one leave without asking: all that was touched is written. */
export const written = (page: Page) =>
  expect
    .poll(() =>
      page.evaluate(() => {
        const leaving = new Event('beforeunload', { cancelable: true })
        window.dispatchEvent(leaving)
        return leaving.defaultPrevented
      }),
    )
    .toBe(false)
/** Waits until the store says something, and nothing more is on its way there. */
export async function kept(page: Page, text: string) {
  await expect.poll(async () => JSON.stringify(await inStore(page))).toContain(text)
  await written(page)
}

/** What the version before this one kept: the whole shop as one text. */
export async function beforeOpening(page: Page, text: string) {
  await page.goto('/api/v1/info')
  await writeBefore(page, text)
}
export const writeBefore = (page: Page, text: string) =>
  page.evaluate(async (text) => {
    const db = await new Promise<IDBDatabase>((resolve) => {
      const opening = indexedDB.open('pepper-knot')
      opening.onupgradeneeded = () => opening.result.createObjectStore('shop')
      opening.onsuccess = () => resolve(opening.result)
    })
    const transaction = db.transaction('shop', 'readwrite')
    transaction.objectStore('shop').put(text, 'shop')
    transaction.objectStore('shop').put('shop', 'shop-at')
    await new Promise((resolve) => (transaction.oncomplete = resolve))
    db.close()
  }, text)

export interface KeptMachine {
  name: string
  fitted: Record<string, unknown>
  standing?: { openEnds?: string[] } & Record<string, unknown>
  upkeep?: Record<string, string>
}
/** A machine as it is written down. */
export const machineOf = async (page: Page, name: string): Promise<KeptMachine> => {
  await written(page)
  const { records } = await inStore(page)
  const machines = records.flatMap(([key, { versions }]) =>
    key.startsWith('machine') ? [versions[0]!.content] : [],
  )
  return machines.find((m) => m.name === name) as unknown as KeptMachine
}
