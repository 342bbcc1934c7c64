import localforage from 'localforage'

/** One place of the browser's store: values by their key, each written whole or not at all. */
export interface Box {
  get: (key: string) => Promise<unknown>
  set: (key: string, value: unknown) => Promise<void>
  remove: (key: string) => Promise<void>
  keys: () => Promise<string[]>
  all: () => Promise<[string, unknown][]>
}
export const BOX_NAMES = ['records', 'runs', 'entries', 'meta'] as const
export type BoxName = (typeof BOX_NAMES)[number]
/**
 * Machines, parts and all that is opened with the page; runs, which are many; pages of what stands beside them; and
 * what the store says of itself.
 */
export type Boxes = Record<BoxName, Box>

const boxOf = (store: LocalForage): Box => ({
  get: (key) => store.getItem(key),
  set: async (key, value) => void (await store.setItem(key, value)),
  remove: (key) => store.removeItem(key),
  keys: () => store.keys(),
  all: async () => {
    const found: [string, unknown][] = []
    await store.iterate((value, key) => void found.push([key, value]))
    return found
  },
})

const NAME = 'pepper-knot'
const instance = (name: string, storeName: string, driver = localforage.INDEXEDDB) =>
  // The one kind of store there is: another kind in its place would be empty, and hide it.
  localforage.createInstance({ name, storeName, driver })

/** Each box is a base of its own: a new one never waits for a tab that holds an old one open. */
export const browserBoxes = (): Boxes =>
  Object.fromEntries(BOX_NAMES.map((name) => [name, boxOf(instance(`${NAME}-${name}`, name))])) as Boxes

/** Where the version before this one kept the whole shop as one text, and where it fell back to. */
const before = instance(NAME, 'shop')
const fallback = instance(NAME, 'shop', localforage.LOCALSTORAGE)
const PLACES = ['shop', 'shop-b'] as const
const HOLDS = 'shop-at'

/** What the version before this one holds, or holds by now: a tab of it may still be open. `null`: nothing. */
export async function textOfBefore(): Promise<{ text: string; older: string | null } | null> {
  if (!(await exists(NAME))) return textOfFallback()
  const at = await before.getItem<string>(HOLDS)
  const holds = PLACES.find((place) => place === at) ?? PLACES[0]
  const other = PLACES.find((place) => place !== holds)!
  const [text, older] = [await before.getItem<string>(holds), await before.getItem<string>(other)]
  if (text !== null) return { text, older }
  return older !== null ? { text: older, older: null } : textOfFallback()
}
async function textOfFallback() {
  if (typeof localStorage === 'undefined' || localStorage.getItem(`${NAME}/shop/${PLACES[0]}`) === null)
    return null
  const text = await fallback.getItem<string>(PLACES[0])
  return text === null ? null : { text, older: null }
}
/** What it laid aside. */
export async function asideOfBefore(): Promise<[string, string][]> {
  if (!(await exists(NAME))) return []
  const keys = (await before.keys()).filter((key) => key.startsWith('aside/'))
  return Promise.all(
    keys.map(async (key): Promise<[string, string]> => [key, (await before.getItem<string>(key)) ?? '']),
  )
}
/** Asked first where the browser can say: looking into a base makes it. */
async function exists(name: string): Promise<boolean> {
  if (typeof indexedDB === 'undefined' || !('databases' in indexedDB)) return true
  return (await indexedDB.databases()).some((base) => base.name === name)
}
