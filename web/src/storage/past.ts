import { z } from 'zod'
import type { Content } from '@pepper-knot/core/ledger'
import { logLine, type Run } from '@pepper-knot/core/record'
import type { Boxes, Put } from './boxes.ts'
import { latestFirst } from './latestFirst.ts'

/** What the list says of a run that was signed off: none of them has to be opened for it. */
export type Past = NonNullable<ReturnType<typeof logLine>>
const isOptional = (value: unknown, type: string) => value === undefined || typeof value === type
/** There are thousands: each is looked at by hand. */
const isPast = (one: unknown): one is Past => {
  if (typeof one !== 'object' || one === null) return false
  const {
    id,
    at,
    kind,
    label,
    machineId,
    machine,
    mark,
    wire,
    material,
    thicknessMm,
    ran,
    minutes,
    planned,
    note,
    causes,
    fitted,
    by,
  } = one as Record<keyof Past, unknown>
  const { voltageV, wireSpeedMPerMin } = (ran ?? {}) as Record<string, unknown>
  return (
    [id, at, kind, label, machineId].every((text) => typeof text === 'string') &&
    Number.isFinite(Date.parse(at as string)) &&
    [machine, material, by, note].every((text) => isOptional(text, 'string')) &&
    [mark, thicknessMm, minutes, planned].every((n) => isOptional(n, 'number')) &&
    (wire === undefined || typeof (wire as { diameterMm?: unknown }).diameterMm === 'number') &&
    (ran === undefined || (typeof voltageV === 'number' && typeof wireSpeedMPerMin === 'number')) &&
    [causes, fitted].every((list) => list === undefined || Array.isArray(list))
  )
}
const inOrder = (rows: readonly Past[]): Past[] => [...rows].sort(latestFirst)

/** Runs that no screen opens with: those that were signed off, the last one first, and those that were removed. */
export interface PastRuns {
  signed: Past[]
  removed: string[]
}
/**
 * The list of an earlier version said less, or lay in one piece; it is made anew under this name. It lies in pages, so
 * that a sign-off writes one of them, however many there are.
 */
export const PAST = 'past/5'
const PAGES = `${PAST}/page/`
/** Lines of a page at most. */
const MOST_LINES = 500
const indexSchema = z.object({
  /** The latest first; of each its number, how many lines it has and the place of its last. */
  pages: z.array(
    z.object({
      n: z.number().int().min(0),
      count: z.number().int().min(1).max(MOST_LINES),
      last: z.object({ at: z.string(), id: z.string() }),
    }),
  ),
  removed: z.array(z.string()),
})
type Index = z.infer<typeof indexSchema>
type Leaf = Index['pages'][number] & { rows: Past[] }

/** The last of them beside the whole list: what a screen shows first. */
const NEWEST = `${PAST}/newest`
export const MOST_NEWEST = 100
/** Lists under their earlier names go once this one stands. */
export const OLDER_LISTS: readonly Put[] = [
  'past',
  'past/2',
  ...['past/3', 'past/4'].flatMap((name) => [name, `${name}/newest`]),
].map((key) => ({ box: 'meta', key }))

const put = (key: string, value?: unknown): Put => ({
  box: 'meta',
  key,
  ...(value !== undefined && { value }),
})
const pagePut = ({ n, rows }: Pick<Leaf, 'n' | 'rows'>) => put(`${PAGES}${n}`, rows)
const leaf = (n: number, rows: Past[]): Leaf => {
  const { at, id } = rows.at(-1)!
  return { n, count: rows.length, last: { at, id }, rows }
}
const indexPut = (pages: readonly Index['pages'][number][], removed: readonly string[]) =>
  put(PAST, { pages: pages.map(({ n, count, last }) => ({ n, count, last })), removed })

/** The whole list anew, in the place of what lies there by now. */
export async function pastPuts({ signed, removed }: PastRuns, { meta }: Pick<Boxes, 'meta'>): Promise<Put[]> {
  const pages: Leaf[] = []
  for (let at = 0; at < signed.length; at += MOST_LINES)
    pages.push(leaf(pages.length, signed.slice(at, at + MOST_LINES)))
  const stay = new Set(pages.map(({ n }) => `${PAGES}${n}`))
  return [
    ...(await meta.keys(PAGES)).filter((key) => !stay.has(key)).map((key) => put(key)),
    ...pages.map(pagePut),
    indexPut(pages, removed),
    put(NEWEST, signed.slice(0, MOST_NEWEST)),
  ]
}
/** The latest of the list. @returns nothing where the store has no such list yet */
export async function newestIn({ meta }: Pick<Boxes, 'meta'>): Promise<Past[] | undefined> {
  const raw = await meta.get(NEWEST)
  return Array.isArray(raw) && raw.every(isPast) ? raw : undefined
}
async function indexIn({ meta }: Pick<Boxes, 'meta'>): Promise<Index | undefined> {
  const read = indexSchema.safeParse(await meta.get(PAST))
  return read.success ? read.data : undefined
}
/** @returns nothing where the store has no such list yet */
export const removedIn = async (boxes: Pick<Boxes, 'meta'>): Promise<string[] | undefined> =>
  (await indexIn(boxes))?.removed
/** @returns nothing where it is not the page that the index names */
const rowsOf = (raw: unknown, { count, last }: Index['pages'][number]): Past[] | undefined =>
  Array.isArray(raw) && raw.every(isPast) && raw.length === count && latestFirst(raw.at(-1)!, last) === 0
    ? raw
    : undefined
/** The whole list. @returns nothing where the store has none yet, or not all of it */
export async function pastIn(boxes: Pick<Boxes, 'meta'>): Promise<PastRuns | undefined> {
  const [index, raw] = [await indexIn(boxes), new Map(await boxes.meta.all(PAGES))]
  const pages = index?.pages.map((page) => rowsOf(raw.get(`${PAGES}${page.n}`), page))
  return pages?.every((rows) => rows !== undefined)
    ? { signed: pages.flat(), removed: index!.removed }
    : undefined
}

/** The same lines in one piece, as the version before this one kept them. */
const IN_ONE_PIECE = 'past/4'
export async function pastInOnePiece({ meta }: Pick<Boxes, 'meta'>): Promise<PastRuns | undefined> {
  const there = (await meta.get(IN_ONE_PIECE)) as Partial<Record<keyof PastRuns, unknown>> | null
  const { signed, removed } = there ?? {}
  const isList = Array.isArray(signed) && signed.every(isPast)
  return isList && Array.isArray(removed) && removed.every((id) => typeof id === 'string')
    ? { signed: inOrder(signed), removed }
    : undefined
}

/** Nothing where it is not signed off. */
export function pastOf(content: Content | null): Past[] {
  const line = content && logLine(content as unknown as Run)
  return line ? [line] : []
}
/** A run as it was and as it is now, by id; `null`: not there, or removed. */
export interface RunChange {
  id: string
  was: Content | null
  is: Content | null
}
const removedThen = (removed: readonly string[], runs: readonly RunChange[]): string[] => {
  const ids = new Set(runs.map(({ id }) => id))
  return [
    ...removed.filter((id) => !ids.has(id)),
    ...runs.flatMap(({ id, is, was }) => (is === null && was !== null ? [id] : [])),
  ]
}
/** The list of these runs alone. @param runs `was` says of a removed one what it was */
export const pastAnew = (runs: readonly RunChange[]): PastRuns => ({
  signed: inOrder(runs.flatMap(({ is }) => pastOf(is))),
  removed: removedThen([], runs),
})

/**
 * What is to be written where these runs are otherwise now: the pages they stand on, and no other.
 * @returns where the store has no list, that earlier ones go; where what is there is not what it should be, that the list
 * goes: it is made anew by whoever looks for it
 */
export async function pastThen(boxes: Pick<Boxes, 'meta'>, runs: readonly RunChange[]): Promise<Put[]> {
  const index = await indexIn(boxes)
  // An earlier list would not know of it.
  if (!index) return [...OLDER_LISTS]
  const none = [put(PAST), put(NEWEST)]
  const leaves = new Map<number, Leaf>()
  let pages: Index['pages'] = index.pages
  /** Page numbers are never used twice in one batch. */
  let next = Math.max(-1, ...pages.map(({ n }) => n)) + 1
  const gone = new Set<number>()
  const open = async (page: Index['pages'][number]): Promise<Leaf | undefined> => {
    const there = leaves.get(page.n)
    if (there) return there
    const rows = rowsOf(await boxes.meta.get(`${PAGES}${page.n}`), page)
    return rows && { ...page, rows }
  }
  const pageFor = (line: Past) => pages.find(({ last }) => latestFirst(line, last) <= 0) ?? pages.at(-1)
  const lay = (page: Index['pages'][number] | undefined, ...made: Leaf[]) => {
    const at = page ? pages.indexOf(page) : pages.length
    pages = [...pages.slice(0, at), ...made, ...pages.slice(page ? at + 1 : at)]
    if (page && !made.some(({ n }) => n === page.n)) gone.add(page.n)
    if (page) leaves.delete(page.n)
    for (const one of made) leaves.set(one.n, one)
  }
  for (const { was, is } of runs) {
    for (const line of pastOf(was)) {
      const page = pageFor(line)
      const there = page && (await open(page))
      const rows = there?.rows.filter(({ id }) => id !== line.id)
      if (!there || rows!.length === there.rows.length) return none
      lay(page, ...(rows!.length ? [leaf(there.n, rows!)] : []))
    }
    for (const line of pastOf(is)) {
      const page = pageFor(line)
      const there = page && (await open(page))
      if (page && !there) return none
      const rows = inOrder([...(there?.rows ?? []), line])
      if (rows.length <= MOST_LINES) lay(page, leaf(there?.n ?? next++, rows))
      else {
        // The latest page stays full behind the one that is begun; any other is halved.
        const cut = page === pages[0] ? rows.length - MOST_LINES : rows.length >> 1
        lay(page, leaf(next++, rows.slice(0, cut)), leaf(there!.n, rows.slice(cut)))
      }
    }
  }
  if (leaves.size === 0 && gone.size === 0) return [indexPut(pages, removedThen(index.removed, runs))]
  const newest: Past[] = []
  for (const page of pages) {
    if (newest.length >= MOST_NEWEST) break
    const there = await open(page)
    if (!there) return none
    newest.push(...there.rows)
  }
  return [
    ...[...gone].map((n) => put(`${PAGES}${n}`)),
    ...[...leaves.values()].map(pagePut),
    indexPut(pages, removedThen(index.removed, runs)),
    put(NEWEST, newest.slice(0, MOST_NEWEST)),
  ]
}
