import type { Bench } from '../bench/bench.ts'
import { gatherList, toolsFor } from '../changeover/plan/gather.ts'
import {
  orderSteps,
  PlanRefused,
  totalMinutes,
  withWalking,
  type Changeover,
} from '../changeover/plan/plan.ts'
import { benchesAfter } from '../changeover/proof/proof.ts'
import { perform } from '../changeover/proof/perform.ts'
import { mayBeOn } from '../machine/part.ts'
import type { Fitted } from '../machine/fitted/fitted.ts'
import type { Machine } from '../machine/machine.ts'
import type { Station } from '../machine/stations.ts'
import type { After, Finding, MatchContext } from '../match/finding.ts'
import { contextFor } from '../match/prepare.ts'
import { match, type StationFinding } from '../stations/index.ts'
import { machineFacts, step } from '../work/steps.ts'
import { wireInGun } from '../work/wireInGun.ts'
import type { Step, Task } from '../steps/step.ts'
import { cureRow, type Cause } from './causes.ts'
import { AT_THE_GAS, cureStarts, proveCure } from './cureProof.ts'
import type { CureWork } from './cures.ts'
import type { Symptom } from './symptoms.ts'

/** A cure as a plan of its own, proved on the model of the machine. */
export interface CurePlan extends Changeover {
  cause: Cause
  /** The machine with what was found written down: how it stands when the cure begins. */
  found: Machine
}

const sizeStamp = (c: MatchContext) => String(c.wire.diameterMm)

/** What is written down of the machine once a cause is found; nothing where it leaves no trace in what is fitted. */
function asFound(cause: Cause, c: MatchContext, findings: readonly StationFinding[]): Partial<Fitted> {
  const { fitted } = c
  const wanted = (station: Station): After => findings.find((f) => f.station === station)!.after
  const worn = { condition: 'worn' as const }
  const knownWrong = (station: Station) => {
    const f = findings.find((one) => one.station === station)!
    return f.fitted != null && f.verdict === 'change'
  }
  switch (cureRow(cause).work) {
    case 'tip-new':
      return knownWrong('contactTip')
        ? {}
        : { contactTip: { ...(fitted.contactTip ?? { stamp: sizeStamp(c) }), ...worn } }
    case 'liner-new':
      return knownWrong('liner')
        ? {}
        : { liner: { ...(fitted.liner ?? wanted('liner').liner!), condition: 'kinked' } }
    case 'liner-trim':
      return fitted.liner ? {} : { liner: wanted('liner').liner! }
    case 'liner-clean':
      return { liner: { ...(fitted.liner ?? wanted('liner').liner!), condition: 'dirty' } }
    case 'rolls-new':
      return knownWrong('driveRolls') || isTurned(findings)
        ? {}
        : { driveRolls: { ...(fitted.driveRolls ?? wanted('driveRolls').driveRolls!), ...worn } }
    case 'rolls-clean':
      return {
        driveRolls: { ...(fitted.driveRolls ?? wanted('driveRolls').driveRolls!), condition: 'dirty' },
      }
    case 'guide-set':
      return {
        outletGuide: { ...(fitted.outletGuide ?? wanted('outletGuide').outletGuide!), gapMm: WIDE_GAP_MM },
      }
    case 'gun-rolls-new': {
      const gun = fitted.gun ?? wanted('gun').gun
      const rolls = gun?.rolls ?? wanted('gun').gun?.rolls ?? wanted('driveRolls').driveRolls
      return gun && rolls ? { gun: { ...gun, rolls: { ...rolls, ...worn } } } : {}
    }
    case 'seals': {
      const gun = fitted.gun ?? wanted('gun').gun
      return gun ? { gun: { ...gun, oRing: 'damaged' } } : {}
    }
    case 'brake':
      return { hubBrake: cause === 'brake-loose' ? 'loose' : 'tight' }
    case 'seat':
      return { spool: { ...fitted.spool, pinEngaged: false } }
    case 'polarity':
      return { polarity: c.wire.polarity[0] === 'DCEN' ? 'DCEP' : 'DCEN' }
    case 'clamp':
      return { conditions: { ...fitted.conditions, workClamp: 'dirty' } }
    case 'studs':
      return { conditions: { ...fitted.conditions, studs: 'loose' } }
    case 'nozzle':
      return fitted.nozzle === null || fitted.nozzle?.kind === 'none'
        ? {}
        : { nozzle: { ...(fitted.nozzle ?? wanted('nozzle').nozzle!), condition: 'dirty' } }
    default:
      return {}
  }
}
/** A gap that is too wide for any wire, where nobody measured it. */
const WIDE_GAP_MM = 12
const isTurned = (findings: readonly StationFinding[]) =>
  findings.some((f) => f.station === 'driveRolls' && f.rule === 'other-groove-active')

/** Stations that a cure sets right. */
const SETS: Partial<Record<CureWork, readonly Station[]>> = {
  'tip-new': ['contactTip'],
  'liner-new': ['liner'],
  'liner-clean': ['liner'],
  'rolls-new': ['driveRolls'],
  'rolls-clean': ['driveRolls'],
  pressure: ['rollPressure'],
  'guide-set': ['outletGuide'],
  'gun-rolls-new': ['gun'],
  brake: ['hubBrake'],
  seat: ['spool'],
  'other-spool': ['spool', 'hubBrake'],
  polarity: ['polarity'],
  clamp: ['polarity'],
  studs: ['polarity'],
  supply: ['supply'],
  'other-cylinder': ['gas', 'gasFlow'],
  flow: ['gasFlow'],
  seals: ['gun'],
  nozzle: ['nozzle'],
}
/** Works done with the wire out of rolls and gun. */
const WIRE_OUT: readonly CureWork[] = [
  'liner-new',
  'liner-clean',
  'liner-trim',
  'rethread',
  'rolls-new',
  'rolls-clean',
  'guide-set',
  'gun-rolls-new',
  'other-spool',
  'seals',
]
const AT_THE_GUN: readonly CureWork[] = ['tip-new', 'tip-tighten', 'tip-off', 'nozzle']
const STUDS: readonly CureWork[] = ['polarity', 'studs', 'supply']
/** Lists the tasks of a cure from the machines it may begin on, each task done as it is listed. */
class Listing {
  /** In order, and whether a hand holds the wire when it is done. */
  readonly tasks: { task: Task; captive: boolean }[] = []
  constructor(
    private benches: Bench[],
    private readonly byStation: ReadonlyMap<Station, Finding>,
    private readonly c: MatchContext,
  ) {}
  any(test: (b: Bench) => boolean): boolean {
    return this.benches.some(test)
  }
  add(...tasks: Task[]): void {
    for (const task of tasks) {
      this.tasks.push({ task, captive: this.any((b) => b.end === 'in-hand') })
      this.benches = this.benches.map((b) => perform(step(task), b, this.byStation, this.c))
    }
  }
  when(test: (b: Bench) => boolean, ...tasks: Task[]): void {
    if (this.any(test)) this.add(...tasks)
  }
}

const isKnotted = (b: Bench) => b.fitted.conditions?.birdnest === true

function list(
  work: CureWork,
  starts: readonly Bench[],
  byStation: ReadonlyMap<Station, Finding>,
  c: MatchContext,
  turned: boolean,
): Listing['tasks'] {
  const l = new Listing([...starts], byStation, c)
  const was = (test: (b: Bench) => boolean) => starts.some(test)
  const knot = was(isKnotted)
  const out = WIRE_OUT.includes(work) || knot
  const gunEnd = out || AT_THE_GUN.includes(work)
  const { machine } = c
  const threaded = was((b) => b.inGun !== 'none')
  // Gloves first, and the parts at hand before anything is opened.
  if (gunEnd || STUDS.includes(work) || work === 'other-cylinder') l.when((b) => !b.gathered, 'gatherParts')
  if (gunEnd || work === 'pressure') l.when((b) => !b.protected, 'protect')
  // Whoever stopped with the end in hand makes it fast first.
  if (l.any((b) => b.end === 'in-hand')) {
    if (l.any((b) => b.end === 'in-hand' && b.inGun !== 'none' && !b.whole)) l.add('tuckNewEnd')
    else if (threaded) l.add('closeArm')
    else l.add('tuckNewEnd')
  }
  const off = () => l.when((b) => b.on, 'switchOff')
  const cool = () => {
    off()
    l.when((b) => b.gunHot && b.gunOn, 'coolGun')
  }
  const openEnd = () => {
    cool()
    l.when((b) => b.nozzleOn, 'nozzleOff')
    l.when((b) => b.ball && b.inGun !== 'none', 'snipBall')
    if (work !== 'nozzle' || out) l.when((b) => b.tipOn, 'tipOff')
  }
  const takeOut = () => {
    l.when((b) => b.valveOpen, 'shutCylinder')
    cool()
    l.when((b) => !b.clampOff, 'clampOff')
    openEnd()
    if (threaded) {
      if (was((b) => b.fitted.gun?.kind === 'push-pull' || b.fitted.gun === undefined))
        l.when((b) => !b.gunRollsOpen, 'gunRollsOpen')
      l.when((b) => !b.leadStraight, 'layLeadStraight')
    }
    if (l.any((b) => b.end === 'in-rolls')) l.add('holdOldWire', 'openArm', 'cutOldWire', 'tuckOldEnd')
    else if (threaded || knot) l.when((b) => !b.armOpen, 'openArm')
    if (knot) l.add('clearTangle')
    if (threaded) l.add('pullOldWire')
  }
  const putBack = () => {
    if (!threaded) return
    if (!(work === 'other-spool' && machine.inletBeforeSpool)) {
      l.when((b) => !b.brakeSet, 'setBrake')
      l.add('freeNewEnd')
    }
    l.add('cutNewEnd', 'threadNewWire', 'closeArm')
    if (work === 'other-spool' && machine.inletBeforeSpool) l.when((b) => !b.brakeSet, 'setBrake')
  }
  const feed = () => {
    if (!threaded || !was((b) => b.fed)) return
    l.when((b) => !b.plugged, 'plugIn')
    l.when((b) => !b.on, 'switchOn')
    l.when((b) => !b.fed, 'feedThrough')
    if (was((b) => !b.gunRollsOpen)) l.when((b) => b.gunRollsOpen, 'gunRollsClose')
  }

  const reopen = () => {
    if (!was((b) => b.valveOpen) || !l.any((b) => !b.valveOpen)) return
    l.when((b) => !b.chained, 'checkChain')
    l.add('openCylinder')
  }
  const inside = WIRE_OUT.includes(work)
  const does = () => l.add(...workTasks(work, l, c, turned))
  if (out) {
    takeOut()
    if (inside) does()
    putBack()
    feed()
  } else if (gunEnd) openEnd()
  if (work === 'nozzle') does()
  // Everything as it was: the end of the gun, the plug, the pressure, the gas, the clamp.
  if ((was((b) => b.tipOn) || work === 'tip-new') && work !== 'tip-off')
    l.when((b) => !b.tipOn && b.fed, 'fitTip')
  if (was((b) => b.nozzleOn) && work !== 'tip-off') l.when((b) => !b.nozzleOn && b.tipOn, 'fitNozzle')
  if (work === 'flow' || work === 'purge') reopen()
  if (!inside && work !== 'nozzle' && !(knot && work === 'gun-rolls-close')) does()
  if (was((b) => b.plugged)) l.when((b) => !b.plugged, 'plugIn')
  const turnsOn = was((b) => b.on)
  if (was((b) => b.pressureTested) && l.any((b) => !b.pressureTested && b.tipOn)) {
    l.when((b) => !b.on, 'switchOn')
    l.when((b) => !b.clampOff, 'clampOff')
    l.add('setPressure')
  }
  if (was((b) => b.trimmed)) l.when((b) => !b.trimmed && b.tipOn && b.fed, 'trimWire')
  reopen()
  if (was((b) => b.flowSet) && l.any((b) => !b.flowSet && b.nozzleOn)) {
    l.when((b) => !b.on, 'switchOn')
    l.when((b) => !b.clampOff, 'clampOff')
    l.add('setFlow')
  }
  // A cylinder that is opened, or connected where none was, is what the next arc wants: it stays open.
  const opens = work === 'open-cylinder' || (work === 'other-cylinder' && !was((b) => b.regulatorOn))
  if (!was((b) => b.valveOpen) && !opens) l.when((b) => b.valveOpen, 'shutCylinder')
  if (turnsOn) l.when((b) => !b.on, 'switchOn')
  else off()
  if (was((b) => !b.clampOff)) l.when((b) => b.clampOff, 'clampOn')
  return l.tasks
}

/** Whether the machine has what the cure is done to: cables to move, a gun, gas gear with a cylinder, a nozzle. */
function canBeCured(work: CureWork, { machine, fitted }: MatchContext): boolean {
  if (work === 'polarity' && machine.polarityChange === 'fixed') return false
  if (fitted.gun === null) return false
  if (AT_THE_GAS.includes(work) && machine.gasGear === false) return false
  // Where no cylinder is connected, one can be; there is none to open, and no flow to set.
  if (AT_THE_GAS.includes(work) && fitted.gas === null) return work === 'other-cylinder'
  if (work === 'pressure') return fitted.contactTip !== null
  return work !== 'flow' || (mayBeOn(fitted.nozzle) && fitted.contactTip !== null)
}

/** In the middle of a change: what the steps to come will set anyway is not cured before they have. */
function isThereYet(b: Bench, work: CureWork): boolean {
  if (b.inGun !== 'new') return false
  if (work === 'pressure') return b.pressureTested
  if (work === 'flow') return b.flowSet
  if (work === 'gun-rolls-close') return b.fed
  return !AT_THE_GAS.includes(work) || (b.valveOpen && b.purged)
}

/** On, with the clamp off: the trigger makes the wire live. */
const live = (l: Listing): Task[] => [
  ...(l.any((b) => !b.on) ? (['switchOn'] as const) : []),
  ...(l.any((b) => !b.clampOff) ? (['clampOff'] as const) : []),
]

/** Off, and the plug out. */
const isolated = (l: Listing): Task[] => [
  ...(l.any((b) => b.on) ? (['switchOff'] as const) : []),
  ...(l.any((b) => b.plugged) ? (['unplug'] as const) : []),
]

/** What a cure itself is, once the machine is open for it. */
function workTasks(work: CureWork, l: Listing, c: MatchContext, turned: boolean): Task[] {
  const { machine } = c
  switch (work) {
    case 'tip-new':
    case 'tip-tighten':
    case 'tip-off':
    case 'rethread':
      return []
    case 'liner-new':
      return ['gunOff', 'linerOut', 'linerIn', 'gunBack', 'linerTrim']
    case 'liner-clean':
      return ['blowOutLiner']
    case 'liner-trim':
      return ['linerTrim']
    case 'rolls-new':
      return [turned ? 'rollsTurn' : 'rollsChange']
    case 'rolls-clean':
      return ['rollsClean']
    case 'pressure':
      return [...live(l), 'setPressure']
    case 'guide-set':
      return ['outletGuideSet']
    case 'gun-rolls-new':
      return ['gunRollsChange']
    case 'gun-rolls-close':
      return ['gunRollsOpen', 'gunRollsClose']
    case 'brake':
      return ['setBrake']
    case 'seat':
      return [...(l.any((b) => b.on) ? (['switchOff'] as const) : []), 'seatSpool']
    case 'other-spool':
      return machine.inletBeforeSpool
        ? ['spoolOff', 'passInlet', 'mountSpool']
        : ['spoolOff', 'mountSpool', 'setBrake']
    case 'polarity':
      if (machine.polarityChange === 'switch')
        return [...(l.any((b) => b.on) ? (['switchOff'] as const) : []), 'turnSwitch']
      return machine.polarityChange === 'plugs'
        ? [...isolated(l), 'swapPlugs']
        : [...isolated(l), 'waitDischarge', 'swapStuds']
    case 'studs':
      return [...isolated(l), 'waitDischarge', 'tightenStuds']
    case 'supply':
      return [...isolated(l), 'supplyFix']
    case 'clamp':
      return [...(l.any((b) => !b.clampOff) ? (['clampOff'] as const) : []), 'clampMend']
    case 'open-cylinder':
      return ['checkChain', ...(l.any((b) => !b.screwOut) ? (['shutCylinder'] as const) : []), 'openCylinder']
    case 'other-cylinder':
      return [
        ...(l.any((b) => b.regulatorOn) ? (['checkChain', 'shutCylinder', 'regulatorOff'] as const) : []),
        'chainCylinder',
        'crackValve',
        'regulatorOn',
        'openCylinder',
        'leakCheck',
        ...(l.any((b) => !b.clampOff) ? (['clampOff'] as const) : []),
        'purgeGas',
        ...(l.any((b) => b.nozzleOn) ? (['setFlow'] as const) : []),
      ]
    case 'purge':
      return [...live(l), 'purgeGas']
    case 'flow':
      return [...live(l), 'setFlow']
    case 'seals':
      return ['gunOff', 'oRing', 'gunBack']
    case 'nozzle':
      return ['nozzleClean']
  }
}

/** The wire that is on is the one that is wanted: in the middle of a change, the new one is the one that stays. */
const asStaying = (b: Bench): Bench => ({
  ...b,
  spool: b.spool === 'new' ? 'old' : b.spool,
})

/** Where a run was stopped: the steps of its plan that were done. */
export interface StoppedAt {
  plan: Changeover
  done: readonly string[]
}

/** What is fitted by a stamp, a mark or an order of cables, and can be fitted wrongly: a look each reads it again. */
const READ_AGAIN = ['contactTip', 'liner', 'driveRolls', 'polarity'] as const satisfies readonly Station[]

/**
 * The machine a run was stopped on, for the finder: what its steps have set or are still to set is as they set it. What
 * they fitted by a stamp or a mark was read by nobody since: the last hand on it is the first to be doubted.
 */
export function machineInRun({ plan, done }: StoppedAt): Machine {
  const { supply, ...fitted } = plan.proof!.end
  for (const station of READ_AGAIN)
    if (plan.steps.some((s) => s.station === station && done.includes(s.id))) delete fitted[station]
  return { ...plan.context.machine, fitted, ...(supply && { supply }) }
}

/**
 * Plans the cure of a cause where it is work on the machine, from the machine as it stands or as a run was stopped, and
 * back to how it stood; proved by the rules of every plan. Nothing where the cure is a knob, the hand, or a technician’s.
 * @throws PlanRefused when the list fails its proof
 */
export function planCure(
  given: MatchContext,
  cause: Cause,
  symptoms: readonly Symptom[] = [],
  at?: StoppedAt,
): CurePlan | null {
  const { work } = cureRow(cause)
  if (!work || !canBeCured(work, given)) return null
  const stopped =
    at &&
    benchesAfter(
      at.plan.steps.filter((s) => at.done.includes(s.id)),
      at.plan.findings,
      at.plan.context,
    )
  // Before the new wire is in the gun, what is wrong comes off with the old one.
  if (stopped?.some(({ bench }) => !isThereYet(bench, work))) return null
  const standing: Partial<Fitted> = stopped
    ? (({ supply: _s, ...fitted }) => fitted)(stopped[0]!.bench.fitted)
    : given.fitted
  const base: MatchContext = { ...given, fitted: { ...standing, wire: given.fitted.wire ?? standing.wire } }
  const seen = match(base)
  const fitted: Fitted = {
    ...base.fitted,
    ...asFound(cause, base, seen),
  }
  if (symptoms.includes('birdnest')) fitted.conditions = { ...fitted.conditions, birdnest: true }
  const found: Machine = { ...given.machine, fitted }
  const c: MatchContext = {
    ...contextFor(found, given.wire, given.practice, given),
    machine: found,
    fitted,
    wireStays: true,
    oldWire: given.wire,
    keep: undefined,
    use: undefined,
  }
  const matched = match(c)
  const sets = SETS[work] ?? []
  // What the cure does not touch ends as it was.
  const findings = matched.map((f): StationFinding =>
    sets.includes(f.station) ? afterOf(f, work, c) : { ...f, verdict: 'fits', after: {}, parts: [] },
  )
  const byStation = new Map<Station, Finding>(findings.map((f) => [f.station, f]))
  const starts: Bench[] = stopped
    ? stopped.map(({ bench }) => ({
        ...asStaying(bench),
        fitted: { ...bench.fitted, ...traces(fitted, standing) },
      }))
    : cureStarts(work, c)
  const tasks = list(work, starts, byStation, c, isTurned(matched))
  // The steps of a plan that puts all of it right lend their facts.
  const lent = new Map<Task, Step>(orderSteps(c, matched).map((s) => [s.task, s]))
  const used = new Map<Task, number>()
  const steps = withWalking(
    tasks.map(({ task, captive }) => {
      const n = (used.get(task) ?? 0) + 1
      used.set(task, n)
      const as = lent.get(task)
      return step(task, as?.facts ?? machineFacts(c), {
        ...(as?.station && { station: as.station }),
        ...(task === 'waitDischarge' &&
          found.dischargeMinutes !== undefined && { minutes: found.dischargeMinutes }),
        ...(captive && { captive: true, hold: false }),
        id: n > 1 ? `${task}-${n}` : task,
      })
    }),
  )
  const proof = proveCure(work, steps, findings, c, starts)
  if (!proof.holds) throw new PlanRefused(proof)
  return {
    cause,
    found,
    context: c,
    findings,
    required: Object.fromEntries(findings.map((f) => [f.station, f.required])) as Changeover['required'],
    gather: gatherList(c, findings),
    tools: toolsFor(steps),
    steps,
    minutes: totalMinutes(steps),
    proof,
    crew: null,
    problems: [],
    cautions: [],
    wireInGun: wireInGun(c),
    start: null,
  }
}

/** What was written down of the fault, laid over the machine in the middle of its change. */
const traces = (fitted: Fitted, before: Partial<Fitted>): Partial<Fitted> =>
  Object.fromEntries(
    Object.entries(fitted).filter(([key, value]) => before[key as keyof Fitted] !== value),
  ) as Partial<Fitted>

/** How a station reads once cured; a part that only wore out is the same again, new. */
function afterOf(f: StationFinding, work: CureWork, c: MatchContext): StationFinding {
  if (work === 'other-spool' && f.station === 'spool') {
    const { wireKg: _left, ...spool } = c.fitted.spool ?? {}
    const after = f.rule === 'wire-leaves-wrong-side' ? f.after : { spool: { ...spool } }
    return { ...f, after, parts: [] }
  }
  // Pressure, flow and another cylinder of the same gas are set anew, whatever they read.
  return f
}
