import { openDB, type IDBPDatabase } from 'idb'

/** One place of the browser's store: values by their key. */
export interface Box {
  get: (key: string) => Promise<unknown>
  /** @param start of the keys; all of them without it */
  keys: (start?: string) => Promise<string[]>
  /** @param start of the keys; all of them without it */
  all: (start?: string) => Promise<[string, unknown][]>
}
export const BOX_NAMES = ['records', 'runs', 'entries', 'meta'] as const
export type BoxName = (typeof BOX_NAMES)[number]
/** One value to write, or without one to take out. */
export interface Put {
  box: BoxName
  key: string
  value?: unknown
}
/**
 * Machines, parts and all that is opened with the page; runs, which are many; pages of what stands beside them; and
 * what the store says of itself.
 */
export interface Boxes extends Record<BoxName, Box> {
  /**
   * Writes all of it or nothing, whenever it is cut off.
   * @param sure waits until it is on the disk, where the browser can say so; else it may still be on its way there
   * when the power fails
   * @throws whatever the browser says; nothing was written then
   */
  write: (puts: readonly Put[], sure?: boolean) => Promise<void>
}

/** Where the store says of itself how far it was written. */
export const HEAD = 'head'
/** All records as they stood when the store said this of itself. */
export interface Look {
  head: unknown
  records: [string, unknown][]
}

const NAME = 'pepper-knot-store'

/** The base; closed where another page asks for it, and opened again at the next need. */
function opener() {
  let base: Promise<IDBPDatabase> | undefined
  const forget = () => (base = undefined)
  const open = () =>
    (base ??= openDB(NAME, 1, {
      upgrade: (made) => BOX_NAMES.forEach((name) => made.createObjectStore(name)),
      blocking: (_now, _then, event) => {
        ;(event.target as IDBDatabase).close()
        forget()
      },
      terminated: forget,
    }).catch((error: unknown) => {
      forget()
      throw error
    }))
  return async <T>(work: (base: IDBPDatabase) => Promise<T>): Promise<T> => {
    try {
      return await work(await open())
    } catch (error) {
      // Closed since it was opened: nothing was done.
      if ((error as Error).name !== 'InvalidStateError') throw error
      forget()
      return work(await open())
    }
  }
}

/** The boxes of this browser: one base, so that one transaction writes to all of them. */
export function browserBoxes(): Boxes & { look: () => Promise<Look> } {
  const use = opener()
  const range = (start: string) => IDBKeyRange.bound(start, `${start}\uFFFF`)
  const rows = (name: BoxName, start: string) =>
    use(async (base) => {
      const { store } = base.transaction(name)
      const which = start === '' ? null : range(start)
      const [keys, values] = await Promise.all([store.getAllKeys(which), store.getAll(which)])
      return keys.map((key, i): [string, unknown] => [String(key), values[i]])
    })
  const box = (name: BoxName): Box => ({
    get: (key) => use(async (base) => ((await base.get(name, key)) as unknown) ?? null),
    keys: (start = '') => use(async (base) => (await base.getAllKeys(name, range(start))).map(String)),
    all: (start = '') => rows(name, start),
  })
  const write: Boxes['write'] = (puts, sure = false) =>
    use(async (base) => {
      const work = base.transaction(BOX_NAMES, 'readwrite', { durability: sure ? 'strict' : 'relaxed' })
      const done = work.done
      // Said below, once it is clear that nothing of it stands.
      done.catch(() => undefined)
      const quiet = (asked: Promise<unknown>) => void asked.catch(() => undefined)
      try {
        for (const { box, key, value } of puts)
          quiet(
            value === undefined ? work.objectStore(box).delete(key) : work.objectStore(box).put(value, key),
          )
      } catch (error) {
        work.abort()
        await done.catch(() => undefined)
        throw error
      }
      await done
    })
  return {
    ...(Object.fromEntries(BOX_NAMES.map((name) => [name, box(name)])) as Record<BoxName, Box>),
    write,
    // One transaction: nobody’s batch comes between.
    look: () =>
      use(async (base) => {
        const work = base.transaction(['records', 'meta'])
        const records = work.objectStore('records')
        const [keys, values, head] = await Promise.all([
          records.getAllKeys(),
          records.getAll(),
          work.objectStore('meta').get(HEAD) as Promise<unknown>,
        ])
        return { head, records: keys.map((key, i): [string, unknown] => [String(key), values[i]]) }
      }),
  }
}
