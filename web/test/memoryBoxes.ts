import { BOX_NAMES, type Box, type Boxes } from '../src/storage/boxes.ts'

/** Thrown where the tab is killed: nothing of it runs on. */
export class Killed extends Error {}

/** A browser's store in memory: as many tabs look at it as like, and it can fail, or be cut off at the nth write. */
export function memoryStore() {
  const data = new Map(BOX_NAMES.map((name) => [name, new Map<string, string>()]))
  const state = { writes: 0, killAt: Infinity, fails: undefined as Error | undefined }
  const boxOf = (rows: Map<string, string>): Box => {
    const write = async (work: () => void) => {
      await Promise.resolve()
      if (state.fails) throw state.fails
      if (++state.writes > state.killAt) throw new Killed()
      work()
    }
    return {
      get: async (key) => {
        await Promise.resolve()
        return rows.has(key) ? (JSON.parse(rows.get(key)!) as unknown) : null
      },
      set: (key, value) => write(() => void rows.set(key, JSON.stringify(value))),
      remove: (key) => write(() => void rows.delete(key)),
      keys: () => Promise.resolve([...rows.keys()]),
      all: () => Promise.resolve([...rows].map(([key, text]) => [key, JSON.parse(text) as unknown])),
    }
  }
  const boxes = (): Boxes => Object.fromEntries([...data].map(([name, rows]) => [name, boxOf(rows)])) as Boxes
  return {
    data,
    state,
    boxes,
    /** All that stands there, the journal's working left out. */
    text: () => JSON.stringify([...data].map(([name, rows]) => [name, [...rows].sort()])),
  }
}
export type MemoryStore = ReturnType<typeof memoryStore>

/** One lock for every tab of one store. */
export function memoryLock() {
  let last: Promise<unknown> = Promise.resolve()
  return <T>(work: () => Promise<T>): Promise<T> => {
    const mine = last.then(work)
    last = mine.catch(() => undefined)
    return mine
  }
}
