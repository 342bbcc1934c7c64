import fc from 'fast-check'
import {
  DEFAULT_PRACTICE,
  planConversion,
  proveConversion,
  shareBlocks,
  stepHow,
  stepTitle,
  stopConversion,
  walkMinutes,
  type Block,
  type ConversionKind,
  type Step,
  type Task,
} from '../src/index.ts'
import { machine, plan, shop, tasks } from './bench.ts'

const convert = (
  kind: ConversionKind,
  on = 'tern',
  set: object = {},
  gun?: { kind: 'push-pull' | 'spool-gun' },
) => planConversion({ ...machine(on), ...set }, kind, gun, shop.store, DEFAULT_PRACTICE)
const gasless = { gasGear: false }
const list = (of: { steps: Step[] }) => of.steps.map((s) => s.task)
const before = (of: { steps: Step[] }, first: Task, then: Task) =>
  expect(list(of).indexOf(first)).toBeLessThan(list(of).indexOf(then))

describe('the first conversion of a gasless machine to gas', () => {
  const made = convert('to-gas', 'tern', gasless)
  test('the valve is proved by its click before any gas is connected', () => {
    before(made, 'clickTest', 'chainCylinder')
    before(made, 'clickTest', 'regulatorOn')
    expect(made.after.gasGear).toBe(true)
  })
  test('wiring is done unplugged and waited out, and is an electrician\u2019s', () => {
    before(made, 'waitDischarge', 'openCase')
    before(made, 'closeCase', 'plugIn')
    const wiring = made.steps.find((s) => s.task === 'wireSolenoid')!
    expect(wiring.hazards).toContain('mains-work')
    expect(stepTitle(wiring, 'metric')).toMatch(/electrician/)
  })
  test('all that goes in stands on the gather list; gas waits until the valve has clicked', () => {
    expect(made.gather.map((g) => g.kind).sort()).toEqual([
      'clip',
      'cylinder',
      'hose',
      'regulator',
      'solenoid',
    ])
    expect(made.gather.filter((g) => g.later).map((g) => g.kind)).toEqual(['regulator', 'cylinder'])
    expect(JSON.stringify(made.steps.map((s) => [stepTitle(s, 'metric'), stepHow(s, 'inch')]))).not.toMatch(
      /undefined/,
    )
  })
  test('there and back again the machine is gasless, and empty of wire', () => {
    const back = planConversion(made.after, 'to-gasless', undefined, shop.store, DEFAULT_PRACTICE)
    expect(back.after).toMatchObject({ gasGear: false, fitted: { gas: null, wire: null } })
    before(back, 'regulatorOff', 'hoseOff')
  })
  test('a machine that has gas gear is not converted again', () =>
    expect(() => convert('to-gas', 'gull')).toThrow(RangeError))
})

test('another gun goes on unplugged, and its plug and motor lead are connected', () => {
  const made = convert('fit-gun', 'gull', {}, { kind: 'push-pull' })
  before(made, 'unplug', 'gunSwap')
  before(made, 'gunSwap', 'connectGun')
  expect(made.after.fitted.gun).toEqual({ kind: 'push-pull' })
  expect(made.after.fitted.liner).toBeUndefined()
})

describe('broken orders of a conversion are refused, and the rule named', () => {
  const whole = convert('to-gas', 'tern', gasless)
  const without = (task: Task) => whole.steps.filter((s) => s.task !== task)
  const moved = (task: Task, to: Task) => {
    const rest = without(task)
    rest.splice(
      rest.findIndex((s) => s.task === to),
      0,
      whole.steps.find((s) => s.task === task)!,
    )
    return rest
  }
  test.each<[string, Step[]]>([
    ['polarity-only-isolated', without('waitDischarge')],
    ['case-only-isolated', moved('plugIn', 'closeCase')],
    ['solenoid-proved-before-gas', without('clickTest')],
    ['end-state', without('shutCylinder')],
  ])('%s', (rule, steps) =>
    expect(
      proveConversion('to-gas', steps, { gas: { CO2: 100 } }, whole.context).violations.map((v) => v.rule),
    ).toContain(rule),
  )
})

describe('two people share the work', () => {
  const step = (id: string, place: Step['place'], minutes: number): Step => ({
    id,
    task: 'lookOver',
    place,
    minutes,
    hazards: [],
    hold: false,
    captive: false,
    facts: {},
  })
  const block = (id: string, place: Step['place'], minutes: number, after: string[] = []): Block => ({
    id,
    steps: [step(id, place, minutes)],
    after,
  })
  test('work at gun and cabinet runs side by side: the longer of the two and the walk there', () => {
    const crew = shareBlocks([block('a', 'gun', 4), block('b', 'cabinet', 6)], 'store')
    expect(crew).toMatchObject({ minutes: 6.5, exact: true })
  })
  test('whoever waits for the other is not sooner done than the chain', () => {
    const crew = shareBlocks(
      [block('a', 'gun', 4), block('b', 'cabinet', 6, ['a']), block('c', 'gun', 3, ['b'])],
      'store',
    )
    // 0.5 walk, then 4, 6 and 3 in a chain: whoever comes next is already there.
    expect(crew.minutes).toBeCloseTo(13.5, 9)
  })
  test('no sharing tried by brute force is sooner done: 300 sets of five blocks', () => {
    const places = ['gun', 'cabinet', 'cylinder', 'store', 'spool'] as const
    const allowed = (b: Block) =>
      b.steps[0]!.place === 'gun' ? [1] : ['cabinet', 'spool'].includes(b.steps[0]!.place) ? [0] : [0, 1]
    const brute = (
      left: readonly Block[],
      done: ReadonlyMap<string, number>,
      free: readonly number[],
      at: readonly Step['place'][],
    ): number =>
      left.length === 0
        ? Math.max(...free)
        : Math.min(
            ...left
              .filter((b) => b.after.every((id) => done.has(id)))
              .flatMap((b) =>
                allowed(b).map((lane) => {
                  const { place, minutes } = b.steps[0]!
                  const from = Math.max(
                    free[lane]! + walkMinutes(at[lane]!, place),
                    ...b.after.map((id) => done.get(id)!),
                  )
                  return brute(
                    left.filter((o) => o !== b),
                    new Map([...done, [b.id, from + minutes]]),
                    free.map((f, i) => (i === lane ? from + minutes : f)),
                    at.map((p, i) => (i === lane ? place : p)),
                  )
                }),
              ),
          )
    const set = fc.tuple(
      ...[0, 1, 2, 3, 4].map((i) =>
        fc.record({
          place: fc.constantFrom(...places),
          minutes: fc.integer({ min: 1, max: 9 }),
          after: fc.subarray(['0', '1', '2', '3'].slice(0, i)),
        }),
      ),
    )
    fc.assert(
      fc.property(set, (rows) => {
        const blocks = rows.map((r, i) => block(String(i), r.place, r.minutes, r.after))
        const crew = shareBlocks(blocks, 'store')
        expect(crew.exact).toBe(true)
        expect(crew.minutes).toBeCloseTo(brute(blocks, new Map(), [0, 0], ['store', 'store']), 1)
      }),
      { numRuns: 300, seed: 9 },
    )
  })
  test('a change for two takes less time than for one, holds its proof, and has all of the steps', () => {
    const two = plan({ practice: { people: 2 } })
    expect(two.crew!.minutes).toBeLessThan(two.minutes!)
    expect(two.crew!.steps.map((s) => s.id).sort()).toEqual(two.steps.map((s) => s.id).sort())
    expect(two.crew!.steps.find((s) => s.id === 'tipOff')!.who).toBe('gun')
    expect(tasks(two)).toEqual(tasks(plan({})))
  })
})

test('a conversion left between fitting the solenoid and wiring it is gone on from there', () => {
  const left = { ...gasless, standing: { openEnds: ['tagged', 'solenoid-not-wired'] } }
  const again = convert('to-gas', 'tern', left)
  expect(list(again)).not.toContain('fitSolenoid')
  expect(list(again)).toContain('wireSolenoid')
  expect(again.gather.map((line) => line.kind)).not.toContain('solenoid')
})

test.each<[string, object | null | undefined, boolean]>([
  ['a gasless cap', { kind: 'gasless-cap' }, true],
  ['none', null, true],
  ['a gas nozzle', { kind: 'gas' }, false],
  ['one that nobody looked at', undefined, false],
])('to gas, on %s, a gas nozzle is gathered: %s', (_what, nozzle, wanted) => {
  const { fitted } = machine('tern')
  const made = convert('to-gas', 'tern', { ...gasless, fitted: { ...fitted, nozzle } })
  expect(made.gather.some((line) => line.kind === 'nozzle')).toBe(wanted)
})

test('a cylinder shut as work is broken off stays the cylinder it is', () => {
  const { fitted } = machine('tern')
  const gas = { Ar: 82, CO2: 18 }
  const made = convert('to-gas', 'tern', {
    ...gasless,
    fitted: { ...fitted, gas, wire: { label: 'E71T-11 0.8' } },
  })
  const { after, steps } = stopConversion(made, [])
  expect(steps.map((s) => s.task)).toContain('shutCylinder')
  expect(after.fitted.gas).toEqual(gas)
})
