import { same } from '../../base/same.ts'
import { keeps, says, type After, type Finding, type MatchContext } from '../../match/finding.ts'
import { maySkip, skippedFor } from '../../steps/skip.ts'
import { fittedKey } from '../../machine/assumed.ts'
import { mayBeOn } from '../../machine/part.ts'
import { fittedSchema, type Fitted } from '../../machine/fitted/fitted.ts'
import { leftWith } from '../../machine/standing.ts'
import { STATIONS, type Station } from '../../machine/stations.ts'
import { benchAtStart, isRightWire, lay, nozzleStands, type Bench } from '../../bench/bench.ts'
import { perform, possible } from './perform.ts'
import { HAZARD_RULES } from './hazardRules.ts'
import { ASKED_OF_THE_BOX } from '../../stations/openWire.ts'
import type { Step, Task } from '../../steps/step.ts'

export interface Violation {
  /** A hazard rule, `not-possible-yet`, or `end-state`. */
  rule: string
  /** Step in the plan, or the station that does not end right. */
  at: string
}

export interface Proof {
  holds: boolean
  violations: Violation[]
  /** Every station as it reads when the last step is done. */
  end: After
}

/** What the stations say of a machine. */
type Matcher = (c: MatchContext) => readonly Finding[]

/** The readings that an unread station may turn out to have; the plan must hold for each. */
function possibleReadings(findings: readonly Finding[], c: MatchContext): Reading[] {
  const unread = unreadOf(findings, c)
  const starts: After[] = unread.length ? bothEnds(findings, c) : [{ ...c.fitted }]
  for (const f of unread) {
    // What was seen of a part whose rest was not stays seen.
    const other = f.fitted === undefined ? OTHER_READINGS[f.station] : undefined
    if (other) starts.push({ ...starts[1], ...other })
  }
  return wiresRead(c).flatMap((oldWireOn) => starts.map((fitted) => ({ fitted, oldWireOn })))
}
interface Reading {
  fitted: After
  oldWireOn: boolean
}
const wiresRead = (c: MatchContext): boolean[] =>
  c.oldWire === undefined ? [true, false] : [c.oldWire !== null]
const unreadOf = (findings: readonly Finding[], c: MatchContext): Finding[] =>
  findings
    .filter((f) => f.verdict === 'unknown' && f.station !== 'supply' && !f.kept)
    // What is asked of the box was seen on the machine, if it was seen: it has that one reading.
    .filter((f) => !(c.wire.open && ASKED_OF_THE_BOX.includes(f.station) && f.fitted !== undefined))

/**
 * Nothing there, and already right: the two ends between which every other reading lies, as each step sets its
 * station whatever it was.
 */
function bothEnds(findings: readonly Finding[], c: MatchContext): [After, After] {
  const unread = unreadOf(findings, c)
  const keyOf = (f: Finding) => fittedKey(f.station as Exclude<Station, 'supply'>)
  return [
    {
      ...c.fitted,
      ...Object.fromEntries(unread.map((f) => [keyOf(f), f.fitted === undefined ? null : f.fitted])),
    },
    unread.reduce<After>(
      // What was seen of a gun whose rest was not stays seen.
      (sum, f) => (f.station === 'gun' && f.fitted !== undefined ? sum : lay(sum, f.after)),
      { ...c.fitted },
    ),
  ]
}

/** A wrong reading for each station, to prove that the plan mends it. */
const OTHER_READINGS: Partial<Record<Station, After>> = {
  spool: { spool: { type: 'S100', pinEngaged: false } },
  hubBrake: { hubBrake: 'loose' },
  inletGuide: { inletGuide: { material: 'steel', gapMm: 12 } },
  driveRolls: { driveRolls: { profile: 'knurled-v', grooves: ['2.4'], active: '2.4' } },
  rollPressure: { rollPressure: { mark: 9 } },
  outletGuide: { outletGuide: { material: 'steel', gapMm: 12 } },
  liner: { liner: { material: 'steel-coil', minMm: 2.0, maxMm: 2.4 } },
  contactTip: { contactTip: { stamp: '2.4' } },
  nozzle: { nozzle: { kind: 'gasless-cap' } },
  polarity: { polarity: 'DCEN' },
  gas: { gas: { CO2: 100 } },
  gasFlow: { gasFlowLPerMin: 40 },
}

const startOf = (
  c: MatchContext,
  fitted: After,
  wireOn: boolean,
  steps: readonly Step[],
  findings: Iterable<Finding>,
): Bench => ({
  ...benchAtStart({ fitted, wireOn, wireStays: c.wireStays === true, standing: c.machine.standing }),
  // Where nothing of the store goes on there is nothing to fetch.
  ...(!steps.some(({ task }) => task === 'gatherParts') &&
    takesNothing(steps, findings) && { gathered: true }),
  // A wire without gas leaves its cylinder shut.
  ...(c.wireStays &&
    !c.wire.gas.needed &&
    c.fitted.gasFlowLPerMin === 0 && { valveOpen: false, gaugesDrained: true }),
  // A brake that is left as it is holds as well as it did.
  ...(c.wireStays &&
    wireOn &&
    keeps(c, 'hubBrake') && { brakeSet: !leftWith(c.machine.standing, 'brake-not-set') }),
  // What is on the gun that goes off is not what is judged.
  ...(c.gunOff && {
    tipOn: fitted.gun !== null && c.gunOff.contactTip !== null && !leftWith(c.machine.standing, 'tip-off'),
    nozzleOn: fitted.gun !== null && mayBeOn(c.gunOff.nozzle) && !leftWith(c.machine.standing, 'nozzle-off'),
  }),
})

/** Executes a plan on one starting machine. */
function run(
  steps: readonly Step[],
  start: Bench,
  byStation: ReadonlyMap<Station, Finding>,
  c: MatchContext,
  violations: Violation[],
): Bench {
  let bench = start
  for (const step of steps) {
    if (!possible(step, bench, c)) violations.push({ rule: 'not-possible-yet', at: step.id })
    const next = perform(step, bench, byStation, c)
    for (const rule of HAZARD_RULES)
      if (rule.broken(bench, step, next, c)) violations.push({ rule: rule.id, at: step.id })
    bench = next
  }
  return bench
}

/** More is done than to read. */
const isWork = (steps: readonly Step[]): boolean =>
  steps.some(({ task }) => task !== 'readStation' && task !== 'readWire')

/** What puts a part of the store on, or opens the line, for which tools are fetched. */
const TAKES: readonly Task[] = [
  'mountSpool',
  'inletGuideChange',
  'outletGuideChange',
  'rollsChange',
  'gunRollsChange',
  'linerIn',
  'innerLiner',
  'gunSwap',
  'fitAdapter',
  'regulatorOn',
  'oRing',
  'threadNewWire',
  'fitSolenoid',
]
const takesNothing = (steps: readonly Step[], findings: Iterable<Finding>): boolean =>
  [...findings].every((f) => f.kept === true || f.parts.length === 0) &&
  !steps.some((s) => TAKES.includes(s.task) || (s.task === 'clampMend' && s.facts.clamp === 'change'))

/** A step of one of two lists, and what must be done in either before it may begin. */
export interface CrewTask {
  step: Step
  before: readonly string[]
}

/** Wire comes out of the gun, or air or gas. */
const OUT_OF_THE_GUN: readonly Task[] = ['feedThrough', 'setPressure', 'blowOutLiner', 'purgeGas', 'setFlow']
/** Two steps that may run at once, one at the end of the gun that the other makes dangerous. */
const clash = (a: Step, b: Step): boolean =>
  (OUT_OF_THE_GUN.includes(a.task) && b.place === 'gun') ||
  (OUT_OF_THE_GUN.includes(b.task) && a.place === 'gun')

/** States that one reading may lead through; the widest of 2,000 seeded plans has 561. */
const MOST_STATES = 5000
/** Named like a violation: orders that were not all tried prove nothing. */
export const TOO_MANY_ORDERS = 'too-many-orders'

/**
 * Every order in which two lists can run side by side, each in its own order and each step waiting for what must
 * be done before it. Two steps that may run at once are met in both orders, so that each is judged against the
 * machine before and after the other.
 * @returns every violation in any of the orders, and the machines they can end in
 */
function interleave(
  lists: readonly [readonly CrewTask[], readonly CrewTask[]],
  start: Bench,
  byStation: ReadonlyMap<Station, Finding>,
  c: MatchContext,
  violations: Violation[],
): Bench[] {
  const total = lists[0].length + lists[1].length
  const needs = waitsFor(lists)
  const keyOf = benchKeys()
  let front = new Map<string, { i: number; j: number; bench: Bench }>([['', { i: 0, j: 0, bench: start }]])
  const ends: Bench[] = []
  let states = 0
  for (let depth = 0; depth <= total && front.size > 0; depth++) {
    const next: typeof front = new Map()
    for (const { i, j, bench } of front.values()) {
      if (i + j === total) {
        ends.push(bench)
        continue
      }
      const may = [i < lists[0].length && needs[0][i]! <= j, j < lists[1].length && needs[1][j]! <= i]
      if (!may[0] && !may[1])
        violations.push({ rule: 'waits-for-ever', at: (lists[0][i] ?? lists[1][j])!.step.id })
      if (may[0] && may[1] && clash(lists[0][i]!.step, lists[1][j]!.step))
        violations.push({ rule: 'two-at-the-gun', at: lists[1][j]!.step.id })
      for (const lane of [0, 1] as const) {
        if (!may[lane]) continue
        const { step } = lists[lane][lane === 0 ? i : j]!
        if (!possible(step, bench, c)) violations.push({ rule: 'not-possible-yet', at: step.id })
        const after = perform(step, bench, byStation, c)
        for (const rule of HAZARD_RULES)
          if (rule.broken(bench, step, after, c)) violations.push({ rule: rule.id, at: step.id })
        const at = { i: i + (lane === 0 ? 1 : 0), j: j + (lane === 1 ? 1 : 0), bench: after }
        next.set(`${at.i} ${at.j} ${keyOf(after)}`, at)
        if (++states <= MOST_STATES) continue
        violations.push({ rule: TOO_MANY_ORDERS, at: step.id })
        return ends
      }
    }
    front = next
  }
  return ends
}

/**
 * How far the other list must be before a step may begin. Each list goes in its own order, so a step that waits for
 * a later one of its own list waits for ever.
 */
function waitsFor(lists: readonly [readonly CrewTask[], readonly CrewTask[]]): [number[], number[]] {
  const at = lists.map((list) => new Map(list.map((t, i) => [t.step.id, i])))
  const need = (lane: 0 | 1) =>
    lists[lane].map((task, i) =>
      Math.max(
        0,
        ...task.before.map((id) => {
          const own = at[lane]!.get(id)
          if (own !== undefined) return own < i ? 0 : Infinity
          const other = at[1 - lane]!.get(id)
          return other === undefined ? Infinity : other + 1
        }),
      ),
    )
  return [need(0), need(1)]
}

/** Tells machines apart by a short text; what a step lays down is written out once, however often it is met. */
function benchKeys(): (bench: Bench) => string {
  const known = new WeakMap<object, number>()
  const texts = new Map<string, number>()
  const idOf = (value: unknown): unknown => {
    if (typeof value !== 'object' || value === null) return value
    let id = known.get(value)
    if (id === undefined) {
      const text = JSON.stringify(value)
      id = texts.get(text) ?? texts.size
      texts.set(text, id)
      known.set(value, id)
    }
    return `#${id}`
  }
  return ({ fitted, ...rest }) => {
    let key = ''
    for (const name of FITTED_NAMES) key += `${String(idOf(fitted[name]))},`
    for (const name in rest) key += `${String(rest[name as keyof typeof rest])},`
    return key
  }
}
const FITTED_NAMES = [...Object.keys(fittedSchema.shape), 'supply'] as (keyof After)[]

/** Proves two lists worked side by side, in every order they allow and for every reading of what was not read. */
function proveCrew(
  match: Matcher,
  lists: readonly [readonly CrewTask[], readonly CrewTask[]],
  findings: readonly Finding[],
  c: MatchContext,
): Proof {
  const byStation = new Map(findings.map((f) => [f.station, f]))
  const all = lists.flat().map(({ step }) => step)
  const violations: Violation[] = []
  let end: Bench | undefined
  for (const { fitted, oldWireOn } of possibleReadings(findings, c))
    for (const last of interleave(
      lists,
      startOf(c, fitted, oldWireOn, all, findings),
      byStation,
      c,
      violations,
    )) {
      for (const at of notRight(match, last, c, byStation, isWork(all)))
        violations.push({ rule: 'end-state', at })
      end ??= last
    }
  return verdict(violations, end)
}

/** A violation once, however many readings show it. */
function verdict(violations: readonly Violation[], end: Bench | undefined): Proof {
  const seen = new Set<string>()
  const unique = violations.filter((v) => !seen.has(`${v.rule} ${v.at}`) && seen.add(`${v.rule} ${v.at}`))
  return { holds: unique.length === 0 && end !== undefined, violations: unique, end: end?.fitted ?? {} }
}

/** A part as it was chosen: how a liner in it was cut since is the liner’s. */
const asChosen = (part: unknown): unknown =>
  part !== null && typeof part === 'object' ? { ...part, linerTrim: undefined } : part

/** Stations that the match still wants something of, once the plan is done. */
function notRight(
  match: Matcher,
  end: Bench,
  c: MatchContext,
  findings: ReadonlyMap<Station, Finding>,
  /** Anything was done. */
  worked: boolean,
): string[] {
  const { supply, ...fitted } = end.fitted
  const context: MatchContext = {
    ...c,
    fitted,
    oldWire: c.wire,
    machine: { ...c.machine, fitted, ...(supply && { supply }) },
  }
  /** What is kept or chosen is judged by what it was to be; what fits is judged like any. */
  const chosen = (station: Station) => {
    const finding = findings.get(station)!
    return finding.kept === true || finding.instead !== undefined
  }
  // The circuit is not the machine's: an unread one is read in the plan, and nothing is assumed of it.
  // A part still in the store could make another choice better; the end is judged on what is fitted alone.
  // What is kept stays kept, whether anything was wrong with it or not.
  const keep = STATIONS.filter((station) => keeps(c, station) || chosen(station))
  const stations: string[] = match({ ...context, store: undefined, use: undefined, keep })
    .filter((f) => f.verdict !== 'fits' && !(f.station === 'supply' && f.verdict === 'unknown'))
    .filter((f) => !f.kept && !chosen(f.station))
    // What the box of a wire of unknown kind decides is left open, with the gas shut.
    .filter((f) => !c.wire.open || !ASKED_OF_THE_BOX.includes(f.station))
    .map((f) => f.station)
  for (const station of STATIONS)
    if (station !== 'supply' && chosen(station)) {
      const key = fittedKey(station)
      const wanted = findings.get(station)!.after[key]
      if (wanted !== undefined && !same(asChosen(end.fitted[key]), asChosen(wanted))) stations.push(station)
    }
  // What carries the spool is what it asked for, whatever its hub would let pass.
  const hub = findings.get('spool')!
  const carried = hub.parts.length ? true : hub.after.spool?.adapter
  if (end.spool === 'new' && carried !== undefined && end.adapter !== carried) stations.push('spool')
  // Rust that a wire left behind is seen by nobody once the wire is out.
  const liner = findings.get('liner')!
  if (says(liner, 'liner-after-rusty-wire') && liner.verdict === 'adjust' && !liner.kept && !end.linerBlown)
    stations.push('liner')
  if (!isRightWire(end, c) || end.end !== 'in-rolls' || end.armOpen || !end.fed || end.gunRollsOpen)
    stations.push('wire')
  if (end.valveOpen !== (c.wire.gas.needed && !c.wire.open)) stations.push('cylinderValve')
  if (end.valveOpen && !(end.leakChecked && end.purged)) stations.push('gasLine')
  // Nobody goes to ask for a box with the machine on.
  const stands =
    end.plugged &&
    end.on === !c.wire.open &&
    end.gunOn &&
    end.gunConnected &&
    end.tipOn &&
    nozzleStands(end, c)
  if (!stands || !end.trimmed) stations.push('machine')
  if (!(end.pressureTested || keeps(c, 'rollPressure')) || !(end.brakeSet || keeps(c, 'hubBrake')))
    stations.push('feed')
  // A change ends with a weld, or with the question that stands before it; what is put right does not.
  if (end.tagged) stations.push('tag')
  if (worked && (c.wire.open ? !end.boxAsked : !(end.welded && end.watched))) stations.push('proof-weld')
  return stations
}

/**
 * Executes the finished plan step by step for every possible reading of what was not read: every hazard rule at
 * every step, and the end state against what was required. A plan that fails is never shown.
 */
function prove(match: Matcher, steps: readonly Step[], findings: readonly Finding[], c: MatchContext): Proof {
  const byStation = new Map(findings.map((f) => [f.station, f]))
  const violations: Violation[] = []
  let end: Bench | undefined
  const through = (list: readonly Step[], { fitted, oldWireOn }: Reading) => {
    const last = run(list, startOf(c, fitted, oldWireOn, steps, findings), byStation, c, violations)
    for (const at of notRight(match, last, c, byStation, isWork(steps)))
      violations.push({ rule: 'end-state', at })
    end ??= last
  }
  for (const reading of possibleReadings(findings, c)) through(steps, reading)
  for (const { list, reading } of skips(steps, findings, c)) through(list, reading)
  return verdict(violations, end)
}

/** A push gun so short that it takes any wire, and any liner reaches through it, m. */
const SHORT_GUN_M = 0.5
const reachedBy = (c: MatchContext): number =>
  Math.min(SHORT_GUN_M, (c.gunOff ?? c.fitted).liner?.lengthM ?? SHORT_GUN_M)
/** A station that turned out right: what was seen of it, and the rest as it is wanted. */
function readAsRight({ station, fitted, after, parts, facts }: Finding, c: MatchContext): After {
  const seen = fitted as Fitted['gun'] | undefined
  // One whose length was not read turned out short enough; what else is wrong with it is planned once it is read.
  if (station === 'gun' && seen && seen.kind !== after.gun?.kind)
    return { gun: { ...seen, lengthM: reachedBy(c), oRing: 'good', condition: 'good' } }
  if (station === 'gun' && after.gun) {
    const { rolls, innerLiner } = after.gun
    const gun = {
      ...after.gun,
      ...(fitted as object),
      ...(facts.rolls === 'unknown' && { rolls }),
      ...(facts.innerLiner === 'unknown' && { innerLiner }),
    }
    return { gun }
  }
  // What carries the spool is there already.
  if (station === 'spool' && parts.length) return { spool: { ...after.spool, adapter: true } }
  return after
}

/** Each station that was read as right, alone and with every other, and what is left out then. */
function* skips(
  steps: readonly Step[],
  findings: readonly Finding[],
  c: MatchContext,
): Generator<{ list: readonly Step[]; reading: Reading }> {
  const stations = [...new Set(steps.filter(maySkip).map(skippedFor))]
  if (stations.length === 0) return
  const without = (these: readonly (string | undefined)[]) =>
    steps.filter((s) => !(maySkip(s) && these.includes(skippedFor(s))))
  for (const oldWireOn of wiresRead(c)) {
    const [none, right] = bothEnds(findings, c)
    const seen = stations.map((station) =>
      readAsRight(
        findings.find((f) => f.station === station)!,
        c,
      ),
    )
    const all = seen.reduce(lay, right)
    for (const [i, station] of stations.entries()) {
      yield { list: without([station]), reading: { fitted: lay(none, seen[i]!), oldWireOn } }
      yield { list: without([station]), reading: { fitted: lay(right, seen[i]!), oldWireOn } }
    }
    yield { list: without(stations), reading: { fitted: all, oldWireOn } }
  }
}

/** The proof by how stations are matched: it is handed that, and knows nothing of who plans. */
export const proofBy = (match: Matcher) => ({
  prove: (...list: Rest<typeof prove>) => prove(match, ...list),
  proveCrew: (...lists: Rest<typeof proveCrew>) => proveCrew(match, ...lists),
})
type Rest<F> = F extends (match: Matcher, ...rest: infer R) => Proof ? R : never

/** Runs steps on every machine that what was not read may be: where each began, where it ends, and what it broke. */
export function benchesAfter(
  steps: readonly Step[],
  findings: readonly Finding[],
  c: MatchContext,
): { start: Bench; bench: Bench; violations: Violation[] }[] {
  const byStation = new Map(findings.map((f) => [f.station, f]))
  return possibleReadings(findings, c).map(({ fitted, oldWireOn }) => {
    const violations: Violation[] = []
    const start = startOf(c, fitted, oldWireOn, steps, findings)
    return { start, bench: run(steps, start, byStation, c, violations), violations }
  })
}

/** Runs a list on one machine; for work that ends otherwise than with a wire fed through. */
export function runThrough(
  steps: readonly Step[],
  start: Bench,
  findings: readonly Pick<Finding, 'station' | 'after'>[],
  c: MatchContext,
): { bench: Bench; violations: Violation[] } {
  const violations: Violation[] = []
  const byStation = new Map(findings.map((f) => [f.station, f as Finding]))
  const bench = run(steps, start, byStation, c, violations)
  return { bench, violations }
}
