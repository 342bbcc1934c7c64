import localforage from 'localforage'
import { z } from 'zod'
import { BOX_NAMES, type BoxName, type Put } from './boxes.ts'

/** What earlier versions of this program kept, and may still be keeping in a tab that was not closed since. */
const NAME = 'pepper-knot'
const instance = (name: string, storeName: string, driver = localforage.INDEXEDDB) =>
  // The one kind of store there is: another kind in its place would be empty, and hide it.
  localforage.createInstance({ name, storeName, driver })

/** Asked first where the browser can say: looking into a base makes it. */
async function exists(name: string): Promise<boolean> {
  if (typeof indexedDB === 'undefined' || !('databases' in indexedDB)) return true
  return (await indexedDB.databases()).some((base) => base.name === name)
}

/** Where version 1 kept the whole shop as one text, and where it fell back to. */
const text = () => instance(NAME, 'shop')
const fallback = () => instance(NAME, 'shop', localforage.LOCALSTORAGE)
const PLACES = ['shop', 'shop-b'] as const
const HOLDS = 'shop-at'

/** What version 1 holds, or holds by now. `null`: nothing. */
export async function textOfBefore(): Promise<{ text: string; older: string | null } | null> {
  if (!(await exists(NAME))) return textOfFallback()
  const before = text()
  const at = await before.getItem<string>(HOLDS)
  const holds = PLACES.find((place) => place === at) ?? PLACES[0]
  const other = PLACES.find((place) => place !== holds)!
  const [now, older] = [await before.getItem<string>(holds), await before.getItem<string>(other)]
  if (now !== null) return { text: now, older }
  return older !== null ? { text: older, older: null } : textOfFallback()
}
async function textOfFallback() {
  if (typeof localStorage === 'undefined' || localStorage.getItem(`${NAME}/shop/${PLACES[0]}`) === null)
    return null
  const kept = await fallback().getItem<string>(PLACES[0])
  return kept === null ? null : { text: kept, older: null }
}
/** What it laid aside. */
export async function asideOfBefore(): Promise<[string, string][]> {
  if (!(await exists(NAME))) return []
  const before = text()
  const keys = (await before.keys()).filter((key) => key.startsWith('aside/'))
  return Promise.all(
    keys.map(async (key): Promise<[string, string]> => [key, (await before.getItem<string>(key)) ?? '']),
  )
}

/** Version 2 kept a base a box, and wrote a batch to a journal first. */
const nameOf = (box: BoxName) => `${NAME}-${box}`
const journalSchema = z.object({
  puts: z.array(z.object({ box: z.enum(BOX_NAMES), key: z.string().min(1), value: z.unknown().optional() })),
})
const JOURNAL = 'journal'
const HEAD = 'head'

/** How far version 2 has written; nothing where there is no store of it. */
export async function headOfBefore(): Promise<{ device: string; seq: number } | undefined> {
  if (!(await exists(nameOf('meta')))) return undefined
  const head = z
    .object({ device: z.string(), seq: z.number() })
    .safeParse(await instance(nameOf('meta'), 'meta').getItem(HEAD))
  return head.success ? head.data : undefined
}
/** All that version 2 keeps, a batch that was cut off finished. */
export async function rowsOfBefore(): Promise<Put[]> {
  const found = new Map<string, Put>()
  const put = (one: Put) => found.set(`${one.box} ${one.key}`, one)
  for (const box of BOX_NAMES)
    if (await exists(nameOf(box)))
      await instance(nameOf(box), box).iterate((value, key) => void put({ box, key, value }))
  const left = found.get(`meta ${JOURNAL}`)
  if (left) {
    const journal = journalSchema.safeParse(left.value)
    found.delete(`meta ${JOURNAL}`)
    if (journal.success) journal.data.puts.forEach(put)
    else
      put({
        box: 'meta',
        key: `aside/${JOURNAL}`,
        value: { where: JOURNAL, text: JSON.stringify(left.value) },
      })
  }
  return [...found.values()].filter(({ value }) => value !== undefined && value !== null)
}
/** Takes it out: it stands in the store of this version. A tab that still holds it open is told by the browser. */
export async function dropBefore(): Promise<void> {
  for (const box of BOX_NAMES)
    if (await exists(nameOf(box))) await localforage.dropInstance({ name: nameOf(box) })
}
