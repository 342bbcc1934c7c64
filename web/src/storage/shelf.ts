import { z } from 'zod'
import {
  mergeKept,
  nameFor,
  readEntry,
  readRecord,
  saysSame,
  shownContent,
  type Content,
  type Kept,
} from '@pepper-knot/core/ledger'
import {
  digestOf,
  digestSchema,
  keyOf,
  kindsIn,
  LISTS,
  readKey,
  type Digest,
  type Key,
  type Run,
  type State,
} from '@pepper-knot/core/record'
import type { BoxName, Boxes, Look, Put } from './boxes.ts'
import { freshHead, HEAD, headSchema, STORE_VERSION, type Head } from './head.ts'

type RunEntries = NonNullable<ReturnType<State['entries']['get']>>

/** The store was written by a newer version of this program. */
export class Newer extends Error {
  constructor() {
    super('the store is of a newer version')
    this.name = 'Newer'
  }
}

/** So many entries of one run as are written at a touch. */
export interface Page {
  n: number
  entries: Map<string, Kept>
}

/** Ms of reading between two breaths: the page is never held longer. */
const BREATH_MS = 40
const breathe = () => new Promise((done) => setTimeout(done))
export const DIGEST = 'digest'
export const OPEN_RUNS = 'open-runs'
export const ASIDE = 'aside/'
/** A free key to lay something aside under. @param at ISO time */
export async function asideKey({ meta }: Boxes, at: string): Promise<string> {
  let key = `${ASIDE}${at}`
  while ((await meta.get(key)) !== null) key += '+'
  return key
}
export const pageKey = (run: string, n: number | '') => `${encodeURIComponent(run)}/${n}`
export const boxOf = (key: Key): BoxName => (/^(?:run|plan)\//.test(key) ? 'runs' : 'records')
export const isOpen = (content: Content | null) => content !== null && content.signedOffAt === undefined
const isIds = (ids: unknown): ids is string[] =>
  Array.isArray(ids) && ids.every((id) => typeof id === 'string')
/** The runs among records, as they stand. */
export const runsIn = (records: Iterable<readonly [Key, Kept | undefined]>): Run[] =>
  [...records].flatMap(([key, kept]) =>
    key.startsWith('run/') ? [shownContent(kept) as unknown as Run].filter(Boolean) : [],
  )
/** The ids of those that are under way. */
export const openIn = (records: Iterable<readonly [Key, Kept]>): string[] =>
  [...records].flatMap(([key, kept]) =>
    key.startsWith('run/') && isOpen(shownContent(kept)) ? [key.slice(4)] : [],
  )
/** A record as it lies in the store. */
export const rowOf = (key: Key, kept: Kept) => ({ ...readKey(key)!, ...kept })
/** Which rows of an opening this very program found good, each by the name of its text: they are not checked again. */
const sealsSchema = z.object({ build: z.string(), names: z.record(z.string(), z.string()) })
export const SEALS = 'seals'
declare const __BUILD__: string | undefined
const BUILD = typeof __BUILD__ === 'string' ? __BUILD__ : 'not built'
/** Two of one entry are one, with what either says. */
function addTo(entries: Map<string, Kept>, id: string, kept: Kept) {
  const there = entries.get(id)
  entries.set(id, there ? mergeKept(there, kept) : kept)
}
/** A page as it lies in the store. */
export const rowsOf = (run: string, entries: Iterable<[string, Kept]>) =>
  [...entries].map(([id, kept]) => ({ run, id, ...kept }))

export interface ShelfGiven {
  boxes: Boxes
  /** What was seen of the store before anybody asked; asked once. */
  early?: (() => Promise<Look | undefined> | undefined) | undefined
  now: () => string
  newId: () => string
}

/**
 * What one tab has read of the store: its records, the entries of the runs that were looked at, and the digest. What
 * cannot be read is laid aside and taken out; whoever reads holds the lock.
 */
export function createShelf({ boxes, early, now, newId }: ShelfGiven) {
  const shelf = {
    head: undefined as Head | undefined,
    records: new Map<Key, Kept>(),
    pages: new Map<string, Page[]>(),
    /** Not read yet: no screen opens with it. */
    digest: undefined as Digest | undefined,
    /** How many records it was opened without. */
    asideCount: 0,
    /** Rows found good at the last opening, and at this one. */
    before: {} as Record<string, string>,
    seals: { build: BUILD, names: {} as Record<string, string> },
    /** Whether the store has them too. */
    sealed: false,
  }

  /** Keeps it, and does the rest in the same batch. @throws whatever the browser says */
  async function layAside(where: string, what: unknown, also: readonly Put[] = []): Promise<void> {
    const text = typeof what === 'string' ? what : JSON.stringify(what, null, 2)
    const key = await asideKey(boxes, now())
    await boxes.write([{ box: 'meta', key, value: { where, text } }, ...also])
    shelf.asideCount++
  }
  /** The same while reading: where there is no room, it stays where it lies and is tried again at the next opening. */
  const moveAside: typeof layAside = (...args) => layAside(...args).catch(() => void shelf.asideCount++)

  /** @throws Newer; a head that is none is laid aside, and the records are kept without it */
  async function readHead(): Promise<Head | undefined> {
    const raw = await boxes.meta.get(HEAD)
    if (raw === null || raw === undefined) return undefined
    const read = headSchema.safeParse(raw)
    const version = read.success ? read.data.version : (raw as { version?: unknown }).version
    if (typeof version === 'number' && version > STORE_VERSION) throw new Newer()
    if (read.success) return read.data
    await moveAside(HEAD, raw, [{ box: 'meta', key: HEAD }])
    return undefined
  }

  /** Whether another kind of the same list has that id: the one would hide the other. */
  const hidesAnother = (key: Key, kept: Kept): boolean => {
    const { kind, id } = readKey(key)!
    const kinds = LISTS.map((list) => kindsIn(list)).find((of) => of.includes(kind)) ?? []
    return (
      shownContent(kept) !== null &&
      kinds.some((other) => other !== kind && shownContent(shelf.records.get(keyOf(other, id))) !== null)
    )
  }
  /** Reads what lies in one box; what cannot be read is laid aside and taken out. */
  async function takeIn(
    box: 'records' | 'runs',
    raw: Iterable<[string, unknown]>,
    /** The rows are read at every opening. */
    opening = box === 'records',
  ): Promise<void> {
    let since = performance.now()
    for (const [key, value] of raw) {
      const name = opening ? nameFor(JSON.stringify(value)) : undefined
      if (name !== undefined && shelf.before[key] === name) {
        seal(key, name)
        const { since, versions } = value as Kept
        shelf.records.set(key as Key, { since, versions })
        continue
      }
      const read = readRecord(value)
      // What the reading changed is read so again.
      if (name !== undefined && read.ok && saysSame(rowOf(read.value.key, read.value.kept), value)) {
        seal(key, name)
        shelf.sealed = false
      }
      const good =
        read.ok &&
        read.value.key === key &&
        boxOf(read.value.key) === box &&
        !hidesAnother(read.value.key, read.value.kept)
      if (good) shelf.records.set(read.value.key, read.value.kept)
      else await moveAside(key, value, [{ box, key }])
      if (performance.now() - since > BREATH_MS) {
        await breathe()
        since = performance.now()
      }
    }
  }
  const seal = (key: string, name: string) => (shelf.seals.names[key] = name)
  const pageOf = async (key: string, run: string, n: number, raw: unknown): Promise<Page> => {
    const page: Page = { n, entries: new Map() }
    if (!Array.isArray(raw)) {
      if (raw !== null && raw !== undefined) await moveAside(key, raw, [{ box: 'entries', key, value: [] }])
      return page
    }
    const bad: unknown[] = []
    for (const one of raw) {
      const read = readEntry(one)
      if (read.ok && read.value.run === run) addTo(page.entries, read.value.id, read.value.kept)
      else bad.push(one)
    }
    if (bad.length) await moveAside(key, bad, [{ box: 'entries', key, value: rowsOf(run, page.entries) }])
    return page
  }
  /** What lies in the store of one run. */
  const rawRun = (id: string) => {
    const rows = (['run', 'plan'] as const).map(async (kind): Promise<[string, unknown][]> => {
      const raw = await boxes.runs.get(`${kind}/${id}`)
      return raw === null || raw === undefined ? [] : [[`${kind}/${id}`, raw]]
    })
    return Promise.all([Promise.all(rows).then((found) => found.flat()), rawPages(id)])
  }
  const rawPages = async (run: string) => new Map(await boxes.entries.all(pageKey(run, '')))
  async function readPages(run: string, given?: ReadonlyMap<string, unknown>): Promise<void> {
    const raw = given ?? (await rawPages(run))
    const found: Page[] = []
    for (let n = 0; raw.has(pageKey(run, n)); n++) {
      const page = await pageOf(pageKey(run, n), run, n, raw.get(pageKey(run, n)))
      // Twice there, an entry stands where it stood first.
      for (const [id, kept] of page.entries)
        for (const { entries } of found)
          if (entries.has(id) && page.entries.delete(id)) addTo(entries, id, kept)
      found.push(page)
    }
    shelf.pages.set(run, found)
  }
  const entriesOf = (run: string): RunEntries =>
    new Map((shelf.pages.get(run) ?? []).flatMap((page) => [...page.entries]))
  /** A run with its plan and all that stands beside it. */
  async function loadRun(id: string): Promise<void> {
    for (const key of [`run/${id}`, `plan/${id}`] as const)
      if (!shelf.records.has(key)) {
        const raw = await boxes.runs.get(key)
        if (raw !== null && raw !== undefined) await takeIn('runs', [[key, raw]])
      }
    if (!shelf.pages.has(id)) await readPages(id)
  }
  /** Every run there is; what stands beside the signed-off ones is read when one is opened. */
  async function loadRuns(): Promise<void> {
    const all = await boxes.runs.all()
    await takeIn(
      'runs',
      all.filter(([key]) => !shelf.records.has(key as Key)),
    )
  }
  const digestThere = async (): Promise<Digest | undefined> => {
    const raw = await boxes.meta.get(DIGEST)
    const name = raw ? nameFor(JSON.stringify(raw)) : ''
    if (shelf.before[DIGEST] === name) {
      seal(DIGEST, name)
      return raw as Digest
    }
    const read = digestSchema.safeParse(raw)
    if (!read.success) return undefined
    if (saysSame(read.data, raw)) {
      seal(DIGEST, name)
      shelf.sealed = false
    }
    return read.data
  }
  /** Read once, or worked out where it is not there. */
  async function digestNow(): Promise<Digest> {
    if (shelf.digest) return shelf.digest
    const there = await digestThere()
    if (!there) await loadRuns()
    return (shelf.digest = there ?? digestOf(runsIn(shelf.records)))
  }
  const openRuns = () => openIn(shelf.records)

  /** As they were seen early, where nobody has written since. */
  async function rawRecords(head: Head | undefined) {
    const seen = await early?.()
    return seen && head && saysSame(headSchema.safeParse(seen.head).data, head)
      ? seen.records
      : boxes.records.all()
  }
  /** Everything the first page needs. @returns whether there was anything */
  async function readAll(): Promise<boolean> {
    shelf.records = new Map()
    shelf.pages.clear()
    shelf.asideCount = 0
    shelf.head = await readHead()
    const [raw, open, seals] = await Promise.all([
      rawRecords(shelf.head),
      boxes.meta
        .get(OPEN_RUNS)
        .then((ids) =>
          isIds(ids) ? Promise.all(ids.map(async (id) => [id, await rawRun(id)] as const)) : undefined,
        ),
      boxes.meta.get(SEALS),
    ])
    const there = sealsSchema.safeParse(seals)
    shelf.sealed = there.success && there.data.build === BUILD
    shelf.before = shelf.sealed ? there.data!.names : {}
    shelf.seals = { build: BUILD, names: {} }
    shelf.digest = undefined
    if (!shelf.head && raw.length === 0) return false
    await takeIn('records', raw)
    if (open)
      for (const [id, [rows, pages]] of open) {
        await takeIn('runs', rows, true)
        await readPages(id, pages)
      }
    else {
      await loadRuns()
      for (const id of openRuns()) await readPages(id)
    }
    shelf.head ??= freshHead(newId(), now())
    return true
  }
  async function readState(): Promise<State> {
    await loadRuns()
    const entries = new Map<string, Map<string, Kept>>()
    for (const [key, raw] of await boxes.entries.all()) {
      const run = decodeURIComponent(key.slice(0, key.lastIndexOf('/')))
      const of = entries.get(run) ?? new Map<string, Kept>()
      for (const [id, kept] of (await pageOf(key, run, 0, raw)).entries) addTo(of, id, kept)
      entries.set(run, of)
      await breathe()
    }
    return { records: new Map(shelf.records), entries }
  }
  return {
    shelf,
    layAside,
    readHead,
    takeIn,
    readPages,
    readAll,
    readState,
    loadRun,
    loadRuns,
    digestThere,
    digestNow,
    openRuns,
    entriesOf,
  }
}
