import { defineStore } from 'pinia'
import { ref, shallowRef, toRaw } from 'vue'
import {
  mergeFields,
  readEntryKey,
  shownContent,
  takeBack,
  withPicks,
  type Clash,
  type Content,
} from '@pepper-knot/core/ledger'
import {
  defaultSettings,
  digestOf,
  idsByList,
  LISTS,
  thingIn,
  type Digest,
  type Key,
  type Settings,
  type Shop,
  type State,
} from '@pepper-knot/core/record'
import { problemAt, say, type Problem } from '@pepper-knot/core/trade'
import { idle } from '../composables/idle.ts'
import { inTime, NoAnswer, tried } from '../storage/inTime.ts'
import { newId } from '../storage/newId.ts'
import { asKept, keptAsRead } from './kept.ts'
import type { AnyKey, Books, PageChange, Touch } from '../storage/books.ts'
import type * as Edge from '../storage/edge.ts'
import type * as Page from './page.ts'
import type { ListName, ThingIn, ThingName, Unkept } from './page.ts'
import type { Past } from '../storage/past.ts'
import { fetchInfo } from '../storage/server.ts'

type TakenBack = ReturnType<typeof takeBack<AnyKey>>

export { newId }
export type SaveState = 'saved' | 'saving' | 'failed' | 'full' | 'no-answer' | 'cleared' | 'newer'
export type Phase = 'loading' | 'welcome' | 'ready' | 'unreadable' | 'newer' | 'failed' | 'no-answer'

const UNNAMED = 'My shop'
const blank = (): Shop => ({
  name: UNNAMED,
  settings: defaultSettings(),
  ...(Object.fromEntries(LISTS.map((list) => [list, []])) as unknown as Pick<Shop, ListName>),
})

/** What reads and writes the browser's store; asked for again where it could not be fetched. */
let fetched: (typeof Edge & typeof Page) | undefined
const edge = async () =>
  (fetched ??= {
    ...(await import('../storage/edge.ts')),
    ...(await import('./page.ts')),
  })
// Fetched as soon as this file runs, beside everything else.
edge().catch(() => undefined)

/** A clock this far behind the last writing was set back, ms. */
const CLOCK_BACK_MS = 120_000
/** How often an open tab of the version before this one is looked for, ms. */
const LOOK_BEFORE_MS = 10_000
/** How often old removed things are looked for, ms. */
const TIDY_MS = 6 * 3_600_000

interface Queued extends Touch {
  /** The touch that this one takes back. */
  used?: string | undefined
  running?: boolean
}
export interface TakingBack {
  id: string
  label: string
  taken: TakenBack
}
type PageStuff = ReturnType<typeof Page.createPage>

/** The shop as it is kept: opened, saved at every touch, taken back. What stands in it has a store each. */
export const useShop = defineStore('shop', () => {
  const shop = ref<Shop>(blank())
  const digest = shallowRef<Digest>(digestOf([]))
  const phase = ref<Phase>('loading')
  const saveState = ref<SaveState>('saved')
  const problems = ref<Problem[]>([])
  const unreadableText = ref('')
  /** What of the shop could not be written as it stands; the last version that could is kept in its place. */
  const unkept = shallowRef<Unkept[]>([])
  /** How many records the shop opened without. */
  const openedWithout = ref(0)
  /** Counts how often the whole page was read anew. */
  const rebuilt = ref(0)
  /** Records that were changed in two places: a person picks. */
  const apart = shallowRef<Key[]>([])
  /** The latest that were signed off, the last one first, once they were asked for. */
  const past = shallowRef<Past[]>([])
  /** Counts how often the list of what was signed off may have become another. */
  const pastChanged = ref(0)
  /** Touches that can be taken back, the last one last. */
  const undos = shallowRef<{ id: string; label: string; at: string }[]>([])
  /** Said once, with a way back, after something was removed or replaced. */
  const told = ref<{ label: string; id: string } | null>(null)
  /** What a person must look at before a touch is taken back. */
  const takingBack = shallowRef<TakingBack | null>(null)
  /** A page of the version before this one is open and writes too. */
  const oldTab = ref(false)
  /** The clock stands before the last writing. */
  const clockBack = ref(false)

  let books: Books | undefined
  let page: PageStuff | undefined
  const queue: Queued[] = []
  /** What is handed over next comes with the program. */
  let asReadyMade = false
  /** Touches of this page, for taking back before they are written. */
  const recent = new Map<string, Queued>()

  /** What a record says, with all that waits to be written. */
  function contentOf(key: AnyKey): Content | null {
    let content = books?.shown(key) ?? null
    for (const { changes, written } of queue)
      for (const change of written ? [] : changes)
        if (change.key === key) content = mergeFields(change.before, change.after, content).content
    return content
  }
  /** The same as it stands now, for later: records are replaced, never changed. */
  function asItStands() {
    const records = new Map(books?.records())
    const waiting = queue.flatMap(({ changes, written }) => (written ? [] : changes.map((c) => c.key)))
    const touched = new Map(waiting.map((key) => [key, contentOf(key)]))
    return (key: AnyKey): Content | null =>
      touched.has(key) ? touched.get(key)! : shownContent(records.get(key as Key))
  }
  const entryIds = (run: string) => {
    const ids = new Set(books?.entriesOf(run).keys())
    for (const { changes } of queue)
      for (const { key } of changes) {
        const entry = readEntryKey(key)
        if (entry?.run === run) ids.add(entry.id)
      }
    return ids
  }
  async function ready() {
    const { openBooks, createPage } = await edge()
    books ??= openBooks(() => void sync())
    if (page) return { books, page }
    page = createPage(shop, {
      content: contentOf,
      asItStands,
      since: (key) => books!.kept(key)?.since ?? Infinity,
      seen: (key) => books!.clockOf(key),
      entryIds,
      newId,
      touched: () => phase.value === 'ready' && void save(),
    })
    // A shop that was shown before there was anything to write it with.
    if (phase.value === 'ready') page.touchAll()
    return { books, page }
  }

  /** A thing of the page says something else: it is written at the next chance. */
  const touched = (thing: ThingName) => page?.touch(thing)
  /** Puts a thing of a list in its place, or at the end. */
  function put<L extends ListName>(list: L, item: ThingIn<L>) {
    const items = shop.value[list] as (typeof item)[]
    const at = items.findIndex(({ id }) => id === item.id)
    if (at < 0) items.push(item)
    else items[at] = item
    touched(`${list}/${item.id ?? ''}`)
  }
  function drop<L extends ListName>(list: L, goes: (item: ThingIn<L>) => boolean) {
    const items = shop.value[list] as ThingIn<L>[]
    const gone = items.filter(goes)
    if (gone.length === 0) return
    ;(shop.value[list] as ThingIn<L>[]) = items.filter((item) => !goes(item))
    for (const { id } of gone) touched(`${list}/${id ?? ''}`)
  }
  /** Puts a whole list in the place of what was there; what is the very same thing was not touched. */
  function lay<L extends ListName>(list: L, items: ThingIn<L>[]) {
    const there = toRaw(shop.value[list]) as ThingIn<L>[]
    const known = new Map(there.map((item) => [item.id, item]))
    ;(shop.value[list] as ThingIn<L>[]) = items
    for (const item of items) {
      if (known.get(item.id) !== item) touched(`${list}/${item.id ?? ''}`)
      known.delete(item.id)
    }
    for (const id of known.keys()) touched(`${list}/${id ?? ''}`)
  }
  function rename(name: string) {
    shop.value.name = name
    touched('shop')
  }
  function set(more: Partial<Settings>) {
    Object.assign(shop.value.settings, more)
    touched('settings')
  }

  /** Hands over what was touched. */
  function handOver(label?: string, id = newId()): Queued | undefined {
    if (!page) return undefined
    const changes = page.changes()
    unkept.value = page.unkept()
    if (changes.length === 0) return undefined
    const last = queue.at(-1)
    if (label === undefined && last && !last.label && !last.used && !last.running) {
      for (const change of changes) {
        const before = last.changes.find((c) => c.key === change.key)
        if (before) before.after = change.after
        else last.changes.push(change)
      }
      return last
    }
    const touch: Queued = { id, label, changes, ...(asReadyMade && { readyMade: true }) }
    asReadyMade = false
    queue.push(touch)
    return touch
  }

  let writing: Promise<void> | undefined
  /** Keeps the shop: one batch at a time, each of what was touched by then. Done when nothing is left to write. */
  function save(): Promise<void> {
    if (saveState.value === 'saved') saveState.value = 'saving'
    writing ??= writeAll().finally(() => {
      writing = undefined
      // Touched, or asked for, between the last batch and here.
      if (saveState.value === 'saving' || (saveState.value === 'saved' && (queue.length || page?.pending())))
        return save()
    })
    return writing
  }
  async function writeAll() {
    // What changes in the same breath goes into the same batch.
    await Promise.resolve()
    try {
      const { books, page } = await ready()
      for (;;) {
        handOver()
        const touch = queue[0]
        if (!touch) {
          await answered(books.flush())
          // Touched while that was under way: saved is said of everything, or not at all.
          if (queue.length || page.pending()) continue
          break
        }
        touch.running = true
        if (saveState.value !== 'saving') saveState.value = 'saving'
        const keys = await answered(books.commit(touch, touch.used))
        if (page.pending()) handOver()
        queue.shift()
        show(keys)
      }
      saveState.value = 'saved'
    } catch (error) {
      for (const touch of queue) touch.running = false
      saveState.value = failureOf(error)
    }
  }
  /** Work of the store that never ends is said; should it end after all, it is as if it had been in time. */
  const answered = <T>(work: Promise<T>): Promise<T> =>
    inTime(work).catch((error: unknown) => {
      if (!(error instanceof NoAnswer)) throw error
      saveState.value = 'no-answer'
      return work.finally(() => (saveState.value = writing ? 'saving' : 'saved'))
    })
  const failureOf = (error: unknown): SaveState => {
    if (fetched && error instanceof fetched.Cleared) return 'cleared'
    if (fetched && error instanceof fetched.Newer) return 'newer'
    if (error instanceof NoAnswer) return 'no-answer'
    return error instanceof Error && error.name === 'QuotaExceededError' ? 'full' : 'failed'
  }

  /** Sets on the page what the store now says; `null`: everything. */
  function show(keys: readonly AnyKey[] | null) {
    if (!books || !page) return
    if (keys === null) {
      rebuild()
      rebuilt.value++
      pastMoved()
    } else if (keys.length) {
      page.receive(keys, (id) => !isSigned(id))
      if (keys.some((key) => key.startsWith('run/'))) pastMoved()
    }
    const sums = books.digest()
    if (sums) digest.value = sums
    else void painted().then(loadDigest)
    const now = books.apart()
    if (now.length || apart.value.length) apart.value = now
    const head = books.head()
    if (head && head.undos !== undos.value) undos.value = head.undos
    clockBack.value = head !== undefined && Date.now() < Date.parse(head.at) - CLOCK_BACK_MS
  }
  const isSigned = (id: string) => {
    const fields = contentOf(`run/${id}`)
    return fields !== null && fields.signedOffAt !== undefined
  }
  function rebuild() {
    const records = books!.records()
    const shown = painted()
    const ids = idsByList(records)
    const things = (list: ListName) => ids[list].map((id) => thingIn(records, list, id)!)
    const others = LISTS.filter((list) => list !== 'runs').map((list) => [
      list,
      keptAsRead(things(list), shown),
    ])
    const runs = ids.runs.filter((id) => !isSigned(id))
    page!.rebuild(
      {
        name: (shownContent(records.get('shop/shop'))?.name as string | undefined) ?? UNNAMED,
        settings: {
          ...defaultSettings(),
          ...(structured(shownContent(records.get('settings/settings'))) as Partial<Settings> | null),
        },
        ...(Object.fromEntries(others) as unknown as Omit<Pick<Shop, ListName>, 'runs'>),
        runs: runs.map((id) => thingIn(records, 'runs', id, books!.entriesOf(id))!),
      },
      shown,
    )
    const waiting = queue.flatMap((touch) => touch.changes.map((c) => c.key))
    if (waiting.length) page!.receive(waiting, () => true)
  }

  /** Looks for what other tabs wrote. */
  async function sync() {
    if (phase.value !== 'ready' || !books) return
    try {
      const keys = await books.catchUp()
      handOver()
      if (keys === null || keys.length) show(keys)
      if (queue.length) void save()
    } catch (error) {
      saveState.value = failureOf(error)
    }
  }

  /** What is kept of all runs together: the page is drawn first. */
  const loadDigest = async () => {
    if (books) digest.value = await books.loadDigest().catch(() => digest.value)
  }
  let pastAsked = false
  function pastMoved() {
    pastChanged.value++
    if (pastAsked) void loadPast()
  }
  /** The latest of what was signed off: read when somebody looks at it. */
  async function loadPast() {
    if (!books) return
    pastAsked = true
    past.value = await books.newest().catch(() => past.value)
  }
  /** Runs that were removed: read when somebody looks for them. */
  const loadRemoved = async () => {
    await books?.loadRemoved().catch(() => undefined)
    pastChanged.value++
  }
  /** One change with all that stands beside it. */
  async function loadRun(id: string) {
    if (!books) return
    await books.loadRun(id)
    handOver()
    page?.receive([`run/${id}`], () => true)
  }

  let watching = false
  function watchOthers() {
    if (watching || typeof window === 'undefined') return
    watching = true
    const look = () => document.visibilityState !== 'hidden' && void sync().then(lookBefore)
    window.addEventListener('focus', look)
    window.addEventListener('pageshow', look)
    document.addEventListener('visibilitychange', look)
    setInterval(() => void lookBefore(), LOOK_BEFORE_MS)
  }
  /** A tab of the version before this one may still write its own text. */
  async function lookBefore() {
    if (phase.value !== 'ready' || !books || document.visibilityState === 'hidden' || writing) return
    const { bringBefore, boxes } = await edge()
    const brought = await bringBefore(books, boxes, UNNAMED, newId).catch(() => undefined)
    if (brought?.state === 'brought' || (await books.bringFormer().catch(() => false))) {
      handOver()
      show(null)
      oldTab.value = true
    }
  }

  async function load() {
    phase.value = 'loading'
    // Asked beside the reading, which a first visit finds empty.
    const info = fetchInfo()
    try {
      const { bringBefore, boxes, Newer } = await edge()
      const { books } = await ready()
      const found = await tried(
        () => books.open(),
        (error) => error instanceof Newer,
      )
      const brought = found
        ? ({ state: 'none' } as const)
        : await tried(
            () => bringBefore(books, boxes, UNNAMED, newId),
            () => false,
          )
      if (brought.state === 'unreadable') {
        problems.value = brought.problems
        unreadableText.value = brought.text
        phase.value = 'unreadable'
        return
      }
      if (!found && brought.state !== 'brought') {
        if ((await info)?.demo) await openDemo()
        else phase.value = 'welcome'
        return
      }
      show(null)
      openedWithout.value = books.asideCount()
      phase.value = 'ready'
      watchOthers()
      // What there was no room for is shown, and said not to be saved.
      await books.flush().catch((error: unknown) => (saveState.value = failureOf(error)))
      void painted().then(lookBefore).then(tidy)
    } catch (error) {
      const state = failureOf(error)
      problems.value =
        state === 'no-answer' || state === 'newer' ? [] : [problemAt('', say('storage.unreadable'))]
      phase.value = state === 'newer' ? 'newer' : state === 'no-answer' ? 'no-answer' : 'failed'
    }
  }

  /** What was kept long enough goes; nobody waits for it, and it is done again while the page stays open. */
  async function tidy() {
    await idle()
    await books?.tidy().catch(() => undefined)
    setTimeout(() => void tidy(), TIDY_MS)
  }

  async function openDemo() {
    const { demoShop } = await edge()
    const settings = phase.value === 'ready' ? shop.value.settings : defaultSettings()
    start({ ...blank(), ...demoShop(new Date().toISOString()), settings }, true)
  }
  const openEmpty = () => start(blank())
  /** Over something that could not be read: it is laid aside first, and where it cannot be, nothing is begun. */
  async function openBeside() {
    try {
      const { clearAside } = await import('../storage/aside.ts')
      await inTime(clearAside())
      const { passOver, boxes } = await edge()
      const { books } = await ready()
      await books.open()
      if (unreadableText.value) await books.layAside('shop', unreadableText.value)
      await passOver(boxes)
      openEmpty()
    } catch {
      problems.value = [problemAt('', say('storage.asideFailed'))]
    }
  }
  function start(fresh: Shop, readyMade = false) {
    shop.value = withIds(fresh)
    asReadyMade = readyMade
    phase.value = 'ready'
    watchOthers()
    if (page) return page.touchAll()
    // Shown first: what checks and writes it takes longer to come than to draw.
    void painted().then(ready).then(save)
  }

  /** Does something that can be taken back, and says so. */
  function undoable(label: string, change: () => void, id?: string) {
    handOver()
    change()
    const touch = handOver(label, id)
    if (!touch) return
    recent.set(touch.id, touch)
    told.value = { label, id: touch.id }
    void save()
  }
  /** Takes back one touch and nothing else: fields changed again since are shown first. */
  async function undo(id = told.value?.id ?? undos.value.at(-1)?.id) {
    if (id === undefined || !books) return
    told.value = null
    handOver()
    // The page is not left before it is written.
    if (saveState.value === 'saved') saveState.value = 'saving'
    try {
      const touch = recent.get(id)
      // One that was written is asked of the store, which knows the versions too.
      if (!touch && queue.some((waits) => waits.id === id)) await save()
      const item = (touch && !touch.written ? touch : await undoItem(id)) ?? touch
      if (item) {
        await loadRunsOf(item)
        // What nobody touched since comes back as it was kept; of the rest, its fields.
        const waits = new Set(queue.flatMap(({ changes }) => changes.map((c) => c.key)))
        const whole = item.changes.flatMap((change): PageChange[] => {
          const back = 'whole' in change ? change.whole : undefined
          return back && !waits.has(change.key) && books!.keptNow(change.key) === back.now
            ? [
                {
                  key: change.key,
                  before: contentOf(change.key),
                  after: shownContent(back.was ?? undefined),
                  back,
                },
              ]
            : []
        })
        const done = new Set(whole.map((c) => c.key))
        const taken = takeBack<AnyKey>(
          item.changes.filter((c) => !done.has(c.key)),
          contentOf,
        )
        if (taken.clashes.length)
          takingBack.value = {
            id,
            label: item.label ?? '',
            taken: { ...taken, changes: [...taken.changes, ...whole] },
          }
        else apply([...taken.changes, ...whole], id)
      }
    } catch (error) {
      saveState.value = failureOf(error)
      return
    }
    await save()
  }
  const loadRunsOf = async ({ changes }: Pick<Touch, 'changes'>) => {
    for (const run of new Set(changes.flatMap(({ key }) => runOf(key) ?? []))) await books!.loadRun(run)
  }
  /** A touch that was written; the plan it ended is where removed things are kept. */
  async function undoItem(id: string) {
    const item = await books!.undoItem(id)
    if (!item) return null
    await loadRunsOf(item)
    const changes = item.changes.map((change) => {
      const was = change.key.startsWith('plan/') && books!.kept(change.key as Key)?.versions[0]?.was
      return was && change.after === null ? { ...change, before: was } : change
    })
    return { ...item, changes }
  }
  /** Whether a touch of that name can still be taken back. */
  const canUndo = async (id: string) => recent.has(id) || (await undoItem(id).catch(() => null)) !== null
  const runOf = (key: AnyKey) => readEntryKey(key)?.run ?? /^(?:run|plan)\/(.+)$/s.exec(key)?.[1]
  /** A person picked what of a touch is taken back. */
  function takeBackPicked(back: (clash: Clash<AnyKey>) => boolean) {
    const asked = takingBack.value
    if (!asked) return
    takingBack.value = null
    apply(withPicks(asked.taken, back, contentOf), asked.id)
  }
  /** Writes records from here, and shows them. */
  function apply(changes: readonly PageChange[], used?: string) {
    if (!books || !page) return
    handOver()
    const seen = (change: PageChange): PageChange => ({
      ...change,
      seen: books!.clockOf(change.key),
      ...(used !== undefined && change.after === null && !change.back && { unmade: true }),
    })
    queue.push({ id: newId(), used, changes: changes.map(seen) })
    if (used) recent.delete(used)
    page.receive(
      changes.map((c) => c.key),
      () => true,
    )
    void save()
  }
  /** A person picked which of several versions stands. */
  async function settle(key: Key, content: Content | null, label: string) {
    if (!books) return
    handOver()
    const id = newId()
    try {
      show(await answered(books.settle(key, content, { label, id })))
      told.value = { label, id }
    } catch (error) {
      saveState.value = failureOf(error)
    }
  }
  /** Puts back a record that was removed, and what went with it. */
  async function putBack(key: Key, label: string) {
    if (!books) return
    handOver()
    const gone = await books.removedWith(key).catch(() => [])
    if (gone.length === 0) return
    const touch: Queued = {
      id: newId(),
      label,
      whole: true,
      changes: gone.map((one) => ({
        key: one.key,
        before: null,
        after: one.was,
        seen: books!.clockOf(one.key),
      })),
    }
    queue.push(touch)
    page?.receive(
      gone.map((one) => one.key),
      () => true,
    )
    told.value = { label, id: touch.id }
    void save()
  }

  /** What this page knows, with what waits to be written: for a file, where the store cannot be asked. */
  async function known(): Promise<State> {
    handOver()
    if (books) return books.known(queue)
    const { migrate } = await edge()
    return migrate(JSON.parse(JSON.stringify(shop.value)) as Shop, new Date().toISOString())
  }
  /** Puts another shop in the place of this one: one batch, one undo. */
  async function replaceAll(label: string, next: Shop) {
    const { migrate, imported } = await edge()
    const { books } = await ready()
    await save()
    const at = new Date().toISOString()
    const file = migrate(withIds(next), at)
    const id = newId()
    try {
      await answered(books.write((now, by) => imported(now, file, 'replace', by), { label, id }))
      show(null)
      told.value = { label, id }
    } catch (error) {
      saveState.value = failureOf(error)
    }
  }
  /** The store was changed as a whole by a worker of this page. */
  async function shownAnew(undo?: { label: string; id: string }) {
    await sync()
    if (undo) told.value = undo
  }
  /** The store was cleared by somebody else: what the page shows is written again, because somebody said so. */
  async function writeAnew() {
    const kept = JSON.parse(JSON.stringify(shop.value)) as Shop
    const { openBooks } = await edge()
    books = openBooks(() => void sync())
    queue.length = 0
    saveState.value = 'saving'
    try {
      await books.open()
      // Nothing of it is in the store: every record is new.
      shop.value = withIds(kept)
      page!.forget()
      page!.touchAll()
      await save()
    } catch (error) {
      saveState.value = failureOf(error)
    }
  }

  return {
    shop,
    digest,
    phase,
    saveState,
    problems,
    unreadableText,
    told,
    undos,
    past,
    apart,
    takingBack,
    clockBack,
    oldTab,
    unkept,
    openedWithout,
    load,
    save,
    rebuilt,
    loadPast,
    pastChanged,
    loadRemoved,
    loadRun,
    openDemo,
    openEmpty,
    openBeside,
    touched,
    put,
    drop,
    lay,
    rename,
    set,
    undoable,
    undo,
    canUndo,
    takeBackPicked,
    settle,
    putBack,
    known,
    replaceAll,
    shownAnew,
    writeAnew,
    start,
    kept: (key: Key) => books?.kept(key),
    contentOf,
    /** Records that were removed, with what they were. */
    removed: () =>
      [...(books?.records() ?? [])].flatMap(([key, kept]) => {
        const [version] = kept.versions
        return kept.versions.length === 1 &&
          version?.content === null &&
          version.was &&
          !/^(?:plan|chart)\//.test(key)
          ? [{ key, was: version.was, at: version.at }]
          : []
      }),
  }
})

const structured = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T
/** When the browser has drawn what now stands; a page nobody sees is not drawn, and waits no longer. */
const painted = () =>
  new Promise((done) => {
    requestAnimationFrame(() => setTimeout(done))
    setTimeout(done, 300)
  })

const withIds = (shop: Shop): Shop => ({
  ...shop,
  machines: shop.machines.map(asKept),
  store: shop.store.map((part) => asKept({ ...part, id: part.id ?? newId() })),
})
