import { createPinia, setActivePinia } from 'pinia'
import { demoShop } from '@pepper-knot/core/demo'
import { useMachines } from '../src/stores/machines.ts'
import { useParts } from '../src/stores/parts.ts'
import { useRuns } from '../src/stores/runs.ts'
import { useSettings } from '../src/stores/settings.ts'
import { useShop } from '../src/stores/shop.ts'

/** A browser's store that is only a text, and may fail. */
const mockKept: { text: string | null; fails: boolean; writes: number } = {
  text: null,
  fails: false,
  writes: 0,
}
jest.mock('../src/storage/browserStore.ts', () => ({
  loadShop: () => Promise.resolve({ state: 'empty' }),
  keepAside: () => (mockKept.fails ? Promise.reject(new Error('full')) : Promise.resolve()),
  saveShop: (shop: unknown) => {
    mockKept.writes++
    if (mockKept.fails) return Promise.reject(new Error('full'))
    mockKept.text = JSON.stringify(shop)
    return Promise.resolve()
  },
}))
jest.mock('../src/storage/server.ts', () => ({ fetchInfo: () => Promise.resolve({ demo: false }) }))

const settled = () => new Promise((done) => setTimeout(done, 30))
beforeEach(() => {
  Object.assign(mockKept, { text: null, fails: false, writes: 0 })
  setActivePinia(createPinia())
  useShop().start({ ...useShop().shop, ...demoShop() })
})
const kept = () =>
  JSON.parse(mockKept.text!) as {
    machines: { id: string }[]
    store: { id: string; count: number }[]
    runs: unknown[]
  }

test('an empty browser is greeted, and asks the server whether it shows the demo', async () => {
  await useShop().load()
  expect(useShop().phase).toBe('welcome')
})
test('every touch is kept, a burst of them in two writes at most', async () => {
  await settled()
  const before = mockKept.writes
  for (let i = 0; i < 20; i++) useParts().put({ kind: 'contactTip', stamp: '0.9', count: i + 1, id: 'tips' })
  await settled()
  expect(kept().store.find((p) => p.id === 'tips')?.count).toBe(20)
  expect(mockKept.writes - before).toBeLessThanOrEqual(2)
})
test('a write that fails is said and tried again; nothing is lost of the page', async () => {
  await settled()
  mockKept.fails = true
  useParts().put({ kind: 'contactTip', stamp: '0.9', count: 3, id: 'tips' })
  await settled()
  expect(useShop().saveState).toBe('failed')
  mockKept.fails = false
  await useShop().save()
  expect(useShop().saveState).toBe('saved')
  expect(kept().store.some((p) => p.id === 'tips')).toBe(true)
})
test('what cannot be written as it stands keeps its last version, and is named', async () => {
  await settled()
  useMachines().byId('gull')!.note = 'x'.repeat(500)
  await settled()
  expect(useShop().unkept.map((u) => u.id)).toEqual(['gull'])
  expect(kept().machines).toHaveLength(demoShop().machines.length)
})
test('a machine goes with its open changeovers and comes back with them; signed-off ones stay', () => {
  const open = useRuns().start('gull', 'ER5356 1.2 mm')
  const past = useRuns().start('gull', 'E71T-11 .030')
  useRuns().byId(past.id)!.signedOffAt = '2026-11-23T08:00:00Z'
  useMachines().remove('gull', 'Gull removed')
  expect(useMachines().byId('gull')).toBeUndefined()
  expect(useRuns().list.map((r) => r.id)).toEqual([past.id])
  useShop().undo()
  expect(useMachines().byId('gull')?.name).toBe('Gull')
  expect(useRuns().open.map((r) => r.id)).toEqual([open.id])
})
test('a part without an id gets one; a run and a part can be taken back', () => {
  useParts().put({ kind: 'contactTip', stamp: '1.6', count: 1 })
  const fresh = useParts().list.at(-1)!
  expect(fresh.id).toMatch(/^[0-9a-f-]{36}$/)
  useParts().remove(fresh.id!, 'tip removed')
  useShop().undo()
  expect(useParts().list.at(-1)!.id).toBe(fresh.id)
  const run = useRuns().start('tern')
  useRuns().remove(run.id, 'changeover removed')
  useShop().undo()
  expect(useRuns().byId(run.id)).toBeDefined()
})
test('a planned machine keeps its plan’s setup and what was learned since', () => {
  const planned = JSON.parse(JSON.stringify(useMachines().byId('gull'))) as ReturnType<
    typeof demoShop
  >['machines'][0]
  useMachines().put({ ...planned, note: 'learned', fitted: {} })
  expect(useMachines().asPlanned(planned)).toMatchObject({ note: 'learned', fitted: planned.fitted })
})
test('units toggle to and fro', () => {
  const settings = useSettings()
  expect(settings.units).toBe('metric')
  settings.toggleUnits()
  expect([settings.units, useShop().shop.settings.units]).toEqual(['inch', 'inch'])
  settings.toggleUnits()
  expect(settings.units).toBe('metric')
})
