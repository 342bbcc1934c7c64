import { asItStands, keptPlan, type Run } from '@pepper-knot/core/internal'
import { changeMarks, standingMarks } from '../src/parts/marks.ts'
import { planned as planOf, run, shop } from './bench.ts'

describe('what follows from a run', () => {
  test('a wire of the shelf brings its spool and its mass', () => {
    expect(planOf(run(), shop).plan?.context.spool).toEqual({ type: 'S300', massKg: 7 })
  })
  test.each<[string, Partial<Run<'change'>>]>([
    ['no wire', { label: '' }],
    ['a wire that cannot be read', { label: 'ER71T-1' }],
    ['a wire without its size', { label: 'ER5356' }],
    ['a machine that is gone', { machineId: 'heron' }],
  ])('%s: no plan yet, and no exception', (_what, change) =>
    expect(planOf(run(change), shop).plan).toBeUndefined(),
  )
  test.each([{}, { thicknessMm: 4 }, { material: 'aluminium' as const }])(
    'of %j the parts are planned, and nothing that hangs on the metal',
    (job) => {
      const { plan } = planOf(run({ job }), shop)
      expect(plan!.steps.length).toBeGreaterThan(5)
      expect(plan!.start).toBeNull()
      expect(plan!.context.job).toBeUndefined()
    },
  )
  test('once the run has begun the plan no longer moves with the store', () => {
    const { request, plan } = planOf(run(), shop)
    const begun = run({ frozen: request, planned: keptPlan(plan!) })
    const frozen = planOf(begun, { ...shop, store: [], machines: [] }).plan
    expect(frozen?.steps.map((s) => s.id)).toEqual(plan!.steps.map((s) => s.id))
    expect(new Set(plan!.steps.map((s) => s.id)).size).toBe(plan!.steps.length)
  })
  test('nor with what a later version of this program would plan', () => {
    const { request, plan } = planOf(run(), shop)
    const kept = keptPlan(plan!)
    const otherwise = { ...kept, steps: [...kept.steps].reverse() }
    const shown = planOf(run({ frozen: request, planned: otherwise }), shop).plan
    expect(shown?.steps.map((s) => s.id)).toEqual(plan!.steps.map((s) => s.id).reverse())
  })
  test('a wire by hand plans too, and a hand-entered self-shielded one asks for its box', () => {
    const byHand = { family: 'flux-cored-self-shielded' as const, diameterMm: 0.9 }
    const steel = { material: 'mild-steel' as const, thicknessMm: 3 }
    expect(planOf(run({ byHand, job: steel }), shop).plan?.problems.map((p) => p.rule)).toEqual([
      'box-polarity-unread',
    ])
    expect(
      planOf(run({ byHand: { ...byHand, polarity: ['DCEN'] }, job: steel }), shop).plan?.proof?.holds,
    ).toBe(true)
  })
})

describe('the wire line', () => {
  const machine = (id: string) => shop.machines.find((m) => m.id === id)!
  const standing = (id: string, units: 'metric' | 'inch' = 'metric') =>
    standingMarks(machine(id), asItStands(machine(id)).findings, units)

  test('a machine is judged against its own wire: only the worn tip of Skua must change', () => {
    expect(
      standing('skua')
        .filter((m) => m.verdict !== 'fits')
        .map((m) => [m.station, m.verdict]),
    ).toEqual([['contactTip', 'change']])
    for (const id of ['gull', 'tern', 'dunlin'])
      expect(standing(id).every((m) => m.verdict === 'fits')).toBe(true)
  })
  test('the fewest words under each mark, in either system; a stamp stays as it is stamped', () => {
    const say = (id: string, units: 'metric' | 'inch') =>
      standing(id, units).map((m) => m.fitted.replace(/[\u00a0]/g, ' ').replace(/\u2060/g, ''))
    expect(say('gull', 'metric')).toEqual([
      'S300',
      'set',
      'steel',
      'V 0.9',
      'mark 4',
      'steel',
      'coil 0.8–1.0',
      'push 3 m',
      '0.9',
      '16 mm',
      'gun on +',
      '80/20',
      '13 L/min',
    ])
    expect(say('gull', 'inch')).toEqual([
      'S300',
      'set',
      'steel',
      'V .035',
      'mark 4',
      'steel',
      'coil .030–.040',
      'push 10 ft',
      '.035',
      '5/8 in',
      'gun on +',
      '80/20',
      '28 cfh',
    ])
    expect(say('tern', 'metric')[3]).toBe('V .025')
  })
  test('nothing read is dotted, an empty machine has no verdicts of its own', () => {
    const bare = { id: 'x', name: 'X', fitted: {} }
    expect(
      standingMarks(bare, asItStands(bare).findings, 'metric').every((m) => m.verdict === 'unknown'),
    ).toBe(true)
    expect(asItStands({ ...bare, fitted: { wire: null } })).toEqual({ wire: null, findings: undefined })
  })
  test('a change shows fitted and asked, and tags what the store lacks', () => {
    const { plan } = planOf(run({ machineId: 'skua', label: 'ER4043 0.9 mm 2 kg' }), shop)
    const marks = changeMarks(plan!.context.machine, plan!.findings, plan!.gather, 'metric')
    expect(marks.filter((m) => m.missing).map((m) => m.station)).toEqual(['driveRolls', 'gun'])
    expect(marks.find((m) => m.station === 'driveRolls')).toMatchObject({
      fitted: 'U 1.2',
      wanted: 'U 0.9',
      verdict: 'change',
    })
    expect(marks.some((m) => m.station === 'supply')).toBe(false)
  })
})
