import { createPinia, setActivePinia } from 'pinia'
import type * as Core from '@pepper-knot/core/internal'
import { apart, defaultSettings, saysSame, shopOf, type Run } from '@pepper-knot/core/internal'
import { demoShop } from '@pepper-knot/core/demo'
import { dice, type Dice } from '../../core/test/otherSetups.ts'
import { times } from '../../core/test/counts.ts'
import type * as Books from '../src/storage/books.ts'
import { useMachines } from '../src/stores/machines.ts'
import { useParts } from '../src/stores/parts.ts'
import { useRuns } from '../src/stores/runs.ts'
import { useShop } from '../src/stores/shop.ts'
import type * as Memory from './memoryBoxes.ts'
import { memoryStore, type MemoryStore } from './memoryBoxes.ts'

// The full counts take minutes.
jest.setTimeout(600_000)

let mockStore: MemoryStore
let mockBooks: Books.Books[] = []
jest.mock('../src/storage/edge.ts', () => {
  const books = jest.requireActual<typeof Books>('../src/storage/books.ts')
  const core = jest.requireActual<typeof Core>('@pepper-knot/core/internal')
  const { memoryLock } = jest.requireActual<typeof Memory>('./memoryBoxes.ts')
  const mockLock = memoryLock()
  let n = 0
  return {
    ...books,
    migrate: core.migrate,
    imported: core.imported,
    bringBefore: () => Promise.resolve({ state: 'none' }),
    openBooks: () => {
      const one = books.createBooks({
        boxes: mockStore.boxes(),
        locked: mockLock,
        now: () => new Date().toISOString(),
        newId: () => `id${++n}`,
        // Nobody is told: a tab finds out when it next writes or looks.
        tell: () => undefined,
      })
      mockBooks.push(one)
      return one
    },
  }
})
jest.mock('../src/storage/server.ts', () => ({ fetchInfo: () => Promise.resolve({ demo: false }) }))

/** What was begun and is not over. */
const doing: Promise<void>[] = []
/** What hands do at a bench: each tab its own things, and now and then the same. */
function act(d: Dice, mine: string) {
  const { list: parts, put, remove } = useParts()
  const machines = useMachines()
  const runs = useRuns()
  const part = d.of(parts)
  const run = runs.open.length ? d.of(runs.open) : undefined
  d.of([
    () => put({ ...part, count: part.count + 1 }),
    () => put({ kind: 'contactTip', stamp: '0.9', count: d.below(9) }),
    () => void (parts.length > 20 && remove(part.id!, 'gone')),
    () => {
      const machine = d.of(machines.list)
      machines.put({
        ...machine,
        [mine === 'a' ? 'note' : 'gasGear']: mine === 'a' ? `n${d.below(99)}` : d.chance(0.5),
      })
    },
    () => void runs.start(d.of(machines.list).id, 'change', { label: `label ${d.below(9)}` }),
    () => run && runs.set(run.id, { done: [...new Set([...run.done, `${mine}${d.below(99)}`])] }),
    () => run && runs.set(run.id, { done: run.done.slice(0, -1) }),
    () =>
      run &&
      runs.set(run.id, {
        gathered: d.chance(0.5) ? [...new Set([...run.gathered, `g${d.below(5)}`])] : [],
      }),
    () => run && runs.set(run.id, { note: `${mine} ${d.below(99)}` }),
    () => run && runs.set(run.id, { pressureMark: d.below(5) }),
    () => run && mine === 'a' && runs.set(run.id, { job: { ...run.job, thicknessMm: 1 + d.below(9) } }),
    () => run && d.chance(0.2) && useShop().undoable('dropped', () => runs.drop(run.id)),
    () =>
      useShop().set(mine === 'a' ? { units: d.of(['metric', 'inch']) } : { theme: d.of(['light', 'dark']) }),
    () => void doing.push(useShop().undo()),
  ])()
}
/** A new store with the demo in it, and two tabs that have it open; the second is the one in hand. */
async function twoTabs() {
  mockStore = memoryStore()
  mockBooks = []
  const tabs = [createPinia(), createPinia()]
  setActivePinia(tabs[0]!)
  useShop().start({ ...useShop().shop, ...demoShop() })
  // Shown before it is kept: a touch is written when there is something to write it with.
  while (!mockStore.data.get('meta')!.has('head')) await new Promise((done) => setTimeout(done))
  await useShop().save()
  setActivePinia(tabs[1]!)
  await useShop().load()
  return tabs
}
const plain = <T>(value: T) => JSON.parse(JSON.stringify(value)) as T
const byId = (runs: readonly Run[]) => [...runs].sort((a, b) => (a.id < b.id ? -1 : 1))

test(`${times(6, 200)} shops under two pairs of hands, with writes that fail: both pages show what the store says`, async () => {
  for (let seed = 1; seed <= times(6, 200); seed++) {
    const d = dice(seed)
    const tabs = await twoTabs()
    for (let i = 0; i < 30; i++) {
      const who = d.below(2)
      setActivePinia(tabs[who]!)
      mockStore.state.fails = d.chance(0.15) ? new Error('closed') : undefined
      act(d, who ? 'b' : 'a')
      if (d.chance(0.6)) await useShop().save()
      if (d.chance(0.2)) doing.push(useShop().shownAnew())
    }
    mockStore.state.fails = undefined
    await Promise.all(doing.splice(0))
    for (const tab of [...tabs, ...tabs]) {
      setActivePinia(tab)
      await useShop().save()
      await useShop().shownAnew()
      await useShop().save()
    }
    const state = await mockBooks[0]!.state()
    const store = shopOf(state, { name: '-', settings: defaultSettings() })
    for (const tab of tabs) {
      setActivePinia(tab)
      const page = plain(useShop().shop)
      const want = plain(store)
      const fail = (what: string, a: unknown, b: unknown) => {
        if (saysSame(a, b)) return
        const only = (x: unknown, y: unknown) =>
          [x].flat().filter((one) => ![y].flat().some((other) => saysSame(one, other)))
        throw new Error(
          `${seed}: ${what}: on the page ${JSON.stringify(only(a, b))}, in the store ${JSON.stringify(only(b, a))}`,
        )
      }
      fail('settings', page.settings, want.settings)
      fail('machines', page.machines, want.machines)
      fail('store', page.store, want.store)
      fail('runs', byId(page.runs), byId(want.runs))
      expect(useShop().saveState).toBe('saved')
      // Where both stand, the page says so.
      expect(useShop().apart.slice().sort()).toEqual(
        [...state.records].flatMap(([key, kept]) => (apart(kept).length ? [key] : [])).sort(),
      )
    }
  }
})

test('a machine is touched while a writing of this tab brings in what another wrote of it: both stand, at every moment', async () => {
  for (let moment = 0; moment <= 60; moment += 3) {
    const tabs = await twoTabs()
    const [first, second] = useMachines().list.map(({ id }) => id)
    const say = (id: string, more: object) => {
      const machines = useMachines()
      machines.put({ ...machines.list.find((m) => m.id === id)!, ...more })
    }
    setActivePinia(tabs[0]!)
    say(second!, { note: 'from the other tab' })
    await useShop().save()
    setActivePinia(tabs[1]!)
    say(first!, { note: 'mine' })
    const saved = useShop().save()
    for (let i = 0; i < moment; i++) await Promise.resolve()
    say(second!, { gasGear: true })
    await saved
    await useShop().save()
    const shop = shopOf(await mockBooks[0]!.state(), { name: '-', settings: defaultSettings() })
    expect([moment, shop.machines.find(({ id }) => id === second)]).toEqual([
      moment,
      expect.objectContaining({ note: 'from the other tab', gasGear: true }),
    ])
    expect(plain(useMachines().list)).toEqual(plain(shop.machines))
  }
})
