import fc from 'fast-check'
import {
  HAZARD_RULES,
  orderBlocks,
  PLACES,
  PlanRefused,
  prove,
  settle,
  walkAlong,
  walkMinutes,
  stepTitle,
  type Block,
  type Changeover,
  type Place,
  type Step,
  type Task,
} from '../src/index.ts'
import { finding, machine, plan, shop, tasks } from './bench.ts'

const before = (of: Changeover, first: Task, then: Task) => tasks(of).indexOf(first) < tasks(of).indexOf(then)

describe('the order of work', () => {
  test('studs only after unplugging and waiting; plugged in again before power', () => {
    const made = plan({ on: 'tern', label: 'E71T-11 .030' })
    for (const [a, b] of [
      ['switchOff', 'unplug'],
      ['unplug', 'waitDischarge'],
      ['waitDischarge', 'swapStuds'],
      ['swapStuds', 'plugIn'],
      ['plugIn', 'switchOn'],
      ['switchOn', 'feedThrough'],
    ] as const)
      expect(before(made, a, b)).toBe(true)
  })
  test('a switch needs the machine off, not the plug out', () => {
    const made = plan({ label: 'E71T-11 .035', set: { polarityChange: 'switch' } })
    expect(tasks(made)).not.toContain('unplug')
    expect(before(made, 'switchOff', 'turnSwitch')).toBe(true)
  })
  test('a liner that goes up to the rolls is trimmed last, behind a guide that stays at the gun’s own place', () => {
    const up = plan({ practice: { softWireOutlet: 'liner-to-rolls' } })
    for (const task of ['gunBack', 'outletGuideOut', 'rollsChange'] as const)
      expect(before(up, task, 'linerTrim')).toBe(true)
    expect(before(plan({ practice: { softWireOutlet: 'guide' } }), 'linerTrim', 'gunBack')).toBe(true)
    expect(before(plan({ label: 'ER70S-6 1.2' }), 'linerTrim', 'gunBack')).toBe(true)
  })
  test('rolls before the wire blocks them; gas after feeding; the arc last', () => {
    const made = plan({})
    for (const [a, b] of [
      ['rollsChange', 'threadNewWire'],
      ['feedThrough', 'openCylinder'],
      ['leakCheck', 'setFlow'],
      ['setFlow', 'testWeld'],
      ['setPressure', 'clampOn'],
    ] as const)
      expect(before(made, a, b)).toBe(true)
  })
  test('the hand that holds the wire is never asked to press and hold, and the chain is not interrupted', () => {
    for (const label of ['ER5356 1.2', 'E71T-11 .035', 'ER70S-6 0.9']) {
      const { steps } = plan({ label })
      const held = steps.map((s, i) => (s.captive ? i : -1)).filter((i) => i >= 0)
      expect(steps.some((s) => s.captive && s.hold)).toBe(false)
      expect(held.map((i) => steps[i]!.task)).toEqual([
        'takeOldWire',
        'cutOldWire',
        'tuckOldEnd',
        'takeNewEnd',
        'threadNewWire',
        'closeArm',
      ])
      expect(held[2]! - held[0]!).toBe(2)
      expect(held[5]! - held[3]!).toBe(2)
    }
  })
  test('a shop that rewinds strips the gun first', () => {
    const made = plan({ label: 'ER70S-6 0.9', practice: { wireInGun: 'rewind' } })
    expect(before(made, 'tipOff', 'windBack')).toBe(true)
    expect(tasks(made)).not.toContain('pullOldWire')
  })
  test('by money, 3 m of steel wire is scrapped, and dear wire is wound back', () => {
    expect(plan({ label: 'ER70S-6 1.2' }).wireInGun).toMatchObject({ way: 'scrap' })
    expect(
      plan({ label: 'ER70S-6 1.2', practice: { wirePerKg: 500, labourPerHour: 10 } }).wireInGun,
    ).toMatchObject({ way: 'rewind' })
  })
  test('reverse threads and the working groove of this machine are said in the step', () => {
    expect(
      plan({ label: 'E71T-11 .035', set: { workingGroove: 'outer' } }).steps.find(
        (s) => s.task === 'rollsChange',
      )!.facts.workingGroove,
    ).toBe('outer')
    expect(
      stepTitle(
        plan({ on: 'tern', label: 'E71T-11 .030' }).steps.find((s) => s.task === 'swapStuds')!,
        'metric',
      ),
    ).toContain('gun cable on minus')
  })
})

describe('the search', () => {
  test('walking keeps the triangle inequality, so doing at once what lies at hand never costs', () => {
    for (const a of PLACES)
      for (const b of PLACES)
        for (const c of PLACES)
          expect(walkMinutes(a, c)).toBeLessThanOrEqual(walkMinutes(a, b) + walkMinutes(b, c) + 1e-9)
  })
  test('no order walks less than the one found: every order of small sets tried', () => {
    const place = fc.constantFrom<Place>(...PLACES)
    const sets = fc.array(
      fc.record({ place, second: fc.option(place, { nil: undefined }), after: fc.nat(5) }),
      { minLength: 1, maxLength: 6 },
    )
    fc.assert(
      fc.property(sets, place, (rows, start) => {
        const step = (at: Place, i: number): Step => ({
          id: `${i}`,
          task: 'putAway',
          place: at,
          minutes: 1,
          hazards: [],
          hold: false,
          captive: false,
          facts: {},
        })
        const blocks: Block[] = rows.map((row, i) => ({
          id: `${i}`,
          steps: [step(row.place, i), ...(row.second ? [step(row.second, i)] : [])],
          after: row.after < i ? [`${row.after}`] : [],
        }))
        const walk = (order: readonly Block[]) =>
          walkAlong([start, ...order.flatMap((b) => b.steps.map((s) => s.place))])
        const all = (left: Block[]): Block[][] =>
          left.length === 0
            ? [[]]
            : left.flatMap((b) =>
                b.after.some((id) => left.some((x) => x.id === id))
                  ? []
                  : all(left.filter((x) => x !== b)).map((rest) => [b, ...rest]),
              )
        expect(walk(orderBlocks(blocks, start))).toBeCloseTo(Math.min(...all(blocks).map(walk)), 9)
      }),
      { numRuns: 150, seed: 3 },
    )
  })
  test('a circle of precedences is a mistake of the program', () => {
    const [step] = plan({}).steps
    const a = { id: 'a', steps: [step!], after: [] }
    expect(() =>
      orderBlocks(
        [
          { ...a, id: 'x', after: ['y'] },
          { ...a, id: 'y', after: ['x'] },
        ],
        'store',
      ),
    ).toThrow(RangeError)
  })
})

/** A gun cooled by water comes off for its liner. */
const WATER = {
  fitted: { gun: { kind: 'push' as const, lengthM: 3, cooling: 'water' as const } },
}
/** A proved plan with one step moved or taken out, for each hazard rule. */
const moved = (of: Changeover, task: Task, toBefore: Task): Step[] => {
  const rest = of.steps.filter((s) => s.task !== task)
  rest.splice(
    rest.findIndex((s) => s.task === toBefore),
    0,
    ...of.steps.filter((s) => s.task === task),
  )
  return rest
}
const without = (of: Changeover, ...out: Task[]) => of.steps.filter((s) => !out.includes(s.task))
const BROKEN: Record<string, () => [Changeover, Step[]]> = {
  'polarity-only-isolated': () => {
    const p = plan({ on: 'tern', label: 'E71T-11 .030' })
    return [p, moved(p, 'swapStuds', 'unplug')]
  },
  'rolls-guides-liner-only-off': () => {
    const p = plan({})
    return [p, moved(p, 'switchOn', 'rollsChange')]
  },
  'wire-end-never-free': () => {
    const p = plan({})
    return [p, without(p, 'tuckOldEnd')]
  },
  'no-threading-with-tip-or-nozzle-on': () => {
    const p = plan({})
    return [p, without(p, 'tipOff')]
  },
  'no-threading-with-gas-open': () => {
    const p = plan({ label: 'ER70S-6 1.2' })
    return [p, without(p, 'shutCylinder')]
  },
  'no-threading-soft-wire-through-coiled-lead': () => {
    const p = plan({})
    return [p, without(p, 'pullOldWire')]
  },
  'earth-before-all': () => {
    const p = plan({ fitted: { conditions: { earthPin: 'missing' } } })
    return [p, moved(p, 'supplyFix', 'threadNewWire')]
  },
  'on-only-closed-with-gun': () => {
    const p = plan({})
    return [p, without(p, 'gunBack')]
  },
  'not-left-on': () => {
    const p = plan({})
    return [p, moved(p, 'gatherParts', 'switchOff')]
  },
  'water-off-before-gun': () => {
    const p = plan(WATER)
    return [p, without(p, 'hosesOff')]
  },
  'no-arc-without-water': () => {
    const p = plan(WATER)
    return [p, without(p, 'hosesOn')]
  },
  'spool-with-both-hands': () => {
    const p = plan({})
    return [p, moved(p, 'mountSpool', 'threadNewWire')]
  },
  'hand-stays-at-the-wire': () => {
    const p = plan({})
    return [p, moved(p, 'switchOn', 'threadNewWire')]
  },
  'inlet-before-spool': () => {
    const p = plan({ set: { inletBeforeSpool: true } })
    return [p, without(p, 'passInlet')]
  },
  'liner-cut-when-rolls-are-final': () => {
    const p = plan({ practice: { softWireOutlet: 'liner-to-rolls' } })
    return [p, moved(p, 'linerTrim', 'rollsChange')]
  },
  'cylinder-chained-screw-out': () => {
    const p = plan({})
    return [p, moved(p, 'crackValve', 'chainCylinder')]
  },
  'no-arc-before-proved': () => {
    const p = plan({})
    return [p, moved(p, 'testWeld', 'setFlow')]
  },
  'no-arc-on-a-curl': () => {
    const p = plan({})
    return [p, without(p, 'trimWire')]
  },
  'no-spark-near-what-burns': () => {
    const p = plan({})
    return [p, without(p, 'hotWork')]
  },
  'regulator-off-without-pressure': () => {
    const p = plan({})
    return [p, moved(p, 'switchOff', 'shutCylinder')]
  },
  'hot-parts-cool-first': () => {
    const p = plan({})
    return [p, moved(p, 'nozzleOff', 'coolGun')]
  },
  'gloves-and-glasses-first': () => {
    const p = plan({})
    return [p, without(p, 'protect')]
  },
  'gathered-before-opened': () => {
    const p = plan({})
    return [p, without(p, 'gatherParts')]
  },
  'no-trigger-with-clamp-on': () => {
    const p = plan({})
    return [p, moved(p, 'clampOn', 'setFlow')]
  },
  'no-arc-on-leaking-gas': () => {
    const p = plan({})
    return [p, without(p, 'leakCheck')]
  },
  'preheated-where-asked': () => {
    const p = plan({ job: { thicknessMm: 20 } })
    return [p, without(p, 'preheat')]
  },
  'air-only-through-empty-liner': () => {
    const p = plan({
      label: 'ER70S-6 0.9',
      fitted: { liner: { material: 'steel-coil', minMm: 0.8, maxMm: 1, lengthM: 3, condition: 'dirty' } },
    })
    return [p, moved(p, 'blowOutLiner', 'pullOldWire')]
  },
}
/** Rules that only work on the machine itself can break: `conversion.test.ts`. */
const BY_CONVERSION = ['case-only-isolated', 'solenoid-proved-before-gas']
describe('the proof', () => {
  test('there is a broken order for every hazard rule, here or at the conversions', () =>
    expect([...Object.keys(BROKEN), ...BY_CONVERSION].sort()).toEqual(HAZARD_RULES.map((r) => r.id).sort()))
  test.each(Object.keys(BROKEN))('%s: the order is refused, and the rule named', (id) => {
    const [whole, steps] = BROKEN[id]!()
    expect(whole.proof!.violations).toEqual([])
    const proof = prove(steps, whole.findings, whole.context)
    expect(proof.holds).toBe(false)
    expect(proof.violations.map((v) => v.rule)).toContain(id)
  })
  test.each<[Task, string]>([
    ['rollsChange', 'driveRolls'],
    ['linerIn', 'liner'],
    ['setFlow', 'gasFlow'],
    ['regulatorOn', 'gas'],
    ['setPressure', 'feed'],
    ['switchOn', 'machine'],
    ['closeArm', 'wire'],
    ['feedThrough', 'wire'],
    ['testWeld', 'proof-weld'],
    ['fireWatch', 'proof-weld'],
  ])('a plan that forgets %s does not end right', (task, at) => {
    const whole = plan({})
    const proof = prove(without(whole, task), whole.findings, whole.context)
    expect(proof.violations).toContainEqual({ rule: 'end-state', at })
  })
  test('a refusal is a RangeError that names what broke', () =>
    expect(new PlanRefused({ holds: false, violations: [{ rule: 'r', at: 's' }], end: {} })).toBeInstanceOf(
      RangeError,
    ))
})

describe('sign-off', () => {
  let n = 0
  const words = {
    cameOff: (name: string, wire: string) => `came off ${name}, ${wire}`,
    newId: () => `new-${++n}`,
  }
  const sign = (of: Changeover, on: string) =>
    settle(of, machine(on), shop.store, { pressureMark: 1.5 }, words)
  const count = (store: typeof shop.store) => store.reduce((sum, p) => sum + p.count, 0)

  test('the machine carries the new setup, parts move between machine and store, none is lost', () => {
    const made = plan({ label: 'ER5356 1.2 mm 7 kg' })
    const { machine: gull, store, used, returned } = sign(made, 'gull')
    expect(gull.fitted).toMatchObject({
      wire: { label: 'ER5356 1.2 mm' },
      driveRolls: { profile: 'smooth-u', active: '1.2' },
      polarity: 'DCEP',
      gas: { Ar: 100 },
      rollPressure: { mark: 1.5 },
    })
    expect(returned.map((p) => p.kind).sort()).toEqual([
      'contactTip',
      'cylinder',
      'driveRolls',
      'inletGuide',
      'liner',
      'outletGuide',
      'wire',
    ])
    expect(used.map((p) => p.kind).sort()).toEqual([
      'contactTip',
      'cylinder',
      'driveRolls',
      'inletGuide',
      'liner',
      'outletGuide',
      'wire',
    ])
    expect(count(store)).toBe(count(shop.store))
  })
  test('a new spool of the same wire keeps its pressure mark, another wire starts without one', () => {
    const mark = (label: string) =>
      settle(plan({ label }), machine('gull'), shop.store, {}, words).machine.fitted.rollPressure
    expect([mark('ER70S-6 0.9 mm 15 kg'), mark('ER70S-6 0.8')]).toEqual([{ mark: 4 }, { mark: null }])
  })
  test('a worn tip is not put back', () => {
    expect(sign(plan({ on: 'skua', label: 'ER5356 1.2' }), 'skua').returned.map((p) => p.kind)).toEqual([
      'wire',
    ])
  })
  test('what is signed off fits: the same wire again finds every station right', () => {
    const { machine: gull, store } = sign(plan({ label: 'ER5356 1.2 mm 7 kg' }), 'gull')
    const again = plan({ label: 'ER5356 1.2', fitted: gull.fitted, store })
    expect(again.findings.filter((f) => f.verdict !== 'fits').map((f) => f.station)).toEqual([])
    expect(finding(again, 'gas').rule).toBe('gas-right')
  })
  test('a change that cannot be made cannot be signed off', () =>
    expect(() => sign(plan({ job: { material: 'mild-steel' } }), 'gull')).toThrow(RangeError))
})
