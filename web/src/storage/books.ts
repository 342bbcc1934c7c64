import {
  apart,
  beside,
  covers,
  entryKey,
  follow,
  mergeFields,
  readEntryKey,
  saysSame,
  shownContent,
  shownVersion,
  withoutRemoved,
  type Content,
  type Kept,
  type Writer,
} from '@pepper-knot/core/ledger'
import {
  entryContent,
  mergeStates,
  PAGE_ENTRIES,
  readContent,
  readKey,
  type Key,
  type State,
} from '@pepper-knot/core/record'
import { AGES, grownTo, oldIn, readAges } from './ages.ts'
import type { Put } from './boxes.ts'
import { MOST_NEWEST, newestIn, type Past } from './past.ts'
import { createSums } from './sums.ts'
import {
  isSignOff,
  keptName,
  mustBeSure,
  noPlan,
  readUndo,
  undoKey,
  withoutContent,
  type AnyKey,
  type PageChange,
  type Touch,
  type UndoItem,
  type Whole,
} from './touch.ts'
import { boxesOfRows } from './rows.ts'
import type { Holding } from './held.ts'
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
import type { Locked } from './lock.ts'
import {
  boxOf,
  createShelf,
  isOpen,
  pageKey,
  rowOf,
  rowsOf,
  SEALS,
  type Page,
  type ShelfGiven,
} from './shelf.ts'

export { Newer } from './shelf.ts'
export type { AnyKey, PageChange, Touch, UndoItem, Whole } from './touch.ts'

type Then = (now: State, by: Writer) => State
interface Writing {
  label?: string
  id: string
  also?: Put[]
  /** Where there is no room it is shown all the same, and goes in when there is. */
  hold?: boolean
}
/** The store was emptied by somebody else while the page was open. */
export class Cleared extends Error {
  constructor() {
    super('the store was cleared')
    this.name = 'Cleared'
  }
}
export interface Former {
  head: () => Promise<{ device: string; seq: number } | undefined>
  rows: () => Promise<Put[]>
  drop: () => Promise<void>
}
export interface BooksGiven extends Pick<ShelfGiven, 'early' | 'now' | 'newId'> {
  boxes: Holding
  /** What an earlier version of this program keeps, and may still be writing. */
  former?: Former
  locked: Locked
  /** Tells the other tabs that there is something new. */
  tell: () => void
}

const SEEN_FORMER = 'former'
/**
 * The store as one tab knows it: reads what is there, brings a touch together with what others wrote meanwhile, and
 * writes it as one batch. Nothing of the page is in here.
 */
export function createBooks({ boxes, early, former, locked, now, newId, tell }: BooksGiven) {
  const reading = createShelf({ boxes, early, now, newId })
  const { shelf, layAside, readHead, takeIn, readPages, readAll, readState } = reading
  const { loadRun, digestThere, digestNow, entriesOf } = reading
  const { sumsThen, sumsOf, pastRuns, removedRuns } = createSums({ boxes, ...reading })

  const open = () =>
    locked(async () => {
      await bringFormer(true)
      return readAll()
    })

  /**
   * Brings in what the version before this one keeps, and what a tab of it has written since. Where there is no room
   * to move it, it is shown from where it lies.
   * @param first the shop is being opened: what was brought in the last time is no longer needed there
   * @returns whether something came in
   */
  async function bringFormer(first: boolean): Promise<boolean> {
    const head = await former?.head()
    if (!former || !head) return false
    const seen = (await boxes.meta.get(SEEN_FORMER)) as Partial<typeof head> | null
    if (seen?.device === head.device && seen.seq === head.seq) {
      if (first && !boxes.held()) await former.drop().catch(() => undefined)
      return false
    }
    const rows = await former.rows()
    const mark: Put = { box: 'meta', key: SEEN_FORMER, value: head }
    if ((await boxes.meta.get(HEAD)) === null) {
      // Its device may still write there: this store is another.
      const own = rows.map((row) =>
        row.box === 'meta' && row.key === HEAD
          ? { ...row, value: { ...(row.value as object), device: newId() } }
          : row,
      )
      boxes.hold([...own, mark])
      await flush().catch(() => undefined)
      return true
    }
    const theirs = createShelf({ boxes: boxesOfRows(rows), now, newId })
    await theirs.readAll()
    const state = await theirs.readState()
    await writeLocked((mine) => mergeStates(mine, state), { id: newId(), also: [mark] })
    return true
  }
  /** Writes what there was no room for. @throws whatever the browser says */
  const flush = async () => {
    if (boxes.held()) await boxes.write([], true)
  }

  /**
   * Content that was removed long ago goes, its mark stays; so do touches of signed-off runs that can be taken back no
   * longer. Nobody waits for it.
   */
  const tidy = (): Promise<void> =>
    locked(async () => {
      await catchUpLocked()
      if (!shelf.head) return
      for (const id of await removedRuns()) await loadRun(id)
      const removed = [...shelf.records].flatMap(([key, kept]) =>
        kept.versions.some((v) => v.was !== undefined) ? [key] : [],
      )
      const listed = new Set(shelf.head.undos.map((u) => undoKey(u.id)))
      const undos = (await boxes.meta.keys(undoKey(SIGN_OFF))).filter((key) => !listed.has(key))
      const at = Date.parse(now())
      const ages = grownTo(readAges(await boxes.meta.get(AGES), at), at, [...removed, ...undos])
      const old = new Set(oldIn(ages))
      for (const key of old) delete ages.from[key]
      // No version changes, so nobody needs to be told.
      const swept = removed
        .filter((key) => old.has(key))
        .map((key) => [key, withoutRemoved(shelf.records.get(key)!)] as const)
      await boxes.write([
        ...swept.map(([key, kept]): Put => ({ box: boxOf(key), key, value: rowOf(key, kept) })),
        ...undos.filter((key) => old.has(key)).map((key): Put => ({ box: 'meta', key })),
        { box: 'meta', key: AGES, value: ages },
        ...(shelf.sealed ? [] : [{ box: 'meta' as const, key: SEALS, value: shelf.seals }]),
      ])
      shelf.sealed = true
      for (const [key, kept] of swept) shelf.records.set(key, kept)
    })

  /** What came in and nobody was told of yet: the work it came in with may have failed. `null`: everything. */
  let news: Set<AnyKey> | null = new Set()
  const takeNews = (also: readonly AnyKey[] = []): AnyKey[] | null => {
    const told = news && [...news, ...also]
    news = new Set()
    return told
  }
  /** Brings in what others wrote. */
  async function catchUpLocked(): Promise<void> {
    if (boxes.held() && (await boxes.under.meta.get(HEAD)) !== null) {
      // Another tab found room.
      boxes.letGo()
      shelf.head = undefined
    }
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
    if (shelf.digest) shelf.digest = (await digestThere()) ?? shelf.digest
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
    changed: ReadonlyMap<Key, Kept | undefined>,
    dirty: ReadonlyMap<string, ReadonlySet<Page>>,
    keys: AnyKey[],
    undo: UndoItem | undefined,
    used: string | undefined,
  ): { puts: Put[]; next: Head } {
    const puts: Put[] = []
    for (const [key, kept] of changed)
      puts.push({ box: boxOf(key), key, ...(kept && { value: rowOf(key, kept) }) })
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
      at,
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
      const by: Writer = {
        device: shelf.head.device,
        at: now(),
        fork: `${shelf.head.device}~${newId()}`,
        ...(touch.readyMade && { readyMade: true }),
      }
      const changed = new Map<Key, Kept | undefined>()
      const wholes = new Map<AnyKey, Whole>()
      let putBack = false
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
          const back = change.back && change.back.now === keptName(kept) ? change.back : undefined
          if (!back && saysSame(entryContent(entry.id, kept), change.after)) continue
          const next = back ? (back.was ?? undefined) : follow(kept, change.after, by, place())
          entries.push([page, entry.id, kept!])
          if (next) page.entries.set(entry.id, next)
          else page.entries.delete(entry.id)
          if (back) putBack = true
          if (touch.whole) wholes.set(change.key, { was: kept ?? null, now: keptName(next) })
          dirty.set(entry.run, (dirty.get(entry.run) ?? new Set()).add(page))
        } else {
          const key = change.key as Key
          if (!shelf.records.has(key) && boxOf(key) === 'runs') await loadRun(readKey(key)!.id)
          const kept = changed.get(key) ?? shelf.records.get(key)
          if (change.back && change.back.now === keptName(kept)) {
            changed.set(key, change.back.was ?? undefined)
            putBack = true
            continue
          }
          const made = nextOf(kept, change, by, place)
          const next = made && change.unmade ? withoutContent(made) : made
          if (!next) continue
          changed.set(key, next)
          if (touch.whole || (kept && apart(kept).length))
            wholes.set(key, { was: kept ?? null, now: keptName(next) })
        }
      }
      const keys = touch.changes.map((c) => c.key)
      if (changed.size === 0 && dirty.size === 0 && !used) {
        await flush()
        return takeNews()
      }
      const undo = touch.label
        ? {
            id: touch.id,
            label: touch.label,
            at: by.at,
            changes: touch.changes.map((change) => ({
              ...noPlan(change),
              ...(wholes.has(change.key) && { whole: wholes.get(change.key)! }),
            })),
          }
        : undefined
      const { puts, next } = batchOf(changed, dirty, keys, undo, used)
      next.since = last
      // Its count went back with the versions: what is written from here on is written by another.
      if (putBack) next.device = newId()
      try {
        await putAll(changed, puts, next, mustBeSure(touch))
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
      touch.written = true
      tell()
      return takeNews(keys)
    })
  }
  /** Writes a batch with the sums of all runs, and knows it once it stands. @throws whatever the browser says */
  async function putAll(changed: ReadonlyMap<Key, Kept | undefined>, puts: Put[], next: Head, sure: boolean) {
    const digest = await sumsThen(changed, puts)
    await boxes.write(puts, sure)
    for (const [key, kept] of changed)
      if (kept) shelf.records.set(key, kept)
      else shelf.records.delete(key)
    shelf.digest = digest
    shelf.head = next
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
    // Standing beside another version: a touch goes on with the one it was made on, and decides nothing.
    if (apart(kept).length) {
      if (saysSame(current, after)) return undefined
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
  /** The runs that were signed off, the last one first. */
  const past = (): Promise<Past[]> => locked(async () => (await pastRuns()).signed)
  /** The latest of them. */
  const newest = async (): Promise<Past[]> => (await newestIn(boxes)) ?? (await past()).slice(0, MOST_NEWEST)
  /** Reads the runs that were removed: they are kept for a while. */
  const loadRemoved = (): Promise<void> =>
    locked(async () => {
      for (const id of await removedRuns()) await loadRun(id)
    })
  /** A person picked: this is what the record says, and all versions of it are followed. */
  const settle = (key: Key, content: Content | null, { label, id }: { label: string; id: string }) =>
    locked(async (): Promise<AnyKey[] | null> => {
      await catchUpLocked()
      const kept = shelf.records.get(key)
      if (!kept || !shelf.head) return takeNews()
      const by: Writer = { device: shelf.head.device, at: now(), fork: newId() }
      const next = follow(kept, content, by, kept.since)
      const changed = new Map([[key, next]])
      const whole = { was: kept, now: keptName(next) }
      const undo = {
        id,
        label,
        at: by.at,
        changes: [{ key, before: shownContent(kept), after: content, whole }],
      }
      const { puts, next: headAfter } = batchOf(changed, new Map(), [key], undo, undefined)
      await putAll(changed, puts, headAfter, true)
      tell()
      return takeNews([key])
    })

  /** All that is kept, with some touches that are not written; what this tab knows, where the store does not answer. */
  async function known(touches: readonly Touch[]): Promise<State> {
    const here = () => ({
      records: new Map(shelf.records),
      entries: new Map([...shelf.pages.keys()].map((run) => [run, new Map(entriesOf(run))])),
    })
    const found = await state().catch(here)
    const all = new Map(found.records)
    const entries = new Map<string, Map<string, Kept>>(
      [...found.entries].map(([run, of]) => [run, new Map(of)]),
    )
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
   * @throws whatever the browser says; nothing was written then
   */
  const write = (then: Then, how: Writing): Promise<void> =>
    locked(async () => {
      await catchUpLocked()
      await writeLocked(then, how)
    })
  async function writeLocked(then: Then, { label, id, also = [], hold = false }: Writing): Promise<void> {
    shelf.head ??= freshHead(newId(), now())
    const before = await readState()
    const by: Writer = { device: shelf.head.device, at: now(), fork: newId() }
    const after = then(before, by)
    const puts: Put[] = []
    const changes: UndoItem['changes'] = []
    const note = (
      key: AnyKey,
      was: Kept | undefined,
      is: Kept,
      shown: (kept: Kept | undefined) => Content | null,
    ) =>
      label &&
      changes.push({
        key,
        before: shown(was),
        after: shown(is),
        whole: { was: was ?? null, now: keptName(is) },
      })
    for (const [key, kept] of after.records) {
      const was = before.records.get(key)
      if (was === kept || saysSame(was, kept)) continue
      puts.push({ box: boxOf(key), key, value: rowOf(key, kept) })
      note(key, was, kept, shownContent)
    }
    for (const [run, of] of after.entries) {
      const there = before.entries.get(run)
      if (there === of) continue
      let other = false
      for (const [entry, kept] of of) {
        const was = there?.get(entry)
        if (was === kept || saysSame(was, kept)) continue
        other = true
        note(entryKey(run, entry), was, kept, (one) => entryContent(entry, one))
      }
      if (!other) continue
      const all = rowsOf(run, of)
      for (let n = 0; n * PAGE_ENTRIES < all.length; n++)
        puts.push({
          box: 'entries',
          key: pageKey(run, n),
          value: all.slice(n * PAGE_ENTRIES, (n + 1) * PAGE_ENTRIES),
        })
    }
    const undo = label && changes.length ? { id, label, at: by.at, changes } : undefined
    const { puts: rest, next } = batchOf(new Map(), new Map(), [], undo, undefined)
    next.recent = [{ seq: next.seq, keys: null }]
    puts.push(...rest, ...also, ...(await sumsOf(after)))
    await boxes.write(puts, true).catch((error: unknown) => {
      if (!hold) throw error
      boxes.hold(puts)
    })
    await readAll()
    tell()
  }
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

  const keptOf = (key: AnyKey): Kept | undefined => {
    const entry = readEntryKey(key)
    if (!entry) return shelf.records.get(key as Key)
    return shelf.pages
      .get(entry.run)
      ?.find((page) => page.entries.has(entry.id))
      ?.entries.get(entry.id)
  }
  const shown = (key: AnyKey): Content | null => {
    const record = shelf.records.get(key as Key)
    if (record) return shownContent(record)
    const entry = readEntryKey(key)
    return entry ? entryContent(entry.id, keptOf(key)) : shownContent(keptOf(key))
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
    past,
    loadRemoved,
    newest,
    shown,
    removedWith,
    kept: (key: Key) => shelf.records.get(key),
    clockOf: (key: AnyKey): PageChange['seen'] => {
      const kept = shelf.records.get(key as Key)
      return kept && shownVersion(kept).clock
    },
    entriesOf,
    records: (): ReadonlyMap<Key, Kept> => shelf.records,
    digest: () => shelf.digest,
    loadDigest: () => locked(digestNow),
    head: () => shelf.head,
    asideCount: () => shelf.asideCount,
    /** Records of which versions stand beside each other. */
    apart: (): Key[] => [...shelf.records].filter(([, kept]) => apart(kept).length > 0).map(([key]) => key),
    undoItem: async (id: string): Promise<UndoItem | null> => readUndo(await boxes.meta.get(undoKey(id))),
    keptNow: (key: AnyKey): string => keptName(keptOf(key)),
    tidy,
    flush: () => locked(flush),
    bringFormer: () => locked(() => bringFormer(false)),
    layAside,
  }
}
export type Books = ReturnType<typeof createBooks>
