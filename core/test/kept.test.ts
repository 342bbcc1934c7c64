import { demoShop } from '../src/demo/saltbarrow.ts'
import {
  keeper,
  openKept,
  readShopFile,
  settingsSchema,
  writeShopFile,
  type Run,
  type Shop,
} from '../src/index.ts'
import { dice, type Dice } from './otherSetups.ts'

const demo = (): Shop => ({ ...demoShop(), settings: settingsSchema.parse({}), runs: [run()] })
const run = (): Run => ({
  id: 'r1',
  machineId: 'gull',
  startedAt: '2026-11-23T08:00:00Z',
  stage: 'swap',
  label: 'ER5356 1.2',
  job: {},
  gathered: [],
  done: [],
})
const at = '2026-11-26T08:00:00.000Z'
const reread = (shop: Shop) => readShopFile(writeShopFile(shop, at)).ok

describe('what is stored is what the schema takes', () => {
  test.each<[string, (shop: Shop) => void, string]>([
    ['an empty shop name', (s) => (s.name = ''), 'name'],
    ['a part count below nought', (s) => (s.store[0]!.count = -1), 'store'],
    ['minutes below nought, the clock set back', (s) => (s.runs[0]!.minutesTaken = -3), 'runs'],
    ['a note grown past its limit', (s) => (s.store[0]!.note = 'x'.repeat(900)), 'store'],
    ['a machine without a name', (s) => (s.machines[0]!.name = ''), 'machines'],
    ['a setting nobody knows', (s) => (s.settings.units = 'cubits' as 'inch'), 'settings'],
  ])('%s is not written: the last that could be is kept, and it is said', (_what, spoil, where) => {
    const keep = keeper('My shop')
    const shop = demo()
    expect(keep(shop).unkept).toEqual([])
    const before = JSON.parse(JSON.stringify(shop)) as Shop
    spoil(shop)
    expect(reread(shop)).toBe(false)
    const kept = keep(shop)
    expect(kept.unkept).toMatchObject([{ where }])
    expect(reread(kept.shop)).toBe(true)
    expect(kept.shop).toEqual(before)
  })
  test('a count of 10,001 is kept: a shop may have so many tips', () => {
    const shop = demo()
    shop.store[0]!.count = 10_001
    expect(keeper('My shop')(shop).unkept).toEqual([])
  })
})

/** Spoils a text of a shop somewhere: a value, a list, an id twice, or the text itself. */
function spoiled(d: Dice, text: string): string {
  const shop = JSON.parse(text) as Record<string, unknown>
  const junk = d.of<unknown>([null, -1, '', 'x'.repeat(5000), [], {}, true, { id: 'gull' }])
  const into = (value: unknown): unknown => {
    if (typeof value !== 'object' || value === null || d.chance(0.25)) return junk
    const keys = Object.keys(value)
    const key = d.of(keys)
    ;(value as Record<string, unknown>)[key] = into((value as Record<string, unknown>)[key])
    return value
  }
  const list = d.of(['machines', 'store', 'runs', 'settings', 'name'])
  shop[list] = into(shop[list])
  return JSON.stringify(shop)
}

test('300 shops spoiled anywhere open, lose no record that could be read, and write again', () => {
  const whole = writeShopFile(demo(), at)
  const { machines, store, runs } = demo()
  for (let seed = 1; seed <= 300; seed++) {
    const opened = openKept(spoiled(dice(seed), whole), 'My shop')
    if (!opened.ok) throw new Error(`${seed}: ${JSON.stringify(opened.problems)}`)
    const { shop, aside } = opened.value
    expect(reread(shop)).toBe(true)
    // One value was spoiled: at most one record, or one whole list, is laid aside.
    expect(aside.length).toBeLessThanOrEqual(2)
    const lost =
      machines.length +
      store.length +
      runs.length -
      shop.machines.length -
      shop.store.length -
      shop.runs.length
    // A list that was emptied is an empty list.
    if (lost > 1 && aside.length) expect(Array.isArray(aside[0]!.record)).toBe(false)
  }
})
test.each([
  '',
  'null',
  '[]',
  '{"format":"pepperknot","version":99}',
  'not json',
  '{"format":"other","version":1}',
])('no shop at all is refused, never taken for an empty one: %s', (text) =>
  expect(openKept(text, 'My shop').ok).toBe(false),
)
