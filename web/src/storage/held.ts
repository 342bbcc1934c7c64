import { BOX_NAMES, type Box, type BoxName, type Boxes, type Put } from './boxes.ts'

/** Boxes that can hold what there was no room for: it is read as if it stood there, and goes in with the next batch. */
export interface Holding extends Boxes {
  hold: (puts: readonly Put[]) => void
  held: () => boolean
  /** What is held is no longer wanted: somebody else has written meanwhile. */
  letGo: () => void
  /** The store itself, without what is held. */
  under: Boxes
}

export function holding(under: Boxes): Holding {
  const waits = new Map<BoxName, Map<string, unknown>>()
  const of = (box: BoxName) => waits.get(box) ?? new Map<string, unknown>()
  const over = (name: BoxName, rows: readonly [string, unknown][]): [string, unknown][] =>
    [...new Map([...rows, ...of(name)])].filter(([, value]) => value !== undefined)
  const box = (name: BoxName): Box => ({
    get: async (key) => (of(name).has(key) ? (of(name).get(key) ?? null) : under[name].get(key)),
    keys: async (start = '') =>
      over(
        name,
        (await under[name].keys(start)).map((key) => [key, true]),
      ).flatMap(([key]) => (key.startsWith(start) ? [key] : [])),
    all: async (start = '') =>
      over(name, await under[name].all(start)).filter(([key]) => key.startsWith(start)),
  })
  return {
    ...(Object.fromEntries(BOX_NAMES.map((name) => [name, box(name)])) as Record<BoxName, Box>),
    under,
    write: async (puts, sure) => {
      const all = [...waits].flatMap(([box, rows]) =>
        [...rows].map(([key, value]): Put => ({ box, key, value })),
      )
      await under.write([...all, ...puts], sure)
      waits.clear()
    },
    hold: (puts) => {
      for (const { box, key, value } of puts) waits.set(box, of(box).set(key, value))
    },
    held: () => waits.size > 0,
    letGo: () => waits.clear(),
  }
}
