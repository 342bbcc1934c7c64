import type { Version } from '@pepper-knot/core/ledger'
import {
  apart,
  beside,
  changesBetween,
  covers,
  entryKey,
  follow,
  keptLongEnough,
  mergeFields,
  readEntryKey,
  saysSame,
  shownContent,
  shownVersion,
  withoutOld,
  type Change,
  type Content,
  type EntryKey,
  type Kept,
  type Writer,
} from '@pepper-knot/core/ledger'
import {
  digestWith,
  digestWithout,
  entryContent,
  PAGE_ENTRIES,
  readContent,
  readKey,
  type Digest,
  type Key,
  type Run,
  type State,
} from '@pepper-knot/core/record'
import type { Boxes } from './boxes.ts'
import {
  freshHead,
  HEAD,
  MOST_KEYS,
  MOST_RECENT,
  MOST_UNDO,
  SIGN_OFF,
  STORE_VERSION,
  type Head,
} from './head.ts'
import { writeBatch, type Put } from './journal.ts'
import type { Locked } from './lock.ts'
import { boxOf, createShelf, DIGEST, isOpen, OPEN_RUNS, pageKey, rowOf, rowsOf, type Page } from './shelf.ts'

type Vector = Version['clock']

export { Newer } from './shelf.ts'

export type AnyKey = Key | EntryKey
/** One record or entry that a touch changes, and what its writer had seen of it. */
export interface PageChange extends Change<AnyKey> {
  seen?: Vector | undefined
  /** It is removed because its making is taken back: nothing of it is kept. */
  unmade?: boolean
}
export interface Touch {
  id: string
  /** Said of it, where it can be taken back. */
  label?: string | undefined
  changes: PageChange[]
}
export interface UndoItem {
  id: string
  label: string
  at: string
  changes: Change<AnyKey>[]
}

/** The store was emptied by somebody else while the page was open. */
export class Cleared extends Error {
  constructor() {
    super('the store was cleared')
    this.name = 'Cleared'
  }
}
export interface BooksGiven {
  boxes: Boxes
  locked: Locked
  /** ISO time. */
  now: () => string
  newId: () => string
  /** Tells the other tabs that there is something new. */
  tell: () => void
}

const undoKey = (id: string) => `undo/${id}`
/** A touch that signed a run off: it can be taken back for as long as its plan is kept. */
const isSignOff = (id: string) => id.startsWith(SIGN_OFF)
/** A plan that ends is kept where removed things are, and not twice. */
const noPlan = ({ key, before, after }: PageChange): Change<AnyKey> =>
  key.startsWith('plan/') && after === null ? { key, before: null, after } : { key, before, after }
const withoutContent = (kept: Kept): Kept => ({
  ...kept,
  versions: kept.versions.map(({ clock, at, content }) => ({ clock, at, content })),
})

/**
 * The store as one tab knows it: reads what is there, brings a touch together with what others wrote meanwhile, and
 * writes it as one batch. Nothing of the page is in here.
 */
export function createBooks({ boxes, locked, now, newId, tell }: BooksGiven) {
  const reading = createShelf({ boxes, now, newId })
  const { shelf, layAside, finish, readHead, takeIn, readPages, readAll, readState } = reading
  const { loadRun, loadRuns, digestThere, workedOut, openRuns, entriesOf } = reading

  const open = () =>
    locked(async () => {
      await finish()
      const found = await readAll()
      if (found) await sweep()
      return found
    })
  /** Removed content that was kept long enough goes; its mark stays. */
  async function sweep(): Promise<void> {
    const old = [...shelf.records].flatMap(([key, kept]): [Key, Kept][] => {
      const swept = withoutOld(kept, now())
      return swept === kept ? [] : [[key, swept]]
    })
    await dropOldSignOffs()
    if (old.length === 0) return
    // No version changes, so nobody needs to be told.
    await writeBatch(
      boxes,
      old.map(([key, kept]) => ({ box: boxOf(key), key, value: rowOf(key, kept) })),
    )
    for (const [key, kept] of old) shelf.records.set(key, kept)
  }

  async function dropOldSignOffs(): Promise<void> {
    const listed = new Set(shelf.head?.undos.map((u) => undoKey(u.id)))
    for (const key of await boxes.meta.keys()) {
      if (!key.startsWith(undoKey(SIGN_OFF)) || listed.has(key)) continue
      const { at } = (await boxes.meta.get(key)) as Partial<UndoItem>
      if (at === undefined || keptLongEnough(at, now())) await boxes.meta.remove(key)
    }
  }

  /** What came in and nobody was told of yet: the work it came in with may have failed. `null`: everything. */
  let news: Set<AnyKey> | null = new Set()
  const takeNews = (also: readonly AnyKey[] = []): AnyKey[] | null => {
    const told = news && [...news, ...also]
    news = new Set()
    return told
  }
  /** Brings in what others wrote. */
  async function catchUpLocked(): Promise<void> {
    await finish()
    const there = await readHead()
    if (!there) {
      if (shelf.head && shelf.head.seq > 0) throw new Cleared()
      return
    }
    if (shelf.head && there.seq === shelf.head.seq && there.device === shelf.head.device) return
    const mine = shelf.head
    const missed = there.recent.filter((b) => mine && b.seq > mine.seq)
    const whole =
      !mine ||
      mine.device !== there.device ||
      missed.length !== there.seq - mine.seq ||
      missed.some((b) => !b.keys)
    if (whole) {
      await readAll()
      news = null
      return
    }
    shelf.head = there
    shelf.digest = (await digestThere()) ?? shelf.digest
    const keys = [...new Set(missed.flatMap((b) => b.keys!))] as AnyKey[]
    for (const run of new Set(keys.flatMap((key) => readEntryKey(key)?.run ?? []))) await readPages(run)
    for (const key of keys) {
      if (!readKey(key)) continue
      shelf.records.delete(key as Key)
      const box = boxOf(key as Key) as 'records' | 'runs'
      const raw = await boxes[box].get(key)
      if (raw !== null && raw !== undefined) await takeIn(box, [[key, raw]])
      const run = /^run\/(.+)$/s.exec(key)?.[1]
      if (run && isOpen(shownContent(shelf.records.get(key as Key))) && !shelf.pages.has(run))
        await readPages(run)
    }
    for (const key of keys) news?.add(key)
  }
  /** @returns the keys of what others wrote; `null`: everything is to be read anew */
  const catchUp = () => locked(() => catchUpLocked().then(() => takeNews()))

  /** Puts for what now stands, and what the head says of them. */
  function batchOf(
    changed: ReadonlyMap<Key, Kept>,
    dirty: ReadonlyMap<string, ReadonlySet<Page>>,
    keys: AnyKey[],
    undo: UndoItem | undefined,
    used: string | undefined,
  ): { puts: Put[]; next: Head } {
    const puts: Put[] = []
    for (const [key, kept] of changed) puts.push({ box: boxOf(key), key, value: rowOf(key, kept) })
    for (const [run, of] of dirty)
      for (const page of of)
        puts.push({ box: 'entries', key: pageKey(run, page.n), value: rowsOf(run, page.entries) })
    const at = now()
    const seq = shelf.head!.seq + 1
    const undos = shelf.head!.undos.filter((u) => u.id !== used)
    if (used) puts.push({ box: 'meta', key: undoKey(used) })
    if (undo) {
      undos.push({ id: undo.id, label: undo.label, at })
      puts.push({ box: 'meta', key: undoKey(undo.id), value: undo })
      for (const old of undos.splice(0, Math.max(0, undos.length - MOST_UNDO)))
        if (!isSignOff(old.id)) puts.push({ box: 'meta', key: undoKey(old.id) })
    }
    const next: Head = {
      ...shelf.head!,
      version: STORE_VERSION,
      seq,
      at: at > shelf.head!.at ? at : shelf.head!.at,
      recent: [...shelf.head!.recent, { seq, keys: keys.length > MOST_KEYS ? null : keys }].slice(
        -MOST_RECENT,
      ),
      undos,
    }
    puts.push({ box: 'meta', key: HEAD, value: next })
    return { puts, next }
  }

  /**
   * Writes one touch. A field that another tab changed meanwhile stays as that one left it, unless this touch changed
   * it too: then both versions are kept.
   * @param used the touch that this one takes back
   * @returns keys that now stand otherwise than before, ours and others’; `null`: everything is to be read anew
   * @throws whatever the browser says, Cleared, Newer; nothing was written then
   */
  function commit(touch: Touch, used?: string): Promise<AnyKey[] | null> {
    return locked(async () => {
      await catchUpLocked()
      shelf.head ??= freshHead(newId(), now())
      const by: Writer = { device: shelf.head.device, at: now(), fork: `${shelf.head.device}~${newId()}` }
      const changed = new Map<Key, Kept>()
      const dirty = new Map<string, Set<Page>>()
      const entries: [Page, string, Kept][] = []
      const newPages: [string, Page][] = []
      let last = shelf.head.since
      const place = () => (last = Math.max(Date.now(), last + 0.001))
      for (const change of touch.changes) {
        const entry = readEntryKey(change.key)
        if (entry) {
          if (!shelf.pages.has(entry.run)) await loadRun(entry.run)
          const of = shelf.pages.get(entry.run)!
          let page = of.find((p) => p.entries.has(entry.id)) ?? of.at(-1)
          if (!page || (!page.entries.has(entry.id) && page.entries.size >= PAGE_ENTRIES)) {
            page = { n: of.length, entries: new Map() }
            of.push(page)
            newPages.push([entry.run, page])
          }
          const kept = page.entries.get(entry.id)
          if (saysSame(entryContent(entry.id, kept), change.after)) continue
          const next = follow(kept, change.after, by, place())
          entries.push([page, entry.id, kept!])
          page.entries.set(entry.id, next)
          dirty.set(entry.run, (dirty.get(entry.run) ?? new Set()).add(page))
        } else {
          const key = change.key as Key
          if (!shelf.records.has(key) && boxOf(key) === 'runs') await loadRun(readKey(key)!.id)
          const kept = changed.get(key) ?? shelf.records.get(key)
          const made = nextOf(kept, change, by, place)
          const next = made && change.unmade ? withoutContent(made) : made
          if (next) changed.set(key, next)
        }
      }
      const keys = touch.changes.map((c) => c.key)
      if (changed.size === 0 && dirty.size === 0 && !used) return takeNews()
      const undo = touch.label
        ? { id: touch.id, label: touch.label, at: by.at, changes: touch.changes.map(noPlan) }
        : undefined
      const { puts, next } = batchOf(changed, dirty, keys, undo, used)
      next.since = last
      const digestAfter = digestThen(changed)
      if (digestAfter !== shelf.digest) puts.push({ box: 'meta', key: DIGEST, value: digestAfter })
      const runsChanged = [...changed].some(
        ([key, kept]) =>
          key.startsWith('run/') &&
          isOpen(shownContent(kept)) !== isOpen(shownContent(shelf.records.get(key))),
      )
      if (runsChanged) {
        const open = new Set(openRuns())
        for (const [key, kept] of changed)
          if (key.startsWith('run/')) open[isOpen(shownContent(kept)) ? 'add' : 'delete'](key.slice(4))
        puts.push({ box: 'meta', key: OPEN_RUNS, value: [...open] })
      }
      try {
        await writeBatch(boxes, puts)
      } catch (error) {
        // What the tab knows is again what it knew before.
        for (const [page, id, kept] of entries.reverse())
          if (kept) page.entries.set(id, kept)
          else page.entries.delete(id)
        for (const [run, page] of newPages)
          shelf.pages.set(
            run,
            shelf.pages.get(run)!.filter((p) => p !== page),
          )
        throw error
      }
      for (const [key, kept] of changed) shelf.records.set(key, kept)
      shelf.digest = digestAfter
      shelf.head = next
      tell()
      return takeNews(keys)
    })
  }

  /** The record with the change brought in; nothing where it says so already. */
  function nextOf(
    kept: Kept | undefined,
    change: PageChange,
    by: Writer,
    place: () => number,
  ): Kept | undefined {
    const { before, after } = change
    const current = shownContent(kept)
    if (!kept) return after === null ? undefined : follow(undefined, after, by, place())
    if (saysSame(current, after)) return undefined
    // Standing beside another version: a touch goes on with the one it was made on, and decides nothing.
    if (apart(kept).length) {
      const made = kept.versions.find((v) => saysSame(v.content, before))
      return beside(kept, after, made?.clock ?? change.seen ?? shownVersion(kept).clock, by)
    }
    const { content, clashes } = mergeFields(before, after, current)
    const { kind } = readKey(change.key)!
    const sound = content === null || readContent(kind, content).ok
    if (clashes.length === 0 && sound)
      return saysSame(content, current) ? undefined : follow(kept, content, by, kept.since)
    const seen = change.seen && !covers(change.seen, shownVersion(kept).clock) ? change.seen : undefined
    return seen ? beside(kept, after, seen, by) : follow(kept, after, by, kept.since)
  }
  const digestThen = (changed: ReadonlyMap<Key, Kept>): Digest => {
    let next = shelf.digest
    for (const [key, kept] of changed) {
      if (!key.startsWith('run/')) continue
      const [was, is] = [shownContent(shelf.records.get(key)), shownContent(kept)]
      if (was) next = digestWithout(next, was as unknown as Run)
      if (is) next = digestWith(next, is as unknown as Run)
    }
    return next
  }

  /** A person picked: this is what the record says, and all versions of it are followed. */
  const settle = (key: Key, content: Content | null): Promise<AnyKey[] | null> =>
    locked(async () => {
      await catchUpLocked()
      const kept = shelf.records.get(key)
      if (!kept || !shelf.head) return takeNews()
      const by: Writer = { device: shelf.head.device, at: now(), fork: newId() }
      const next = follow(kept, content, by, kept.since)
      const changed = new Map([[key, next]])
      const { puts, next: headAfter } = batchOf(changed, new Map(), [key], undefined, undefined)
      const digestAfter = digestThen(changed)
      if (digestAfter !== shelf.digest) puts.push({ box: 'meta', key: DIGEST, value: digestAfter })
      await writeBatch(boxes, puts)
      shelf.records.set(key, next)
      shelf.digest = digestAfter
      shelf.head = headAfter
      tell()
      return takeNews([key])
    })

  /** What this tab knows with some touches that are not written: the best there is where the store does not answer. */
  function known(touches: readonly Touch[]): State {
    const all = new Map(shelf.records)
    const entries = new Map([...shelf.pages.keys()].map((run) => [run, new Map(entriesOf(run))]))
    const by: Writer = { device: shelf.head?.device ?? newId(), at: now(), fork: newId() }
    for (const { key, after } of touches.flatMap((touch) => touch.changes)) {
      const entry = readEntryKey(key)
      if (!entry) {
        const kept = all.get(key as Key)
        if (kept || after !== null) all.set(key as Key, follow(kept, after, by, Date.now()))
        continue
      }
      const of = entries.get(entry.run) ?? new Map<string, Kept>()
      const kept = of.get(entry.id)
      if (kept || after !== null) of.set(entry.id, follow(kept, after, by, Date.now()))
      entries.set(entry.run, of)
    }
    return { records: all, entries }
  }
  /** Everything that is kept, read from the store. */
  const state = (): Promise<State> =>
    locked(async () => {
      await catchUpLocked()
      return readState()
    })

  /**
   * Makes the store say another state, as one batch that can be taken back.
   * @param then made of the store’s own state; what it does not name stays
   */
  const write = (
    then: (now: State, by: Writer) => State,
    { label, id, also = [] }: { label?: string; id: string; also?: Put[] },
  ): Promise<void> =>
    locked(async () => {
      await catchUpLocked()
      shelf.head ??= freshHead(newId(), now())
      const before = await readState()
      const by: Writer = { device: shelf.head.device, at: now(), fork: newId() }
      const after = then(before, by)
      const puts: Put[] = []
      for (const [key, kept] of after.records)
        if (before.records.get(key) !== kept) puts.push({ box: boxOf(key), key, value: rowOf(key, kept) })
      for (const [run, of] of after.entries) {
        if (before.entries.get(run) === of) continue
        const all = rowsOf(run, of)
        for (let n = 0; n * PAGE_ENTRIES < all.length; n++)
          puts.push({
            box: 'entries',
            key: pageKey(run, n),
            value: all.slice(n * PAGE_ENTRIES, (n + 1) * PAGE_ENTRIES),
          })
      }
      const changes = label ? changesBetween(before, after) : []
      const undo = label ? { id, label, at: by.at, changes } : undefined
      const { puts: rest, next } = batchOf(new Map(), new Map(), [], undo, undefined)
      shelf.records = new Map(after.records)
      shelf.digest = workedOut()
      next.recent = [{ seq: next.seq, keys: null }]
      puts.push(
        ...rest,
        ...also,
        { box: 'meta', key: DIGEST, value: shelf.digest },
        { box: 'meta', key: OPEN_RUNS, value: openRuns() },
      )
      await writeBatch(boxes, puts)
      shelf.head = next
      await readAll()
      tell()
    })
  /** A removed record and all that went with it in the same batch: a run's plan and lines, a machine's chart. */
  async function removedWith(key: Key): Promise<{ key: AnyKey; was: Content }[]> {
    const at = shelf.records.get(key)?.versions[0]?.at
    const { kind, id } = readKey(key)!
    if (kind === 'run') await locked(() => loadRun(id))
    const beside: [AnyKey, Kept | undefined][] = [
      [key, shelf.records.get(key)],
      ...(kind === 'run'
        ? ([[`plan/${id}`, shelf.records.get(`plan/${id}`)]] as [AnyKey, Kept | undefined][])
        : []),
      ...(kind === 'machine' || kind === 'wire'
        ? ([[`chart/${id}`, shelf.records.get(`chart/${id}`)]] as [AnyKey, Kept | undefined][])
        : []),
      ...(kind === 'run'
        ? [...entriesOf(id)].map(([e, kept]): [AnyKey, Kept] => [entryKey(id, e), kept])
        : []),
    ]
    return beside.flatMap(([one, kept]) => {
      const version = kept?.versions[0]
      return version?.content === null && version.was && version.at === at
        ? [{ key: one, was: version.was }]
        : []
    })
  }

  const shown = (key: AnyKey): Content | null => {
    const entry = readEntryKey(key)
    if (!entry) return shownContent(shelf.records.get(key as Key))
    for (const page of shelf.pages.get(entry.run) ?? []) {
      const kept = page.entries.get(entry.id)
      if (kept) return entryContent(entry.id, kept)
    }
    return null
  }
  return {
    open,
    catchUp,
    commit,
    settle,
    state,
    known,
    write,
    loadRun: (id: string) => locked(() => loadRun(id)),
    loadRuns: () => locked(loadRuns),
    shown,
    removedWith,
    kept: (key: Key) => shelf.records.get(key),
    clockOf: (key: AnyKey): Vector | undefined => {
      const kept = shelf.records.get(key as Key)
      return kept && shownVersion(kept).clock
    },
    entriesOf,
    records: (): ReadonlyMap<Key, Kept> => shelf.records,
    digest: () => shelf.digest,
    head: () => shelf.head,
    asideCount: () => shelf.asideCount,
    /** Records of which versions stand beside each other. */
    apart: (): Key[] => [...shelf.records].filter(([, kept]) => apart(kept).length > 0).map(([key]) => key),
    undoItem: async (id: string): Promise<UndoItem | null> =>
      (await boxes.meta.get(undoKey(id))) as UndoItem | null,
    layAside,
  }
}
export type Books = ReturnType<typeof createBooks>
