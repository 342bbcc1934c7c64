import { BOX_NAMES, type Box, type BoxName, type Boxes } from '../src/storage/boxes.ts'
import { holding, type Holding } from '../src/storage/held.ts'

/** Thrown where the tab is killed: nothing of it runs on. */
export class Killed extends Error {}

/**
 * A browser's store in memory: as many tabs look at it as like. It can fail, at the nth value of a batch too, or be
 * cut off: before a batch stands, or after it and before anybody hears of it.
 */
export function memoryStore() {
  const data = new Map(BOX_NAMES.map((name) => [name, new Map<string, string>()]))
  const state = { writes: 0, killAt: Infinity, failAt: Infinity, fails: undefined as Error | undefined }
  const boxOf = (rows: Map<string, string>): Box => ({
    get: async (key) => {
      await Promise.resolve()
      return rows.has(key) ? (JSON.parse(rows.get(key)!) as unknown) : null
    },
    keys: (start = '') => Promise.resolve([...rows.keys()].filter((key) => key.startsWith(start))),
    all: (start = '') =>
      Promise.resolve(
        [...rows]
          .filter(([key]) => key.startsWith(start))
          .map(([key, text]) => [key, JSON.parse(text) as unknown]),
      ),
  })
  const step = () => {
    const n = ++state.writes
    if (n > state.killAt) throw new Killed()
    if (state.fails && n > (state.failAt === Infinity ? 0 : state.failAt)) throw state.fails
  }
  const write: Boxes['write'] = async (puts) => {
    await Promise.resolve()
    const texts = puts.map(({ value }) => {
      step()
      return value === undefined ? undefined : JSON.stringify(value)
    })
    if (puts.length === 0) step()
    puts.forEach(({ box, key }, i) => {
      if (texts[i] === undefined) data.get(box)!.delete(key)
      else data.get(box)!.set(key, texts[i])
    })
    if (++state.writes > state.killAt) throw new Killed()
  }
  const boxes = (): Holding =>
    holding({
      ...(Object.fromEntries([...data].map(([name, rows]) => [name, boxOf(rows)])) as Record<BoxName, Box>),
      write,
    })
  return {
    data,
    state,
    boxes,
    /** All that stands there. */
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
