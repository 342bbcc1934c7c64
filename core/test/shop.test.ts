import fc from 'fast-check'
import { median } from 'mathjs'
import {
  problemText,
  cellWords,
  confirmSeen,
  DEFAULT_PRACTICE,
  earliestDay,
  fittedOn,
  fittedParts,
  isLow,
  orderList,
  ownMinutes,
  planChangeover,
  changeoverRequestSchema,
  quickMachine,
  rankOf,
  readiness,
  readinessMinutes,
  readPartLine,
  readPartLines,
  seenOnly,
  settle,
  upkeepDue,
  usualSpares,
  type Part,
} from '../src/index.ts'
import { workBetween, type UpkeepEvery } from '../src/machine/upkeep.ts'
import { finding, machine, plan, shop, sizedWire, verdict } from './bench.ts'
import { times } from './counts.ts'
import { dice } from './otherSetups.ts'

// common practice, no source: what the trade stamps, and what it calls the parts.
describe('parts by what is stamped on them', () => {
  test.each<[string, Partial<Part> & object]>([
    ['1.0/1.2 U', { kind: 'driveRolls', profile: 'smooth-u', grooves: ['1.0', '1.2'] }],
    ['.030/.035 .045 knurled', { kind: 'driveRolls', profile: 'knurled-v', grooves: ['.030/.035', '.045'] }],
    ['.035/.045 serrated rollers', { kind: 'driveRolls', profile: 'knurled-v', grooves: ['.035', '.045'] }],
    ['1/16 5/64 V', { kind: 'driveRolls', profile: 'smooth-v', grooves: ['1/16', '5/64'] }],
    ['.035 tip x5', { kind: 'contactTip', stamp: '.035', count: 5 }],
    [
      '1.2 al tips 4 off @ drawer 3',
      { kind: 'contactTip', stamp: '1.2', aluminiumBore: true, count: 4, drawer: 'drawer 3' },
    ],
    ['O.9 TIP', { kind: 'contactTip', stamp: '0.9' }],
    ['PTFE 1.0-1.2 4 m', { kind: 'liner', material: 'ptfe', minMm: 1, maxMm: 1.2, lengthM: 4 }],
    [
      'steel conduit .030-.035 10 ft',
      { kind: 'liner', material: 'steel-coil', minMm: 0.8, maxMm: 0.9, lengthM: 3.048 },
    ],
    ['5/8 shroud', { kind: 'nozzle', type: 'gas', boreMm: 16 } as object],
    ['gasless cap', { kind: 'nozzle', type: 'gasless-cap' } as object],
    ['gun rolls 1.2 U', { kind: 'gun', part: 'rolls', profile: 'smooth-u', grooves: ['1.2'] }],
    ['80/20 cylinder', { kind: 'cylinder', gas: { Ar: 80, CO2: 20 } }],
    ['98/2 O2 bottle', { kind: 'cylinder', gas: { Ar: 98, O2: 2 } }],
    [
      '0.9 V / 0.9 knurled roll',
      { kind: 'driveRolls', grooves: ['0.9', '0.9'], grooveProfiles: ['smooth-v', 'knurled-v'] },
    ],
    [
      '0.8 V worn, 1.0 V rolls',
      {
        kind: 'driveRolls',
        profile: 'smooth-v',
        grooves: ['0.8', '1.0'],
        grooveConditions: ['worn', 'good'],
      },
    ],
    ['work clamp 300 A x2 at 18.50', { kind: 'workClamp', ratingA: 300, count: 2, price: 18.5 } as object],
    [
      'push gun 4 m 300 A water-cooled',
      { kind: 'gun', part: 'whole', type: 'push', lengthM: 4, ratingA: 300, cooling: 'water' },
    ],
    ['solenoid 24 V', { kind: 'solenoid', coilV: 24 } as object],
    ['gas hose argon 3 m', { kind: 'hose', gas: 'argon', lengthM: 3 } as object],
    ['hose clip x4', { kind: 'clip', count: 4 }],
    ['liner sleeve 1.2', { kind: 'sleeve', stamp: '1.2' } as object],
    ['drum hood', { kind: 'hubHardware', spool: 'drum' } as object],
    ['o-ring for the regulator x10', { kind: 'oRing', count: 10 }],
    ['.035 tip x10 at 1.20', { kind: 'contactTip', stamp: '.035', count: 10, price: 1.2 } as object],
    ['dual shield .045', { kind: 'wire', label: 'dual shield .045' }],
    ['ER70S-6 0.9 15 kg x2', { kind: 'wire', label: 'ER70S-6 0.9 15 kg', massKg: 15, count: 2 }],
  ])('%s', (line, part) => {
    const read = readPartLine(line)
    expect(read).toMatchObject({ ok: true, value: part })
  })
  test.each([
    ['1.2', /Which part/],
    ['rolls 1.2', /U, V or knurled/],
    ['liner 1.0', /made of/],
    ['7.7 tip', /no size/],
    ['.9 1.2 tip', /one size/],
    ['ER71T-1 .035', /mixes two forms/],
    ['60/20 cylinder', /80 %/],
    ['', /Nothing typed/],
  ])('%s is refused with what is missing', (line, why) => {
    const read = readPartLine(line)
    expect(read.ok ? '' : problemText(read.problems[0]!)).toMatch(why)
  })
  test('what a shop with these wires is offered reads back as parts', () => {
    for (const system of ['metric', 'inch'] as const)
      for (const { line, read } of readPartLines(
        usualSpares(
          ['ER70S-6 .035', 'ER5356 1.2', 'E71T-11 .030', 'E71T-1M 1/16'].map(sizedWire),
          system,
        ).join('\n'),
      ))
        expect([line, read.ok]).toEqual([line, true])
  })
  test('no text throws', () =>
    fc.assert(
      fc.property(
        fc.oneof(fc.string({ unit: 'grapheme' }), fc.stringMatching(/^[.0-9xX/ a-zA-Z@-]{0,40}$/)),
        (text) => void readPartLines(text),
      ),
      { numRuns: 3000, seed: 5 },
    ))
})

describe('a machine from six answers', () => {
  const label = 'ER70S-6 0.9'
  const made = quickMachine(
    {
      name: 'Knot',
      build: 'cabinet',
      wire: { label, read: sizedWire(label) },
      polarityChange: 'studs',
      gasGear: true,
      gun: { kind: 'push', lengthM: 3 },
    },
    'knot',
  )
  const to = (m: typeof made) => {
    const read = planChangeover(
      changeoverRequestSchema.parse({
        machine: m,
        wire: { label: 'ER70S-6 0.8' },
        job: { material: 'mild-steel', thicknessMm: 2 },
      }),
    )
    if (!read.ok) throw new Error()
    return read.value
  }
  test('what the wire suggests is put in, and counts as not looked at: the plan reads it first', () => {
    expect(made.fitted.driveRolls).toMatchObject({ profile: 'smooth-v', active: '0.9' })
    expect(seenOnly(made).fitted.driveRolls).toBeUndefined()
    expect(verdict(to(made), 'driveRolls')).toBe('unknown')
    expect(to(made).steps[0]!.task).toBe('readStation')
  })
  test('once somebody has looked it is what is fitted', () => {
    expect(verdict(to(confirmSeen(made)), 'liner')).not.toBe('unknown')
    expect(confirmSeen(made, ['liner']).assumed).not.toContain('liner')
  })
  test('after a sign-off nothing is assumed any more', () => {
    const done = to(made)
    expect(
      settle(done, made, [], {}, { cameOff: () => '', newId: () => 'n' }).machine.assumed,
    ).toBeUndefined()
  })
  test('an empty machine, and one that nobody looked at, assume nothing', () => {
    expect(quickMachine({ name: 'A', wire: null }, 'a')).toEqual({
      id: 'a',
      name: 'A',
      fitted: { wire: null },
    })
    expect(quickMachine({ name: 'B' }, 'b').assumed).toBeUndefined()
  })
})

describe('the readiness board', () => {
  const board = readiness(shop.machines, shop.store, DEFAULT_PRACTICE)
  const cell = (label: string, id: string) => {
    const row = board.rows.find((r) => r.label.startsWith(label))!
    return board.cells.find((c) => c.row === row.key && c.machineId === id)!
  }
  test('the wire on a machine is loaded there, and a spool it cannot take never runs', () => {
    expect(cell('ER70S-6 0.9', 'gull').state).toBe('loaded')
    expect(cell('ER70S-6 0.9', 'tern')).toMatchObject({ state: 'cannot' })
    expect(cellWords(cell('ER70S-6 0.9', 'tern'), undefined).detail).toBe('spool does not fit')
  })
  test('missing parts are named as the changeover itself names them', () => {
    const c = cell('ER70S-6 0.8', 'dunlin')
    const whole = plan({ on: 'dunlin', label: 'ER70S-6 0.8 mm 15 kg' })
    expect(c.missing.map((m) => m.kind)).toEqual(whole.gather.filter((g) => !g.have).map((g) => g.kind))
    expect(c.state).toBe('missing')
  })
  test('minutes are those of the changeover, and identical machines are planned once', () => {
    const minutes = [...readinessMinutes(board, shop.machines, shop.store, DEFAULT_PRACTICE)]
    const c = cell('E71T-11 .030', 'gull')
    const whole = plan({ label: 'E71T-11 .030 10 lb', job: { position: undefined } })
    expect(minutes.find((m) => m.row === c.row && m.machineId === 'gull')!.minutes).toBeCloseTo(
      whole.minutes!,
      6,
    )
    const twin = { ...machine('gull'), id: 'twin', name: 'Twin' }
    const both = readiness([machine('gull'), twin], shop.store, DEFAULT_PRACTICE)
    const found = [...readinessMinutes(both, [machine('gull'), twin], shop.store, DEFAULT_PRACTICE)]
    expect(found.filter((m) => m.machineId === 'twin').map((m) => m.minutes)).toEqual(
      found.filter((m) => m.machineId === 'gull').map((m) => m.minutes),
    )
  })
})

describe('stock', () => {
  const fitted = fittedParts(shop.machines)
  test('parts on machines count as fitted; assumed ones do not', () => {
    const rolls = shop.store.find((p) => p.kind === 'driveRolls' && p.grooves.join() === '0.8,0.9')!
    expect(fittedOn(rolls, fitted)).toEqual(['Gull'])
    expect(fittedOn(rolls, fittedParts([{ ...machine('gull'), assumed: ['driveRolls'] }]))).toEqual([])
  })
  test('low at the mark and below', () => {
    const tip = (count: number): Part => ({ kind: 'contactTip', stamp: '0.9', count, lowAt: 2 })
    expect([3, 2, 0].map((n) => isLow(tip(n)))).toEqual([false, true, true])
  })
  test('the order list takes the days a drawer knows, else the shop’s, and names the day', () => {
    const store = [
      ...shop.store.filter((p) => p.kind !== 'contactTip'),
      { kind: 'contactTip' as const, stamp: '0.8', count: 0, leadDays: 12 },
    ]
    const made = plan({ label: 'ER70S-6 0.8', store })
    const list = orderList(made.context, made.findings, made.gather, 5)
    expect(list.lines.map((l) => [l.line.kind, l.leadDays])).toContainEqual(['contactTip', 12])
    expect(list.days).toBe(12)
    expect(earliestDay(list.days, '2026-12-25T10:00:00Z')).toBe('2027-01-06')
    expect(orderList(made.context, made.findings, []).days).toBe(0)
  })
})

describe('the shop’s own minutes', () => {
  test('medians of three and more; a tea break is not work', () => {
    expect(ownMinutes({ tipOff: { 0.4: 1, 1: 1, 0.6: 1, 55: 1 }, fitTip: { 1: 2 } })).toEqual({ tipOff: 0.6 })
  })
  test('is the median that a mathematics library finds of every reading written out', () => {
    const counts = fc.dictionary(
      fc.integer({ min: 1, max: 19 }).map((n) => String(n / 10)),
      fc.integer({ min: 1, max: 9 }),
      { minKeys: 1 },
    )
    fc.assert(
      fc.property(counts, (row) => {
        const all = Object.entries(row).flatMap(([m, n]) => Array<number>(n).fill(Number(m)))
        expect(ownMinutes({ tipOff: row })).toEqual(all.length < 3 ? {} : { tipOff: median(all) })
      }),
      { seed: 3 },
    )
  })
  test('a plan counts with them', () => {
    const base = plan({ label: 'ER70S-6 0.8' })
    const own = planChangeover(
      changeoverRequestSchema.parse({
        machine: machine('gull'),
        wire: { label: 'ER70S-6 0.8' },
        job: { material: 'mild-steel', thicknessMm: 4 },
        store: shop.store,
        minutes: { tipOff: 5.5 },
      }),
    )
    expect(own.ok && own.value.minutes! - base.minutes!).toBeCloseTo(5, 6)
  })
})

describe('upkeep', () => {
  // common practice, no source: the liner about monthly.
  test('due by its days, and not by nobody having written it down', () => {
    const due = upkeepDue(
      { upkeep: { blowOutLiner: '2026-10-20T00:00:00Z', brushRolls: '2026-11-20T00:00:00Z' } },
      '2026-11-24T00:00:00Z',
    )
    expect(due.slice(0, 3).map((u) => [u.upkeep, u.days, u.due])).toEqual([
      ['blowOutLiner', 35, true],
      ['brushRolls', 4, false],
      ['checkORings', null, false],
    ])
  })
})

describe('upkeep by work', () => {
  const upkeep = { blowOutLiner: '2026-10-01T00:00:00Z' }
  const at = (day: string) => `2026-10-${day}T12:00:00Z`
  const liner = (upkeepEvery: UpkeepEvery, notes: Parameters<typeof upkeepDue>[2], today = at('20')) =>
    upkeepDue({ upkeep, upkeepEvery }, today, notes).find((u) => u.upkeep === 'blowOutLiner')!
  test('due by what comes first: days, kilograms, or hours of arc', () => {
    const every = { blowOutLiner: { days: 40, kg: 30, arcHours: 25 } }
    const spools = ['05', '09'].map((day) => ({ what: 'spool-emptied', at: at(day), kg: 15 }))
    const read = [
      { what: 'arc-hours', at: '2026-09-28T00:00:00Z', arcHours: 400 },
      { what: 'arc-hours', at: at('12'), arcHours: 425 },
    ]
    expect(liner(every, [])).toMatchObject({ due: false, kg: null, arcHours: null })
    expect(liner(every, spools)).toMatchObject({ kg: 30, dueBy: ['kg'], due: true })
    expect(liner(every, [spools[0]!])).toMatchObject({ kg: 15, due: false })
    expect(liner(every, read)).toMatchObject({ arcHours: 25, dueBy: ['arcHours'] })
    expect(liner(every, [], '2026-11-10T00:00:00Z')).toMatchObject({ days: 40, dueBy: ['days'] })
    // Where the shop names no weight, none makes it due: no usual figure is known.
    expect(liner({}, spools)).toMatchObject({ kg: 30, every: { days: 30 }, due: false })
  })
  test('a counter that was changed begins anew, and one reading alone tells nothing', () => {
    const worked = [90, 96, 2, 5].map((arcHours, i) => ({ at: at(`0${i + 2}`), arcHours }))
    // 6 h, then 2 h and 3 h on the new one.
    expect(workBetween(worked, upkeep.blowOutLiner, at('20'))).toEqual({ kg: null, arcHours: 11 })
    expect(workBetween(worked.slice(0, 1), upkeep.blowOutLiner, at('20')).arcHours).toBeNull()
  })
  test('work between two times is that of its parts, however they are cut, in any order', () => {
    for (let seed = 1; seed <= times(200, 5000); seed++) {
      const d = dice(seed)
      const rows = Array.from({ length: d.below(12) }, (_, i) => ({
        at: new Date(Date.UTC(2026, 0, 1 + i)).toISOString(),
        ...(d.chance(0.5) ? { kg: d.below(18) } : { arcHours: d.below(500) }),
      }))
      const [from, cut, to] = [
        '2025-12-31T00:00:00.000Z',
        new Date(Date.UTC(2026, 0, 1 + d.below(12))).toISOString(),
        '2026-02-01T00:00:00.000Z',
      ] as const
      const whole = workBetween([...rows].reverse(), from, to)
      const parts = [workBetween(rows, from, cut), workBetween(rows, cut, to)]
      const sum = (of: 'kg' | 'arcHours') => parts.reduce((n, part) => n + (part[of] ?? 0), 0)
      expect([seed, whole.kg ?? 0]).toEqual([seed, sum('kg')])
      expect([seed, whole.arcHours ?? 0]).toEqual([seed, sum('arcHours')])
    }
  })
})

describe('what comes of leaving it', () => {
  test.each([
    [{ fitted: { conditions: { earthPin: 'missing' } } }, 'supply', 'harms'],
    [{}, 'driveRolls', 'stops-feed'],
    [{}, 'contactTip', 'stops-feed'],
    [{ label: 'E71T-11 .035' }, 'polarity', 'spoils-weld'],
    [{ label: 'E71T-11 .035' }, 'gasFlow', 'only-wears'],
    [{}, 'polarity', null],
  ] as const)('%o at %s: %s', (ask, station, rank) =>
    expect(rankOf(finding(plan(ask as object), station))).toBe(rank),
  )
})
