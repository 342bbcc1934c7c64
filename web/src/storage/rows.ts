import { BOX_NAMES, type Box, type BoxName, type Boxes, type Put } from './boxes.ts'

/** Rows as boxes to read from. */
export function boxesOfRows(rows: readonly Put[]): Boxes {
  const box = (name: BoxName): Box => {
    const mine = rows
      .filter((row) => row.box === name)
      .map(({ key, value }): [string, unknown] => [key, value])
    const by = new Map(mine)
    return {
      get: (key) => Promise.resolve(by.get(key) ?? null),
      keys: (start = '') => Promise.resolve([...by.keys()].filter((key) => key.startsWith(start))),
      all: (start = '') => Promise.resolve(mine.filter(([key]) => key.startsWith(start))),
    }
  }
  return {
    ...(Object.fromEntries(BOX_NAMES.map((name) => [name, box(name)])) as Record<BoxName, Box>),
    write: () => Promise.reject(new RangeError('only to be read')),
  }
}
