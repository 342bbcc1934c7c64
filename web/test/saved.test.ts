/** @jest-environment node */
import 'fake-indexeddb/auto'
import localforage from 'localforage'
import { imported, mergeStates, migrate, textOf, type Content, type Shop } from '@pepper-knot/core/internal'
import { dice, type Dice } from '../../core/test/otherSetups.ts'
import { times } from '../../core/test/counts.ts'
import { createBooks, type Books, type PageChange } from '../src/storage/books.ts'
import { BOX_NAMES, browserBoxes, type Boxes, type Put } from '../src/storage/boxes.ts'
import { dropBefore, headOfBefore, rowsOfBefore } from '../src/storage/former.ts'
import { holding } from '../src/storage/held.ts'
import { memoryLock, memoryStore } from './memoryBoxes.ts'
import { shop } from './bench.ts'

jest.setTimeout(600_000)
/** The browser's own store, as a well-kept library keeps it: IndexedDB, W3C Recommendation 3.0. */
const small: Shop = {
  ...shop,
  machines: shop.machines.slice(0, 2),
  store: shop.store.slice(0, 4).map((part, i) => ({ ...part, id: `p${i}` })),
  runs: [],
}
const AT = '2026-11-26T08:00:00.000Z'
let n = 0
let clock = Date.parse(AT)
const lock = memoryLock()
const former = { head: headOfBefore, rows: rowsOfBefore, drop: dropBefore }
const tab = (boxes: Boxes, more: object = {}): Books =>
  createBooks({
    boxes: holding(boxes),
    locked: lock,
    now: () => new Date(clock).toISOString(),
    newId: () => `id${++n}`,
    tell: () => undefined,
    ...more,
  })
async function text(boxes: Boxes): Promise<string> {
  const rows = await Promise.all(BOX_NAMES.map(async (name) => [name, await boxes[name].all()]))
  return textOf(rows)
}
async function emptied(): Promise<Boxes> {
  const boxes = browserBoxes()
  for (const name of BOX_NAMES)
    await boxes.write((await boxes[name].keys()).map((key): Put => ({ box: name, key })))
  return boxes
}
const first = (books: Books) => books.write((now) => mergeStates(now, migrate(small, AT)), { id: 'first' })

/** How a store fails in the middle of a batch: the value cannot be taken, the batch is given up, there is no room. */
const WAYS = ['throws', 'abort', 'quota'] as const
const put = IDBObjectStore.prototype.put
function failing(way: (typeof WAYS)[number], at: number) {
  let seen = 0
  IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...args: Parameters<typeof put>) {
    if (seen++ < at) return put.apply(this, args)
    if (way === 'throws') throw new DOMException('cannot be cloned', 'DataCloneError')
    if (way === 'quota') throw new DOMException('full', 'QuotaExceededError')
    const asked = put.apply(this, args)
    this.transaction.abort()
    return asked
  }
  return () => {
    IDBObjectStore.prototype.put = put
    return seen > at
  }
}
const note = (books: Books, key: PageChange['key'], more: Content): PageChange => {
  const before = books.shown(key)
  return { key, before, after: { ...before, ...more }, seen: books.clockOf(key) }
}
/** Every kind of batch there is. */
const BATCHES: Record<string, (books: Books, d: Dice) => Promise<unknown>> = {
  typing: (books, d) =>
    books.commit({ id: 'a', changes: [note(books, 'machine/gull', { note: `n${d.below(99)}` })] }),
  'a step': (books) =>
    books.commit({ id: 'b', changes: [{ key: 'entry/r1/done/tipOff', before: null, after: { at: 5 } }] }),
  'something removed': (books) =>
    books.commit({
      id: 'c',
      label: 'gone',
      changes: [{ key: 'part/p1', before: books.shown('part/p1'), after: null }],
    }),
  'a file beside': (books) =>
    books.write((now, by) => imported(now, migrate({ ...small, name: 'Other' }, AT), 'merge', by), {
      label: 'in',
      id: 'd',
    }),
  'a file in its place': (books) =>
    books.write(
      (now, by) => imported(now, migrate({ ...small, name: 'Other', store: [] }, AT), 'replace', by),
      {
        label: 'in',
        id: 'e',
      },
    ),
  'a pick': (books) => books.settle('shop/shop', { name: 'Picked' }, { label: 'picked', id: 'f' }),
  'an empty shop over it': (books) =>
    books.commit({
      id: 'g',
      changes: (['machine/gull', 'part/p0', 'part/p1', 'part/p2', 'part/p3'] as const).map((key) => ({
        key,
        before: books.shown(key),
        after: null,
      })),
    }),
  'what is tidied away': (books) => books.tidy(),
}
test.each(Object.keys(BATCHES))(
  'a store that fails anywhere in %s: what was said not to be saved is not, now or later',
  async (kind) => {
    let failed = 0
    for (const way of WAYS)
      // The first values and the last each time; of a long batch some between.
      for (let at = 0; ; at += at < 3 ? 1 : times(5, 1)) {
        const boxes = await emptied()
        await first(tab(boxes))
        const books = tab(boxes)
        await books.open()
        await books.loadRun('r1')
        const [before, shown] = [await text(boxes), textOf([...books.records()])]
        const over = failing(way, at)
        const said = await BATCHES[kind]!(books, dice(at + 1)).then(
          () => 'saved',
          (error: Error) => error.name,
        )
        if (!over()) {
          expect(said).toBe('saved')
          expect(await text(boxes)).not.toBe(before)
          break
        }
        failed++
        expect([way, at, said === 'saved']).toEqual([way, at, false])
        expect([way, at, await text(boxes)]).toEqual([way, at, before])
        expect(textOf([...books.records()])).toBe(shown)
        // The next look, another tab, and the one after: it stays as it was said to be.
        await books.catchUp()
        const fresh = tab(boxes)
        await fresh.open()
        expect([way, at, textOf([...fresh.records()])]).toEqual([way, at, shown])
        expect(await text(boxes)).toBe(before)
        // With room again it is done, whole.
        await BATCHES[kind]!(books, dice(at + 1))
        const again = tab(boxes)
        await again.open()
        expect(textOf([...again.records()].sort())).toBe(textOf([...books.records()].sort()))
      }
    expect(failed).toBeGreaterThanOrEqual(WAYS.length)
  },
)

/** A store as version 2 kept it: a base a box. */
const old = (box: string) => localforage.createInstance({ name: `pepper-knot-${box}`, storeName: box })
async function keptByVersion2(): Promise<void> {
  const made = memoryStore()
  await first(tab(made.boxes()))
  for (const box of BOX_NAMES) {
    await old(box).clear()
    for (const [key, value] of made.data.get(box)!) await old(box).setItem(key, JSON.parse(value))
  }
}
describe('a store of the version before', () => {
  beforeEach(keptByVersion2)
  afterEach(() => dropBefore())
  test('is moved whole, a batch that was cut off finished; what its open tab writes comes in', async () => {
    const name = {
      kind: 'shop',
      id: 'shop',
      since: 1,
      versions: [{ clock: { x: 9 }, at: AT, content: { name: 'Half' } }],
    }
    await old('meta').setItem('journal', { puts: [{ box: 'records', key: 'shop/shop', value: name }] })
    const boxes = await emptied()
    const books = tab(boxes, { former })
    expect(await books.open()).toBe(true)
    expect(books.shown('shop/shop')).toEqual({ name: 'Half' })
    expect(books.shown('part/p3')).toMatchObject({ count: small.store[3]!.count })
    // Its tab goes on, unaware.
    const head = (await old('meta').getItem('head')) as { seq: number }
    const machine = (await old('records').getItem('machine/gull')) as {
      versions: { clock: object; content: Content }[]
    }
    const [version] = machine.versions
    await old('records').setItem('machine/gull', {
      ...machine,
      versions: [
        {
          ...version!,
          clock: { ...version!.clock, old: 1 },
          content: { ...version!.content, note: 'old tab' },
        },
      ],
    })
    await old('meta').setItem('head', { ...head, seq: head.seq + 1 })
    expect(await books.bringFormer()).toBe(true)
    expect(books.shown('machine/gull')).toMatchObject({ note: 'old tab' })
    expect(books.apart()).toEqual([])
    // Brought in and quiet, it goes at the next opening.
    await tab(boxes, { former }).open()
    expect(await headOfBefore()).toBeUndefined()
  })
  test('with no room to move it, it is shown whole and changed nowhere; with room it is moved', async () => {
    const boxes = await emptied()
    const over = failing('quota', 0)
    const books = tab(boxes, { former })
    expect(await books.open()).toBe(true)
    expect(books.shown('machine/gull')).toBeTruthy()
    expect((await books.state()).records.size).toBe(migrate(small, AT).records.size)
    await expect(books.flush()).rejects.toThrow('full')
    await expect(BATCHES.typing!(books, dice(1))).rejects.toThrow('full')
    over()
    expect(await text(boxes)).toBe(await text(await emptied()))
    await books.flush()
    const fresh = tab(boxes)
    expect(await fresh.open()).toBe(true)
    expect(textOf([...fresh.records()].sort())).toBe(textOf([...books.records()].sort()))
  })
  test('of two tabs without room the first that finds some moves it, and the other goes on from there', async () => {
    const boxes = await emptied()
    const over = failing('quota', 0)
    const [a, b] = [tab(boxes, { former }), tab(boxes, { former })]
    await a.open()
    await b.open()
    over()
    await a.commit({ id: 'a', changes: [note(a, 'machine/gull', { note: 'from a' })] })
    await b.commit({ id: 'b', changes: [note(b, 'shop/shop', { name: 'From b' })] })
    const fresh = tab(boxes)
    await fresh.open()
    expect(fresh.shown('machine/gull')).toMatchObject({ note: 'from a' })
    expect(fresh.shown('shop/shop')).toEqual({ name: 'From b' })
  })
})

const DAY = 86_400_000
test(`${times(3, 300)} clocks that jump: what was removed can be put back for ninety days of use, and then goes`, async () => {
  const start = clock
  for (let seed = 1; seed <= times(3, 300); seed++) {
    const d = dice(seed)
    const store = memoryStore()
    const boxes = store.boxes()
    clock = start + (d.chance(0.5) ? (d.below(801) - 400) * DAY : 0)
    await first(tab(boxes))
    const books = tab(boxes)
    await books.open()
    await books.commit({
      id: 'x',
      label: 'gone',
      changes: [{ key: 'part/p1', before: books.shown('part/p1'), after: null }],
    })
    clock = start
    /** Days that went by between two looks, of a pause a week at most: true time, not the clock's. */
    let [used, true_] = [0, start]
    const there = async () => {
      const fresh = tab(boxes)
      await fresh.open()
      return (await fresh.removedWith('part/p1')).length > 0
    }
    for (let i = 0; i < 40; i++) {
      const days = d.of([0, 0.1, 1, 3, 30])
      true_ += days * DAY
      used += Math.min(days, 7)
      // A wrong clock now and then, put right by the next look.
      clock = d.chance(0.3) ? true_ + (d.below(2001) - 1000) * DAY : true_
      const fresh = tab(boxes)
      await fresh.open()
      await fresh.tidy()
      if (used < 80 && i < 12) expect([seed, i, await there()]).toEqual([seed, i, true])
    }
    // A clock that is right, looked at every day for long enough: it goes, and its mark stays.
    clock = true_
    const open = tab(boxes)
    await open.open()
    for (let i = 0; i < 100; i++) {
      clock += DAY
      await open.tidy()
    }
    expect([seed, await there()]).toEqual([seed, false])
    const fresh = tab(boxes)
    await fresh.open()
    expect(fresh.shown('part/p1')).toBeNull()
    expect(fresh.kept('part/p1')).toBeDefined()
  }
  clock = start
})

test(`${times(20, 400)} times a part counted in several tabs at once: each + counts`, async () => {
  for (let seed = 1; seed <= times(20, 400); seed++) {
    const d = dice(seed)
    const store = memoryStore()
    await first(tab(store.boxes()))
    const tabs = await Promise.all(
      Array.from({ length: 2 + d.below(3) }, async () => {
        const books = tab(store.boxes())
        await books.open()
        return books
      }),
    )
    let want = tabs[0]!.shown('part/p0')!.count as number
    // Each goes on from what its own page says: it has not heard of the others.
    const pages = tabs.map((books) => books.shown('part/p0')!)
    for (let i = 0; i < 25; i++) {
      const who = d.below(tabs.length)
      const before = pages[who]!
      const by = d.chance(0.8) ? 1 : -1
      const after = { ...before, count: (before.count as number) + by }
      if (after.count < 0 || want + by < 0) continue
      want += by
      await tabs[who]!.commit({ id: `${i}`, changes: [{ key: 'part/p0', before, after }] })
      pages[who] = tabs[who]!.shown('part/p0')!
    }
    const fresh = tab(store.boxes())
    await fresh.open()
    expect([seed, fresh.shown('part/p0')!.count, fresh.apart()]).toEqual([seed, want, []])
  }
})
