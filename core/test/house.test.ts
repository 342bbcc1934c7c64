/** What stands in two forms is the same in both: tables and schemas, cells and plans, words and fields. */
import { z } from 'zod'
import {
  awgMm2,
  CATALOGUE,
  changeoverRequestSchema,
  DEFAULT_PRACTICE,
  defaultSettings,
  factsAt,
  isNamedField,
  machineSchema,
  match,
  partSchema,
  placeText,
  plainSchema,
  planChangeover,
  practiceSchema,
  prepare,
  printQuantity,
  problemLine,
  problemsOf,
  QUANTITIES,
  readiness,
  readLabel,
  readQuantity,
  RANKS,
  RULES,
  settingsSchema,
  shopFileSchema,
  SOURCES,
  STATIONS,
  sourceText,
  useText,
  type Quantity,
} from '../src/index.ts'
import { demoShop } from '../src/demo/saltbarrow.ts'
import fc from 'fast-check'
import { times } from './counts.ts'
import { otherSetup } from './otherSetups.ts'

const demo = demoShop()

describe('tables and schemas say the same', () => {
  test('a practice and settings that say nothing', () => {
    expect(practiceSchema.parse({})).toEqual(DEFAULT_PRACTICE)
    expect(settingsSchema.parse({})).toEqual(defaultSettings())
  })
  test('the demo is read as it stands, and its dates are counted from the day it is opened', () => {
    expect(demo.machines.map((m) => machineSchema.parse(m))).toEqual(demo.machines)
    expect(demo.store.map((p) => partSchema.parse(p))).toEqual(demo.store)
    const days = (today: string) =>
      demoShop(today).machines.flatMap((m) =>
        Object.values(m.upkeep ?? {}).map((at) => Date.parse(today) - Date.parse(at)),
      )
    expect(days('2031-02-28T12:00:00Z')).toEqual(days('2026-11-26T12:00:00Z'))
  })
  test('every field of the file has a name, and a place is said in them', () => {
    const keys = new Set<string>()
    const walk = (value: unknown) => {
      if (typeof value !== 'object' || value === null) return
      const { properties } = value as { properties?: object }
      for (const key of Object.keys(properties ?? {})) keys.add(key)
      for (const inside of Object.values(value)) walk(inside)
    }
    walk(plainSchema(shopFileSchema))
    expect([...keys].filter((key) => !isNamedField(key))).toEqual([])
    expect(placeText('machines.2.note')).toBe('machines, no. 3, note')
  })
  test('what a schema refuses is said in words, with its place', () => {
    const shop = { ...demo, machines: [{ ...demo.machines[0]!, note: 'x'.repeat(300) }] }
    const read = z.object({ machines: z.array(machineSchema) }).safeParse(shop, { reportInput: true })
    expect(problemsOf(read.error!).map(problemLine)).toEqual([
      'machines, no. 1, note: This is too long: at most 200 characters.',
    ])
  })
  test('every source, rank and wire of the catalogue has its words', () => {
    for (const source of SOURCES) expect(sourceText(source)).not.toBe('')
    for (const { classification } of CATALOGUE)
      expect([classification, useText(classification)]).not.toContain('')
    expect(Object.values(RULES).filter(({ keep, rank }) => !keep || !RANKS.includes(rank))).toEqual([])
  })
})

describe('quantities there and back', () => {
  test.each(Object.keys(QUANTITIES) as Quantity[])(
    '%s: what is printed reads back to the same value',
    (kind) => {
      const { unit } = QUANTITIES[kind]
      const eighths = fc.integer({ min: 0, max: 800 }).map((n) => (n / 8) * unit.inch.one)
      const tenths = fc.integer({ min: 0, max: 5000 }).map((n) => (n / 10) * unit.metric.one)
      const any = fc.double({ min: 1e-4, max: 1e4, noNaN: true })
      fc.assert(
        fc.property(fc.oneof(eighths, tenths, any), fc.constantFrom('metric', 'inch'), (value, units) => {
          const read = readQuantity(kind, printQuantity(kind, value, units), units)
          expect(read).toEqual({ ok: true, value })
        }),
        { numRuns: times(300, 20_000), seed: 26 },
      )
    },
  )
  // published: ASTM B258; 1 in = 25.4 mm, exact.
  test.each<[Quantity, number, 'metric' | 'inch', string]>([
    ['thickness', 3.175, 'inch', '.125 in'],
    ['thickness', 3.175, 'metric', '3.175 mm'],
    ['thickness', 3, 'inch', '3 mm'],
    ['conductor', awgMm2(10), 'inch', '10 AWG'],
    ['speed', 6.35, 'inch', '250 ipm'],
    ['lead', 3.048, 'inch', '10 ft'],
    ['temperature', 100, 'inch', '212 °F'],
    ['temperature', (300 - 32) / 1.8, 'inch', '300 °F'],
  ])('%s of %d in a %s shop is shown as %s', (kind, value, units, text) =>
    expect(printQuantity(kind, value, units)).toBe(text),
  )
})

test('a cell of the board is what the plan of its wire on its machine says', () => {
  const board = readiness(demo.machines, demo.store, DEFAULT_PRACTICE)
  expect(board.cells).toHaveLength(board.rows.length * demo.machines.length)
  for (const { row: key, machineId, ...cell } of board.cells) {
    const { label } = board.rows.find((row) => row.key === key)!
    const read = readLabel(label)
    const shelf = demo.store.find((part) => part.kind === 'wire' && part.label === label)
    const spool = shelf?.kind === 'wire' ? { type: shelf.spoolType, massKg: shelf.massKg } : undefined
    const request = changeoverRequestSchema.parse({
      machine: demo.machines.find((m) => m.id === machineId),
      wire: { label, spool },
      job: { material: read.ok && read.value.wire.joins[0], thicknessMm: 3 },
      store: demo.store,
    })
    const plan = planChangeover(request)
    if (!plan.ok) throw new Error(label)
    expect([label, machineId, cell.problems.map((p) => p.rule)]).toEqual([
      label,
      machineId,
      plan.value.problems.map((p) => p.rule),
    ])
    if (cell.state === 'ready' || cell.state === 'missing')
      expect([label, machineId, cell.missing.map((m) => m.kind)]).toEqual([
        label,
        machineId,
        plan.value.gather.filter((line) => !line.have).map((line) => line.kind),
      ])
  }
})

test(`${times(400, 3000)} setups: a station gives the facts that its rules name, each somewhere, and no other`, () => {
  const given = new Map<string, Set<string>>()
  for (let seed = 1; seed <= times(400, 3000); seed++) {
    const asked = changeoverRequestSchema.safeParse(otherSetup(seed))
    const c = asked.success ? prepare(asked.data) : undefined
    if (!c?.ok) continue
    for (const { station, facts } of match(c.value)) {
      const seen = given.get(station) ?? new Set()
      given.set(station, seen)
      for (const fact of Object.keys(facts)) seen.add(fact)
    }
  }
  for (const station of STATIONS) {
    const named = factsAt(station)
    expect([station, [...given.get(station)!].filter((fact) => !named.includes(fact))]).toEqual([station, []])
    // A fact that seldom is one wants more setups to be met.
    const met = named.filter((fact) => given.get(station)!.has(fact))
    expect(met.length).toBeGreaterThanOrEqual((named.length * times(80, 100)) / 100)
  }
})
