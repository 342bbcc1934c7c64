import {
  apart,
  defaultSettings,
  emptyState,
  imported,
  mergeStates,
  migrate,
  saysSame,
  shopOf,
  shownContent,
  textOf,
  writeShopFile,
  readShopFile,
  type Content,
  type Key,
  type Shop,
} from '@pepper-knot/core/internal'
import { dice, type Dice } from '../../core/test/otherSetups.ts'
import { times } from '../../core/test/counts.ts'
import { createBooks, type AnyKey, type Books, type PageChange } from '../src/storage/books.ts'
import type { Look } from '../src/storage/boxes.ts'
import { memoryLock, memoryStore, type MemoryStore } from './memoryBoxes.ts'
import { shop } from './bench.ts'

// The full counts take minutes.
jest.setTimeout(600_000)

let n = 0
const tab = (store: MemoryStore, locked = memoryLock(), early?: () => Promise<Look>) =>
  createBooks({
    boxes: store.boxes(),
    early,
    locked,
    now: () => new Date().toISOString(),
    newId: () => `id${++n}`,
    tell: () => undefined,
  })
const small: Shop = {
  ...shop,
  machines: shop.machines.slice(0, 2),
  store: shop.store.slice(0, 4).map((part, i) => ({ ...part, id: `p${i}` })),
  runs: [],
}
async function filled(store: MemoryStore): Promise<Books> {
  const books = tab(store)
  await books.open()
  await books.write((now) => mergeStates(now, migrate(small, '2026-11-26T08:00:00.000Z')), { id: 'first' })
  return books
}
const KEYS: AnyKey[] = [
  'machine/gull',
  'part/p1',
  'shop/shop',
  'entry/r1/done/tipOff',
  'entry/r1/done/fitTip',
]
/** A touch of one to three records as somebody at the bench makes it. */
function someTouch(d: Dice, books: Books): PageChange[] {
  const keys = [...new Set(Array.from({ length: 1 + d.below(3) }, () => d.of(KEYS)))]
  return keys.map((key) => {
    const before = books.shown(key)
    const after: Content | null = key.startsWith('entry/')
      ? d.chance(0.3)
        ? null
        : { at: 5, minutes: d.below(50) }
      : key === 'shop/shop'
        ? { name: `Shop ${d.below(1000)}` }
        : { ...before!, note: `n${d.below(1000)}` }
    return { key, before, after, seen: books.clockOf(key) }
  })
}
const said = (books: Books) => textOf(KEYS.map((key) => books.shown(key)))

test(`${times(12, 400)} touches cut off at every write there is: all of it stands or nothing`, async () => {
  for (let seed = 1; seed <= times(12, 400); seed++) {
    const d = dice(seed)
    const store = memoryStore()
    const books = await filled(store)
    await books.loadRun('r1')
    await books.commit({ id: 'a', changes: someTouch(d, books) })
    const before = said(books)
    const changes = someTouch(d, books)
    const after = () =>
      textOf(
        KEYS.map(
          (key) =>
            changes.find((c) => c.key === key)?.after ??
            (changes.some((c) => c.key === key) ? null : books.shown(key)),
        ),
      )
    const want = after()
    const label = d.chance(0.5) ? 'taken' : undefined
    const data = JSON.stringify([...store.data].map(([name, rows]) => [name, [...rows]]))
    for (let at = 0; ; at++) {
      for (const [name, rows] of JSON.parse(data) as [never, [string, string][]][]) {
        store.data.get(name)!.clear()
        for (const [key, text] of rows) store.data.get(name)!.set(key, text)
      }
      Object.assign(store.state, { writes: 0, killAt: at })
      const dying = tab(store)
      store.state.killAt = Infinity
      await dying.open()
      await dying.loadRun('r1')
      Object.assign(store.state, { writes: 0, killAt: at })
      const done = await dying.commit({ id: 'b', label, changes }).then(
        () => true,
        () => false,
      )
      store.state.killAt = Infinity
      const fresh = tab(store)
      await fresh.open()
      await fresh.loadRun('r1')
      const now = said(fresh)
      if (now !== before && now !== want) throw new Error(`${seed}, cut off at ${at}: half of it stands`)
      // What was said to be saved is there.
      if (done && now !== want) throw new Error(`${seed}: said to be saved, and is not there`)
      if (done) break
    }
  }
})

test(`${times(12, 300)} times two tabs in turn, without a word to each other: no update is lost`, async () => {
  for (let seed = 1; seed <= times(12, 300); seed++) {
    const d = dice(seed)
    const store = memoryStore()
    const locked = memoryLock()
    await filled(store)
    const tabs = [tab(store, locked), tab(store, locked)]
    for (const one of tabs) {
      await one.open()
      await one.loadRun('r1')
    }
    const fields = new Map<string, string>()
    for (let i = 0; i < 12; i++) {
      const who = tabs[d.below(2)]!
      // Each tab has its own field and its own steps; what the other did meanwhile it has not seen.
      const field = who === tabs[0] ? 'note' : 'name'
      const key: AnyKey = d.chance(0.5) ? 'machine/gull' : `entry/r1/done/s${d.below(3)}-${field}`
      const before = who.shown(key)
      const value = `${field}${seed}-${i}`
      const after = key.startsWith('entry/') ? { at: i, minutes: i } : { ...before!, [field]: value }
      await who.commit({ id: `t${i}`, changes: [{ key, before, after, seen: who.clockOf(key) }] })
      fields.set(key.startsWith('entry/') ? key : field, key.startsWith('entry/') ? textOf(after) : value)
    }
    const fresh = tab(store)
    await fresh.open()
    await fresh.loadRun('r1')
    expect(fresh.apart()).toEqual([])
    for (const [what, value] of fields)
      expect([
        seed,
        what.startsWith('entry/') ? textOf(fresh.shown(what as AnyKey)) : fresh.shown('machine/gull')![what],
      ]).toEqual([seed, value])
  }
})

test('the same field from an older view: both versions stand, typing goes on with one, and a person picks', async () => {
  const store = memoryStore()
  const locked = memoryLock()
  await filled(store)
  const [a, b] = [tab(store, locked), tab(store, locked)]
  await a.open()
  await b.open()
  const key: Key = 'machine/gull'
  const start = a.shown(key)!
  const seen = a.clockOf(key)
  const change = (before: Content, note: string): PageChange => ({
    key,
    before,
    after: { ...before, note },
    seen,
  })
  await a.commit({ id: '1', changes: [change(start, 'from a')] })
  await b.commit({ id: '2', changes: [change(start, 'from b')] })
  await b.commit({ id: '3', changes: [change({ ...start, note: 'from b' }, 'from b, more')] })
  expect(b.apart()).toEqual([key])
  expect(
    apart(b.kept(key)!)
      .map((v) => v.content!.note)
      .sort(),
  ).toEqual(['from a', 'from b, more'])
  await a.settle(key, { ...start, note: 'picked' }, { label: 'picked', id: 'pick' })
  expect(a.apart()).toEqual([])
  await b.catchUp()
  expect(b.shown(key)!.note).toBe('picked')
})

test(`${times(8, 200)} times two devices with files between them: they end the same, and nothing is lost`, async () => {
  for (let seed = 1; seed <= times(8, 200); seed++) {
    const d = dice(seed)
    const stores = [memoryStore(), memoryStore()]
    const books = [await filled(stores[0]!), tab(stores[1]!)]
    await books[1]!.open()
    const give = async (from: number, to: number) => {
      const read = readShopFile(writeShopFile(await books[from]!.state(), '2026-11-26T08:00:00.000Z'))
      if (!read.ok) throw new Error('the file is not read')
      await books[to]!.write((now, by) => imported(now, read.value.state, 'merge', by), {
        id: `i${++n}`,
        label: 'in',
      })
    }
    await give(0, 1)
    const written: string[] = []
    for (let i = 0; i < 8; i++) {
      const who = d.below(2)
      const mine = books[who]!
      await mine.loadRun('r1')
      if (d.chance(0.25)) await give(who, 1 - who)
      else {
        const touch = someTouch(d, mine)
        await mine.commit({ id: `t${++n}`, changes: touch })
        const note = touch.find((c) => c.key === 'machine/gull')?.after?.note
        if (note) written.push(String(note))
      }
    }
    await give(0, 1)
    await give(1, 0)
    const [x, y] = await Promise.all(books.map((b) => b.state()))
    expect(textOf([...x!.records].sort())).toBe(textOf([...y!.records].sort()))
    expect(textOf([...x!.entries].map(([run, of]) => [run, [...of].sort()]))).toBe(
      textOf([...y!.entries].map(([run, of]) => [run, [...of].sort()])),
    )
    // The last thing anybody wrote stands in one of the versions.
    const notes = x!.records.get('machine/gull')!.versions.map((v) => String(v.content?.note))
    if (written.length) expect(notes).toContain(written.at(-1))
  }
})

test('a store that fails keeps the touch, and says it again when it works', async () => {
  const store = memoryStore()
  const books = await filled(store)
  const before = books.shown('shop/shop')
  store.state.fails = new Error('full')
  const touch = { id: 'x', changes: [{ key: 'shop/shop' as const, before, after: { name: 'Quay' } }] }
  await expect(books.commit(touch)).rejects.toThrow('full')
  expect(books.shown('shop/shop')).toEqual(before)
  store.state.fails = undefined
  await books.commit(touch)
  const fresh = tab(store)
  await fresh.open()
  expect(fresh.shown('shop/shop')).toEqual({ name: 'Quay' })
})
test('a store emptied behind the page is noticed, and one of a newer version left alone', async () => {
  const store = memoryStore()
  const books = await filled(store)
  const touch = {
    id: 'x',
    changes: [{ key: 'shop/shop' as const, before: books.shown('shop/shop'), after: { name: 'Q' } }],
  }
  const head = JSON.parse(store.data.get('meta')!.get('head')!) as object
  store.data.get('meta')!.set('head', JSON.stringify({ ...head, version: 99, seq: 500 }))
  const whole = store.text()
  await expect(books.commit(touch)).rejects.toThrow('newer')
  await expect(tab(store).open()).rejects.toThrow('newer')
  expect(store.text()).toBe(whole)
  for (const rows of store.data.values()) rows.clear()
  await expect(books.commit(touch)).rejects.toThrow('cleared')
})

/** Puts something else in the place of one value anywhere in the store. */
function spoil(d: Dice, store: MemoryStore) {
  const rows = d.of([...store.data.values()].filter((r) => r.size))
  const key = d.of([...rows.keys()])
  const junk = d.of(['null', '5', '"x"', '{}', '[]', '{"kind":"machine","id":"gull"}', '[1,{"run":"r1"}]'])
  if (d.chance(0.4)) return rows.set(key, junk)
  const into = (value: unknown): unknown => {
    if (typeof value !== 'object' || value === null || d.chance(0.2)) return JSON.parse(junk) as unknown
    const keys = Object.keys(value)
    if (keys.length === 0) return 7
    const inside = d.of(keys)
    ;(value as Record<string, unknown>)[inside] = into((value as Record<string, unknown>)[inside])
    return value
  }
  return rows.set(key, JSON.stringify(into(JSON.parse(rows.get(key)!))))
}
test(`${times(60, 2000)} stores spoiled anywhere open, keep what could be read, and go on`, async () => {
  const whole = memoryStore()
  const first = await filled(whole)
  await first.commit({
    id: 'run',
    label: 'begun',
    changes: [
      {
        key: 'run/r1',
        before: null,
        after: {
          id: 'r1',
          machineId: 'gull',
          startedAt: '2026-11-26T08:00:00.000Z',
          stage: 'swap',
          label: 'ER5356 1.2',
          job: {},
        },
      },
      ...Array.from({ length: 6 }, (_, i): PageChange => ({
        key: `entry/r1/done/s${i}`,
        before: null,
        after: { at: i },
      })),
    ],
  })
  // Read once, and what was good is remembered: what is spoiled since is found all the same.
  const opened = tab(whole)
  await opened.open()
  await opened.tidy()
  expect(whole.data.get('meta')!.has('seals')).toBe(true)
  const rows = JSON.stringify([...whole.data].map(([name, r]) => [name, [...r]]))
  const all = (await first.state()).records.size
  for (let seed = 1; seed <= times(60, 2000); seed++) {
    const d = dice(seed)
    const store = memoryStore()
    for (const [name, r] of JSON.parse(rows) as [never, [string, string][]][])
      for (const [key, text] of r) store.data.get(name)!.set(key, text)
    spoil(d, store)
    const books = tab(store)
    try {
      await books.open()
    } catch (error) {
      if ((error as Error).name === 'Newer') continue
      throw new Error(`${seed}: ${String(error)}`, { cause: error })
    }
    const state = await books.state()
    // One value was spoiled: one record at most is laid aside, and what stood there is kept.
    if (state.records.size < all - 1) throw new Error(`${seed}: ${all - state.records.size} records are gone`)
    if (state.records.size < all)
      expect([...store.data.get('meta')!.keys()].some((key) => key.startsWith('aside/'))).toBe(true)
    await books.commit({
      id: 'z',
      changes: [{ key: 'shop/shop', before: books.shown('shop/shop'), after: { name: 'on' } }],
    })
    const again = tab(store)
    await again.open()
    expect(again.shown('shop/shop')).toEqual({ name: 'on' })
  }
})

test('what was seen of the store early is what the shop opens with, and only where nobody wrote since', async () => {
  const store = memoryStore()
  const other = await filled(store)
  const { meta, records } = store.boxes()
  for (const wrote of [false, true]) {
    const look: Look = { head: await meta.get('head'), records: await records.all() }
    // A mark by which its rows are told from those in the store.
    const marked = look.records.map(([key, row]): [string, unknown] =>
      key === 'shop/shop'
        ? [key, JSON.parse(JSON.stringify(row).replaceAll(small.name, 'seen early'))]
        : [key, row],
    )
    if (wrote)
      await other.commit({
        id: 'w',
        changes: [{ key: 'shop/shop', before: other.shown('shop/shop'), after: { name: 'written since' } }],
      })
    const fresh = tab(store, memoryLock(), () => Promise.resolve({ ...look, records: marked }))
    await fresh.open()
    expect(fresh.shown('shop/shop')).toEqual({ name: wrote ? 'written since' : 'seen early' })
  }
})

test('what a shop says is what it said: through the store and back', async () => {
  const store = memoryStore()
  await filled(store)
  const fresh = tab(store)
  await fresh.open()
  const now = shopOf(await fresh.state(), { name: '-', settings: defaultSettings() })
  expect(saysSame(now.machines, small.machines)).toBe(true)
  expect(saysSame(now.store, small.store)).toBe(true)
  expect(shownContent((await fresh.state()).records.get('shop/shop'))).toEqual({ name: small.name })
  expect(emptyState().records.size).toBe(0)
})
