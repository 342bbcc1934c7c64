import {
  imported,
  readShopFile,
  saysSame,
  textOf,
  writeShopFile,
  type Content,
  type Key,
} from '@pepper-knot/core/internal'
import { times } from '../../core/test/counts.ts'
import { changed, merged, NONE, replaced, type Known } from '../../core/test/knowing.ts'
import { dice, type Dice } from '../../core/test/otherSetups.ts'
import { createBooks, type Books } from '../src/storage/books.ts'
import { memoryLock, memoryStore } from './memoryBoxes.ts'

jest.setTimeout(900_000)
const KEYS = ['part/a', 'part/b', 'wire/c', 'shop/shop'] as const
const DAY = 86_400_000
let n = 0
let clock = 0

/** A browser with three tabs, and what is known of its records apart from them. */
function deviceNamed(name: string) {
  const store = memoryStore()
  const locked = memoryLock()
  const open = async (): Promise<Books> => {
    const books = createBooks({
      boxes: store.boxes(),
      locked,
      now: () => new Date(clock).toISOString(),
      newId: () => `id${++n}`,
      tell: () => undefined,
    })
    await books.open()
    return books
  }
  return { name, store, open, tabs: [] as Books[], known: new Map<Key, Known>() }
}
type Device = ReturnType<typeof deviceNamed>

/** Writes, well or badly. @returns whether it was said to be saved; nothing where the tab was killed meanwhile */
async function tried(d: Dice, { store }: Device, work: () => Promise<unknown>): Promise<boolean | undefined> {
  const how = d.below(10)
  Object.assign(store.state, { writes: 0, failAt: Infinity, killAt: Infinity, fails: undefined })
  if (how < 2) {
    store.state.fails = new DOMException('full', 'QuotaExceededError')
    store.state.failAt = d.below(5) || Infinity
  } else if (how === 2) store.state.killAt = d.below(6)
  const said = await work().then(
    () => true,
    (error: Error) => (error.name === 'QuotaExceededError' ? false : undefined),
  )
  Object.assign(store.state, { failAt: Infinity, killAt: Infinity, fails: undefined })
  return said
}
const contentOf = (key: Key, note: string): Content =>
  key === 'shop/shop'
    ? { name: note }
    : key === 'wire/c'
      ? { kind: 'wire', label: 'ER70S-6 0.9', count: 1, id: 'c', note }
      : { kind: 'contactTip', stamp: '0.9', count: 3, id: key.slice(5), note }

test(`${times(15, 1000)} days of two devices with three tabs each: nothing lost, nothing asked of one side’s changes, nothing that was not saved`, async () => {
  let [failed, killed, files] = [0, 0, 0]
  for (let seed = 1; seed <= times(15, 1000); seed++) {
    const d = dice(seed)
    clock = Date.UTC(2026, 10, 26)
    const devices = [deviceNamed('A'), deviceNamed('B')] as const
    for (const device of devices)
      device.tabs = [await device.open(), await device.open(), await device.open()]
    const kept: { text: string; known: Map<Key, Known> }[] = []
    const said: string[] = []
    for (let i = 0; i < 30; i++) {
      const mine = d.of(devices)
      const other = devices[mine === devices[0] ? 1 : 0]
      const at = d.below(mine.tabs.length)
      const tab = mine.tabs[at]!
      clock += d.chance(0.1) ? (d.below(401) - 200) * DAY : d.below(600_000)
      const before = new Map(mine.known)
      const stood = mine.store.text()
      const change = `${mine.name}${seed}.${i}`
      let after = new Map(mine.known)
      let done: boolean | undefined
      const act = d.below(10)
      if (act < 6) {
        const key = d.of(KEYS)
        if (d.chance(0.8)) await tab.catchUp()
        const old = tab.shown(key)
        const content = old && d.chance(0.15) ? null : contentOf(key, change)
        const seen = tab.clockOf(key)
        const known = mine.known.get(key) ?? NONE
        // From an older view, or beside another version: what comes of it is not foretold here.
        const stale = !saysSame(old, known.content) || known.open
        after.set(
          key,
          stale ? { ...changed(known, content, change), open: true } : changed(known, content, change),
        )
        said.push(`${change} ${key}${stale ? ' stale' : ''}`)
        done = await tried(d, mine, () =>
          tab.commit({ id: change, changes: [{ key, before: old, after: content, ...(seen && { seen }) }] }),
        )
      } else if (act < 9) {
        files++
        const fresh = d.chance(0.7) || kept.length === 0
        const file = fresh
          ? {
              text: writeShopFile(await other.tabs[0]!.state(), new Date(clock).toISOString()),
              known: new Map(other.known),
            }
          : d.of(kept)
        kept.push(file)
        const read = readShopFile(file.text)
        if (!read.ok || read.value.aside.length) throw new Error(`${seed}: ${textOf(read)}`)
        const how = d.chance(0.6) ? 'merge' : 'replace'
        said.push(`${change} ${how}`)
        for (const key of new Set([...mine.known.keys(), ...file.known.keys()])) {
          const [a, b] = [mine.known.get(key), file.known.get(key) ?? NONE]
          after.set(key, !a ? b : how === 'merge' ? merged(a, b) : replaced(a, b, change))
        }
        done = await tried(d, mine, () =>
          tab.write((now, by) => imported(now, read.value.state, how, by), { id: change, label: how }),
        )
      } else {
        said.push(`${change} tidy`)
        done = await tried(d, mine, () => tab.tidy())
      }
      if (done === undefined) {
        // The tab is gone; another finds all of it or nothing.
        killed++
        mine.tabs[at] = await mine.open()
        if (mine.store.text() === stood) after = before
      } else if (!done) {
        failed++
        after = before
      }
      mine.known = after
      // Every tab, and one opened now.
      for (const books of [...mine.tabs, await mine.open()]) {
        await books.catchUp()
        const apart = new Set(books.apart())
        for (const [key, known] of mine.known)
          if (!known.open && (apart.has(key) || !saysSame(books.shown(key), known.content)))
            throw new Error(
              `${seed}, ${said.join('; ')}: ${key} ${apart.has(key) ? 'is asked' : `says ${textOf(books.shown(key))}, not ${textOf(known.content)}`} (${String(done)})`,
            )
      }
    }
  }
  expect(Math.min(failed, killed, files)).toBeGreaterThan(times(15, 1000) / 2)
})
