import { createPinia, setActivePinia } from 'pinia'
import { demoShop } from '@pepper-knot/core/demo'
import type * as Core from '@pepper-knot/core/internal'
import {
  imported,
  readContent,
  shopOf,
  stateWith,
  type Kind,
  type Shop,
  type State,
} from '@pepper-knot/core/internal'
import { times } from '../../core/test/counts.ts'
import { dice, type Dice } from '../../core/test/otherSetups.ts'
import type * as Books from '../src/storage/books.ts'
import { useMachines } from '../src/stores/machines.ts'
import { useParts } from '../src/stores/parts.ts'
import { useRuns } from '../src/stores/runs.ts'
import { useSettings } from '../src/stores/settings.ts'
import { useShop } from '../src/stores/shop.ts'
import type * as Memory from './memoryBoxes.ts'
import { memoryStore, type MemoryStore } from './memoryBoxes.ts'

// The full counts take minutes.
jest.setTimeout(600_000)

/** A browser's store in memory, which may fail. */
let mockStore: MemoryStore
jest.mock('../src/storage/edge.ts', () => {
  const books = jest.requireActual<typeof Books>('../src/storage/books.ts')
  const core = jest.requireActual<typeof Core>('@pepper-knot/core/internal')
  const { memoryLock } = jest.requireActual<typeof Memory>('./memoryBoxes.ts')
  let n = 0
  const mockLock = memoryLock()
  return {
    ...books,
    migrate: core.migrate,
    imported: core.imported,
    bringBefore: () => Promise.resolve({ state: 'none' }),
    openBooks: () =>
      books.createBooks({
        boxes: mockStore.boxes(),
        locked: mockLock,
        now: () => new Date().toISOString(),
        newId: () => `id${++n}`,
        tell: () => undefined,
      }),
  }
})
jest.mock('../src/storage/server.ts', () => ({ fetchInfo: () => Promise.resolve({ demo: false }) }))

const settled = async () => {
  await new Promise((done) => setTimeout(done, 50))
  await useShop().save()
}
beforeEach(async () => {
  mockStore = memoryStore()
  setActivePinia(createPinia())
  useShop().start({ ...useShop().shop, ...demoShop() })
  await settled()
})
/** What the store says of a record. */
const kept = (box: 'records' | 'runs', key: string) => {
  const text = mockStore.data.get(box)!.get(key)
  return text === undefined
    ? undefined
    : (JSON.parse(text) as { versions: { content: Record<string, unknown> | null }[] })
}
const content = (key: string) =>
  kept(/^(?:run|plan)/.test(key) ? 'runs' : 'records', key)?.versions[0]?.content

test('an empty browser is greeted, and asks the server whether it shows the demo', async () => {
  mockStore = memoryStore()
  setActivePinia(createPinia())
  await useShop().load()
  expect(useShop().phase).toBe('welcome')
})
test('every touch is kept, a burst of them in two batches at most, and of what was touched alone', async () => {
  const seq = () => (JSON.parse(mockStore.data.get('meta')!.get('head')!) as { seq: number }).seq
  const before = seq()
  mockStore.state.writes = 0
  for (let i = 0; i < 20; i++) useParts().put({ kind: 'contactTip', stamp: '0.9', count: i + 1, id: 'tips' })
  await settled()
  expect(content('part/tips')?.count).toBe(20)
  expect(seq() - before).toBeLessThanOrEqual(2)
  // The part, the head, and that they stand.
  expect(mockStore.state.writes).toBeLessThanOrEqual(6)
})
test('a step done is one page of its run, and the run is not written', async () => {
  const run = useRuns().start('gull', 'change', { label: 'ER5356 1.2 mm' })
  await settled()
  mockStore.state.writes = 0
  useRuns().set(run.id, { done: ['gatherParts'] })
  await settled()
  // The page, the head, and that they stand.
  expect(mockStore.state.writes).toBe(3)
  expect([...mockStore.data.get('entries')!.keys()]).toEqual([`${run.id}/0`])
})
/** Every way in which a touch is handed over. */
const HANDED: Record<string, () => void> = {
  typing: () => useParts().put({ kind: 'contactTip', stamp: '0.9', count: 7, id: 'late' }),
  'what can be taken back': () =>
    useShop().undoable('in', () =>
      useParts().put({ kind: 'contactTip', stamp: '0.9', count: 7, id: 'late' }),
    ),
  'what is put back': () => void useShop().putBack('part/gone', 'back'),
}
test.each(Object.keys(HANDED))(
  '%s in any moment of a writing under way: saved is said once it is kept',
  async (way) => {
    const last = way === 'what is put back' ? 'part/gone' : 'part/late'
    for (let moment = 0; moment < 120; moment += times(4, 1)) {
      useParts().put({ kind: 'contactTip', stamp: '0.9', count: 1, id: 'gone' })
      await turn()
      useShop().drop('store', ({ id }) => id === 'gone' || id === 'late')
      await turn()
      expect(content(last) ?? null).toBeNull()
      useParts().put({ kind: 'contactTip', stamp: '0.9', count: moment + 1, id: 'before' })
      for (let i = 0; i < moment; i++) await Promise.resolve()
      HANDED[way]!()
      // Whoever looks at the page looks between two tasks.
      do await new Promise((done) => setTimeout(done))
      while (useShop().saveState === 'saving' || !shown(last))
      expect([moment, useShop().saveState, content(last)?.count ?? null]).toEqual([
        moment,
        'saved',
        way === 'what is put back' ? 1 : 7,
      ])
    }
  },
)
const turn = async () => {
  await new Promise((done) => setTimeout(done))
  await useShop().save()
}
const shown = (key: string) => useParts().list.some(({ id }) => `part/${id}` === key)
test('a write that fails is said and tried again; nothing is lost of the page', async () => {
  mockStore.state.fails = new Error('closed')
  useParts().put({ kind: 'contactTip', stamp: '0.9', count: 3, id: 'tips' })
  await settled()
  expect(useShop().saveState).toBe('failed')
  mockStore.state.fails = Object.assign(new Error('full'), { name: 'QuotaExceededError' })
  await useShop().save()
  expect(useShop().saveState).toBe('full')
  mockStore.state.fails = undefined
  await useShop().save()
  expect(useShop().saveState).toBe('saved')
  expect(content('part/tips')?.count).toBe(3)
})
test.each<[string, () => void, string, string]>([
  ['an empty shop name', () => useShop().rename(''), 'name', 'shop/shop'],
  ['a part count below nought', () => useParts().put({ ...useParts().list[0]!, count: -1 }), 'store', ''],
  [
    'a note grown past its limit',
    () => useMachines().put({ ...useMachines().byId('gull')!, note: 'x'.repeat(500) }),
    'machines',
    'machine/gull',
  ],
  [
    'a machine without a name',
    () => useMachines().put({ ...useMachines().byId('gull')!, name: '' }),
    'machines',
    'machine/gull',
  ],
  [
    'a setting nobody knows',
    () => useSettings().set({ units: 'cubits' as 'inch' }),
    'settings',
    'settings/settings',
  ],
])(
  '%s is not written: the last that could be is kept, it is said, and what was typed stays',
  async (_what, spoil, where, key) => {
    const id = key || `part/${useParts().list[0]!.id}`
    const before = content(id)
    spoil()
    await settled()
    expect(useShop().unkept).toMatchObject([{ where }])
    expect(content(id)).toEqual(before)
    expect(readContent(id.slice(0, id.indexOf('/')) as Kind, content(id)).ok).toBe(true)
    const now = JSON.stringify(useShop().shop)
    useRuns().start('tern', 'change', {})
    await settled()
    expect(JSON.stringify({ ...useShop().shop, runs: [] })).toBe(now)
  },
)
test('a machine goes with its open changeovers and comes back with them; signed-off ones stay', async () => {
  const open = useRuns().start('gull', 'change', { label: 'ER5356 1.2 mm' })
  const past = useRuns().start('gull', 'change', { label: 'E71T-11 .030' })
  useRuns().byId(past.id)!.signedOffAt = '2026-11-23T08:00:00Z'
  useMachines().remove('gull', 'Gull removed')
  expect(useMachines().byId('gull')).toBeUndefined()
  expect(useRuns().list.map((r) => r.id)).toEqual([past.id])
  await useShop().undo()
  expect(useMachines().byId('gull')?.name).toBe('Gull')
  expect(useRuns().open.map((r) => r.id)).toEqual([open.id])
  expect(useMachines().list.map((m) => m.id)).toEqual(demoShop().machines.map((m) => m.id))
})
test('a part without an id gets one; a run and a part can be taken back', async () => {
  useParts().put({ kind: 'contactTip', stamp: '1.6', count: 1 })
  const fresh = useParts().list.at(-1)!
  expect(fresh.id).toMatch(/^[0-9a-f-]{36}$/)
  useParts().remove(fresh.id!, 'tip removed')
  await useShop().undo()
  expect(useParts().list.at(-1)!.id).toBe(fresh.id)
  const run = useRuns().start('tern', 'change', {})
  useShop().undoable('changeover removed', () => useRuns().drop(run.id))
  await useShop().undo()
  expect(useRuns().byId(run.id)).toBeDefined()
})
test('a removed changeover is put back with the steps that were done, and no other', async () => {
  const run = useRuns().start('tern', 'change', { label: 'E71T-11 .030' })
  useRuns().set(run.id, { done: ['a', 'b', 'c'] })
  await settled()
  useRuns().set(run.id, { done: ['a', 'b'] })
  useRuns().set(run.id, { note: 'half way' })
  await settled()
  useShop().undoable('changeover removed', () => useRuns().drop(run.id))
  await settled()
  expect(
    useShop()
      .removed()
      .map((one) => one.key),
  ).toContain(`run/${run.id}`)
  await useShop().putBack(`run/${run.id}`, 'put back')
  await settled()
  expect(useRuns().byId(run.id)).toMatchObject({ done: ['a', 'b'], note: 'half way' })
  expect(content(`run/${run.id}`)).toMatchObject({ label: 'E71T-11 .030' })
})
test('undoing one removed tip takes back nothing of a run that went on', async () => {
  const run = useRuns().start('tern', 'change', { label: 'E71T-11 .030' })
  const tip = useParts().list.find((p) => p.kind === 'contactTip')!
  useParts().remove(tip.id!, 'tip removed')
  useRuns().set(run.id, { done: ['a', 'b', 'c'] })
  useMachines().put({ ...useMachines().byId('gull')!, note: 'typed since' })
  await settled()
  await useShop().undo()
  await settled()
  expect(useParts().list.some((p) => p.id === tip.id)).toBe(true)
  expect(useRuns().byId(run.id)!.done).toEqual(['a', 'b', 'c'])
  expect(useMachines().byId('gull')!.note).toBe('typed since')
})
test('what was changed again since is shown before it is taken back', async () => {
  useShop().undoable('noted', () => useMachines().put({ ...useMachines().byId('gull')!, note: 'one' }))
  useMachines().put({ ...useMachines().byId('gull')!, note: 'two' })
  await settled()
  const id = useShop().undos.at(-1)!.id
  await useShop().undo(id)
  expect(useMachines().byId('gull')!.note).toBe('two')
  expect(useShop().takingBack?.taken.clashes).toMatchObject([
    { key: 'machine/gull', path: ['note'], b: 'two' },
  ])
  useShop().takeBackPicked(() => true)
  await settled()
  expect(useMachines().byId('gull')!.note).toBe(demoShop().machines[0]!.note)
})
test('another tab’s touch comes in without what is being typed being lost', async () => {
  const first = useShop()
  setActivePinia(createPinia())
  const second = useShop()
  await second.load()
  expect(second.shop.machines.map((m) => m.id)).toEqual(first.shop.machines.map((m) => m.id))
  second.put('machines', { ...second.shop.machines[0]!, name: 'Gull two' })
  await second.save()
  first.put('machines', { ...first.shop.machines[0]!, note: 'being typed' })
  await first.save()
  expect(first.shop.machines[0]).toMatchObject({ name: 'Gull two', note: 'being typed' })
  await second.save()
  expect(content('machine/gull')).toMatchObject({ name: 'Gull two', note: 'being typed' })
  expect(first.apart).toEqual([])
})
test('units toggle to and fro', () => {
  const settings = useSettings()
  expect(settings.units).toBe('metric')
  settings.toggleUnits()
  expect([settings.units, useShop().shop.settings.units]).toEqual(['inch', 'inch'])
  settings.toggleUnits()
  expect(settings.units).toBe('metric')
})

test('a shop begun over another leaves nothing of it in the store, and a touch before it was written stands', async () => {
  expect(content('machine/gull')).toBeDefined()
  useShop().openEmpty()
  await settled()
  expect(content('machine/gull')).toBeNull()
  // Begun anew, and touched in the same breath.
  mockStore = memoryStore()
  setActivePinia(createPinia())
  useShop().start({ ...useShop().shop, ...demoShop() })
  useMachines().put({ ...useMachines().byId('gull')!, note: 'at once' })
  await settled()
  expect(content('machine/gull')).toMatchObject({ note: 'at once' })
  expect(content('machine/tern')).toBeDefined()
})

/** Records, runs and entries as they are kept, versions and all. */
const keptWhole = () =>
  JSON.stringify((['records', 'runs', 'entries'] as const).map((box) => [...mockStore.data.get(box)!].sort()))
/** Another window of the same browser, or its worker. */
async function beside() {
  const { openBooks } = await import('../src/storage/edge.ts')
  const books = openBooks(() => undefined)
  await books.open()
  return books
}
/** A device that began from this shop and went on for itself. */
async function elsewhere(d: Dice, then: (shop: Shop) => Shop): Promise<State> {
  const books = await beside()
  const state = await books.state()
  return stateWith(
    state,
    then(shopOf(state, useShop().shop)),
    { device: `other${d.below(99)}`, at: new Date().toISOString(), fork: 'o~' },
    () => `t${d.below(1e9)}`,
  )
}
const someOther =
  (d: Dice) =>
  (shop: Shop): Shop => ({
    ...shop,
    name: d.chance(0.5) ? 'Elsewhere' : shop.name,
    machines: shop.machines
      .filter(() => d.chance(0.8))
      .map((m) => (d.chance(0.5) ? { ...m, note: `there ${d.below(9)}` } : m)),
    store: shop.store.filter(() => d.chance(0.7)),
    runs: shop.runs.map((run) => (d.chance(0.7) ? { ...run, done: [...run.done, 'driveRollsOff'] } : run)),
  })

test(`${times(4, 120)} imports, merges, picks and putting back, taken back: every version is as it was kept`, async () => {
  let picked = 0
  for (let seed = 1; seed <= times(4, 120); seed++) {
    const d = dice(seed)
    mockStore = memoryStore()
    setActivePinia(createPinia())
    useShop().start({ ...useShop().shop, ...demoShop() })
    await settled()
    const run = useRuns().start('tern', 'change', { label: 'ER5356 1.2 mm' })
    useRuns().set(run.id, { done: ['gatherParts'] })
    await settled()
    const other = await elsewhere(d, someOther(d))
    for (const { id } of useMachines().list)
      if (d.chance(0.6)) useMachines().put({ ...useMachines().byId(id)!, note: `here ${d.below(9)}` })
    await settled()
    const before = keptWhole()
    const how = d.chance(0.5) ? 'merge' : 'replace'
    const books = await beside()
    await books.write((now, by) => imported(now, other, how, by), { label: how, id: 'in' })
    await useShop().shownAnew({ label: how, id: 'in' })
    const merged = keptWhole()
    // Of what stands apart now a person picks one, and takes the pick back.
    const [key] = useShop().apart
    if (key) {
      picked++
      await useShop().settle(key, useShop().contentOf(key), 'picked')
      expect(useShop().apart).not.toContain(key)
      await useShop().undo()
      await settled()
      expect([seed, useShop().apart.includes(key)]).toEqual([seed, true])
    }
    expect([seed, keptWhole()]).toEqual([seed, merged])
    await useShop().undo('in')
    await settled()
    expect([seed, keptWhole()]).toEqual([seed, before])
    expect(useShop().apart).toEqual([])
    // What was taken back and comes in again is no news that was turned down.
    await (await beside()).write((now, by) => imported(now, other, how, by), { label: how, id: 'again' })
    await useShop().shownAnew()
    expect([seed, useShop().apart.length > 0]).toEqual([seed, key !== undefined])
    // The list of what is past is the one worked out anew, whatever was done.
    const there = useRuns().list.find((r) => r.id === run.id)
    if (there && d.chance(0.5)) useRuns().set(run.id, { signedOffAt: new Date().toISOString() })
    else if (there) useRuns().drop(run.id)
    await settled()
    expect([seed, await (await beside()).newest()]).toEqual([
      seed,
      (await (await beside()).past()).slice(0, 100),
    ])
    const [listed, text] = [await (await beside()).past(), mockStore.data.get('meta')!.get('past/5')]
    mockStore.data.get('meta')!.delete('past/5')
    expect([seed, await (await beside()).past()]).toEqual([seed, listed])
    expect(JSON.parse(mockStore.data.get('meta')!.get('past/5')!)).toEqual(JSON.parse(text!))
  }
  expect(picked).toBeGreaterThan(0)
})
test('what was put back and is taken back again can be put back once more', async () => {
  const { id } = useParts().list[0]!
  const key = `part/${id!}` as const
  useParts().remove(id!, 'gone')
  await settled()
  for (let n = 0; n < 3; n++) {
    expect(
      useShop()
        .removed()
        .map((one) => one.key),
    ).toContain(key)
    await useShop().putBack(key, 'back')
    await settled()
    expect(useParts().list.some((part) => part.id === id)).toBe(true)
    await useShop().undo()
    await settled()
    expect(useParts().list.some((part) => part.id === id)).toBe(false)
  }
})
