import {
  cardsOf,
  changeoverRequestSchema,
  offersAt,
  planChangeover,
  SCHOOL_IDS,
  schoolOptions,
  STATIONS,
  stopHere,
  USE_STATIONS,
  type Changeover,
} from '../src/index.ts'
import { isForStation } from '../src/match/choice.ts'
import { finding, machine, plan, shop, tasks } from './bench.ts'
import { times } from './counts.ts'
import { checkOrder } from './orderChecker.ts'
import { dice } from './otherSetups.ts'
import { drawn, judged, mutations, orderSetup, provedPlan } from './orderLaw.ts'

const schools = Object.fromEntries(SCHOOL_IDS.map((id) => [id, schoolOptions(id)]))
const many = function* (from: number, count: number) {
  for (let n = from, found = 0; found < count; n++) {
    const request = drawn(n, schools)
    const made = provedPlan(request)
    if (!made) continue
    found++
    yield { n, request, made }
  }
}

test('what the checker of orders flags the proof refuses, and the other way round', () => {
  let [flagged, passed] = [0, 0]
  for (const { n, request, made } of many(50_000, times(11, 600))) {
    const setup = orderSetup(request, made)
    expect([n, checkOrder(made.steps, setup)]).toEqual([n, []])
    for (const { how, steps } of mutations(made, n, 10)) {
      const { checker, proof } = judged(made, setup, steps)
      expect([n, how, checker.length > 0 ? checker : 'passed']).toEqual([
        n,
        how,
        proof.length > 0 ? (checker.length > 0 ? checker : `refused: ${proof.join(', ')}`) : 'passed',
      ])
      if (proof.length > 0) flagged++
      else passed++
    }
  }
  expect(flagged).toBeGreaterThan(passed)
  expect(passed).toBeGreaterThan(0)
})

test('cards hold the same steps in the same order: chains whole, holds and what may be left out alone', () => {
  for (const { n, made } of many(65_000, times(30, 1000))) {
    const cards = cardsOf(made.steps)
    expect([n, cards.flatMap(({ steps }) => steps)]).toEqual([n, made.steps])
    for (const { steps } of cards) {
      if (steps.length > 1) expect([n, steps.some((s) => s.hold || s.facts.ifNeeded)]).toEqual([n, false])
      expect(new Set(steps.map((s) => s.captive)).size).toBe(1)
    }
    // Between two chains there is always a card of something else: the hand has let go.
    const chains = cards.filter(({ steps }) => steps[0]!.captive)
    expect([n, chains.every(({ steps }) => steps.length > 1 || made.context.machine.standing)]).toEqual([
      n,
      true,
    ])
  }
})

test('the ordinary change: 34 steps at most, 16 cards; put right of a polarity: 10 with plugs, 11 with studs', () => {
  const gull = machine('gull')
  const change = planned({
    machine: gull,
    wire: { label: 'ER70S-6 0.8' },
    job: { material: 'mild-steel', thicknessMm: 3 },
  })
  expect(change.steps.length).toBeLessThanOrEqual(34)
  expect(cardsOf(change.steps).length).toBeLessThanOrEqual(16)
  const right = (polarityChange: 'plugs' | 'studs') =>
    planned({ machine: { ...gull, polarityChange, fitted: { ...gull.fitted, polarity: 'DCEN' } } }).steps
  expect(right('plugs').map((s) => s.task)).toContain('testWeld')
  expect(right('plugs').length).toBeLessThanOrEqual(10)
  expect(right('studs').length).toBeLessThanOrEqual(11)
})

test('any part kept and any part of the store chosen: proved, or refused in its own words', () => {
  let proved = 0
  for (let n = 90_000; n < 90_000 + times(120, 5000); n++) {
    const d = dice(n)
    const raw = drawn(n, schools)
    const use = Object.fromEntries(
      USE_STATIONS.flatMap((station) => {
        const fits = (raw.store ?? []).flatMap((part, i) => (isForStation(part, station) ? [i] : []))
        return fits.length && d.chance(0.4) ? [[station, d.of(fits)]] : []
      }),
    )
    const made = planChangeover({ ...raw, keep: STATIONS.filter(() => d.chance(0.1)), use })
    if (made.ok && made.value.proof) proved++
    if (!made.ok) expect([n, made.problems.length > 0]).toEqual([n, true])
  }
  expect(proved).toBeGreaterThan(times(20, 800))
})

test('after any step a change can be broken off, and nothing is left live, open or loose', () => {
  for (const { n, made } of many(60_000, times(5, 400)))
    for (let done = 0; done <= made.steps.length; done++) {
      const stopped = stopHere(
        made,
        made.steps.slice(0, done).map((s) => s.id),
      )
      expect([n, done, stopped.proof!.holds]).toEqual([n, done, true])
      expect(stopped.steps.at(-1)!.task).toBe('hangTag')
    }
})

const request = (more: object) =>
  changeoverRequestSchema.parse({ machine: machine('skua'), store: shop.store, ...more })
const planned = (more: object): Changeover => {
  const made = planChangeover(request(more))
  if (!made.ok) throw new Error(JSON.stringify(made.problems))
  return made.value
}

describe('put right: the wire stays', () => {
  test('a worn tip: off, cooled, tip for tip, trimmed, a bead; no wire is pulled, no spool moved', () => {
    const made = planned({})
    expect(tasks(made)).toEqual([
      'protect',
      'switchOff',
      'gatherParts',
      'coolGun',
      'nozzleOff',
      'tipOff',
      'fitTip',
      'fitNozzle',
      'trimWire',
      'switchOn',
      'hotWork',
      'cleanCoupon',
      'testWeld',
      'fireWatch',
      'putAway',
    ])
    expect(made.start).toBeNull()
  })
  test('a kinked liner: the wire is cut back and threaded again, from the same spool', () => {
    const skua = machine('skua')
    const made = planned({
      machine: { ...skua, fitted: { ...skua.fitted, liner: { ...skua.fitted.liner!, condition: 'kinked' } } },
    })
    expect(tasks(made)).toEqual(
      expect.arrayContaining(['cutOldWire', 'linerIn', 'takeNewEnd', 'setPressure', 'testWeld']),
    )
    expect(tasks(made)).not.toContain('mountSpool')
    expect(made.gather.map((g) => g.kind)).not.toContain('wire')
  })
  test('a machine that stands right asks for nothing', () => {
    const skua = machine('skua')
    const contactTip = { stamp: '1.2', aluminiumBore: true }
    const made = planned({ machine: { ...skua, fitted: { ...skua.fitted, contactTip } } })
    expect([made.steps, made.problems]).toEqual([[], []])
  })
})

describe('going on with what there is', () => {
  test('a guide left as it is keeps its finding, asks for no part, and is as it was at the end', () => {
    const made = planned({
      machine: machine('gull'),
      wire: { label: 'ER5356 1.2' },
      job: { material: 'aluminium', thicknessMm: 4 },
      keep: ['inletGuide'],
    })
    const kept = finding(made, 'inletGuide')
    expect(kept).toMatchObject({ verdict: 'change', kept: true, parts: [] })
    expect(made.proof!.end.inletGuide).toEqual({ material: 'steel', gapMm: 3 })
    expect(tasks(made)).not.toContain('inletGuideChange')
  })
  test('another part of the store goes on, with what is to be said of it', () => {
    const at = shop.store.findIndex(
      (p) => p.kind === 'driveRolls' && p.profile === 'smooth-v' && p.grooves.includes('1.2'),
    )
    const made = planned({
      machine: machine('gull'),
      wire: { label: 'ER5356 1.2' },
      job: { material: 'aluminium', thicknessMm: 4 },
      use: { driveRolls: at },
    })
    expect(finding(made, 'driveRolls').instead!.faults.map((f) => f.rule)).toEqual(['v-pinches-soft-wire'])
    expect(made.proof!.end.driveRolls).toMatchObject({ profile: 'smooth-v', active: '1.2' })
    expect(made.gather.find((g) => g.kind === 'driveRolls')!.storeIndex).toBe(at)
  })
  test('what would hurt or cannot work is not offered to be left', () => {
    const made = plan({ label: 'E71T-11 .035' })
    expect(offersAt(made, 'polarity').cannotKeep).toBe('harms')
    expect(offersAt(made, 'gas').cannotKeep).toBe('harms')
    expect(offersAt(plan({}), 'contactTip').cannotKeep).toBe('harms')
    expect(offersAt(plan({}), 'outletGuide')).toMatchObject({ cannotKeep: undefined, leadUp: true })
  })
})

test('a fixed polarity that nobody read is a problem with a way out, and no cable is moved', () => {
  const made = plan({
    set: { polarityChange: 'fixed' },
    fitted: { polarity: undefined },
    label: 'ER70S-6 0.9',
  })
  expect(made.problems.map((p) => p.rule)).toEqual(['polarity-fixed-unread'])
})

test('the liner led up to the rolls: tube out, liner left long, and so it stands', () => {
  const made = plan({ practice: { softWireOutlet: 'liner-to-rolls' } })
  expect(tasks(made)).toEqual(expect.arrayContaining(['outletGuideOut', 'linerTrim']))
  expect(made.proof!.end).toMatchObject({ outletGuide: null, gun: { linerTrim: 'long' } })
  expect(made.gather.map((g) => g.station)).not.toContain('outletGuide')
})

test('a first set-up: nothing is cooled, taken off, swapped or read that is not there', () => {
  const made = plan({
    label: 'ER70S-6 0.9',
    fitted: {
      wire: null,
      spool: null,
      gun: null,
      contactTip: null,
      nozzle: null,
      gas: null,
      gasFlowLPerMin: undefined,
    },
  })
  // By their id: the gun that is put on for the first time may bring a tip and a nozzle of its own.
  const ids = made.steps.map((s) => s.id)
  for (const id of ['coolGun', 'nozzleOff', 'tipOff', 'gunOff', 'spoolOff', 'shutCylinder', 'read-gasFlow'])
    expect(ids).not.toContain(id)
  expect(tasks(made)).toEqual(expect.arrayContaining(['gunSwap', 'gunBack', 'connectGun', 'chainCylinder']))
})

test('a gun that is exchanged is stripped and laid straight before the wire goes through, its own parts unread', () => {
  const gull = machine('gull')
  const made = plan({
    label: 'ER70S-6 0.9',
    fitted: { gun: { ...gull.fitted.gun!, condition: 'damaged' } },
    store: [],
  })
  expect(made.findings.filter((f) => f.verdict === 'unknown').map((f) => f.station)).toEqual(
    expect.arrayContaining(['liner', 'contactTip', 'nozzle']),
  )
  const ids = made.steps.map((s) => s.id)
  for (const id of ['nozzleOff-going', 'tipOff-going', 'layLeadStraight-going'])
    expect(ids.indexOf(id)).toBeGreaterThan(ids.indexOf('gunSwap'))
  expect(ids.indexOf('layLeadStraight-going')).toBeLessThan(ids.indexOf('threadNewWire'))
})

test('rolls in a push-pull gun that were opened are closed, where the wire is through', () => {
  const made = plan({ on: 'skua', label: 'ER4043 1.2' })
  const [opened, fed, closed, tested] = ['gunRollsOpen', 'feedThrough', 'gunRollsClose', 'setPressure'].map(
    (id) => made.steps.findIndex((s) => s.task === id),
  )
  expect([opened! < fed!, fed! < closed!, closed! < tested!]).toEqual([true, true, true])
})

test('where the inlet spring comes before the spool, the end is clipped there before the spool is lifted', () => {
  const made = plan({ label: 'ER70S-6 1.2', set: { inletBeforeSpool: true } })
  const at = (task: string) => made.steps.findIndex((s) => s.task === task)
  expect([at('passInlet') + 1, at('mountSpool')]).toEqual([at('mountSpool'), at('mountSpool')])
  expect(at('mountSpool')).toBeLessThan(at('takeNewEnd'))
  for (const task of ['passInlet', 'mountSpool']) expect(made.steps[at(task)]!.captive).toBe(false)
})
