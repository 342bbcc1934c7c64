import { earthIsPoor, type Bench } from '../bench/bench.ts'
import { gatherList, toolsFor } from '../changeover/plan/gather.ts'
import {
  orderSteps,
  PlanRefused,
  totalMinutes,
  withWalking,
  type Changeover,
} from '../changeover/plan/plan.ts'
import { benchesAfter } from '../changeover/proof/proof.ts'
import { mayBeOn } from '../machine/part.ts'
import type { Fitted } from '../machine/fitted/fitted.ts'
import type { Machine } from '../machine/machine.ts'
import type { Station } from '../machine/stations.ts'
import type { After, MatchContext } from '../match/finding.ts'
import { contextFor } from '../match/prepare.ts'
import { match, type StationFinding } from '../stations/index.ts'
import { machineFacts, step, withPower } from '../work/steps.ts'
import { wireInGun } from '../work/wireInGun.ts'
import type { Step, Task } from '../steps/step.ts'
import { cureRow, type Cause } from './causes.ts'
import { fetches, listCure, type CureStart } from './cureList.ts'
import { cureStarts, cureWas, proveCure } from './cureProof.ts'
import { AT_THE_GAS, type CureWork } from './cures.ts'
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

/** The station that a task sets, where no plan lends its step. */
const SET_BY: Partial<Record<Task, Station>> = {
  setPressure: 'rollPressure',
  setFlow: 'gasFlow',
  setBrake: 'hubBrake',
  fitTip: 'contactTip',
  fitNozzle: 'nozzle',
  mountSpool: 'spool',
  seatSpool: 'spool',
  regulatorOff: 'gas',
  chainCylinder: 'gas',
  regulatorOn: 'gas',
  shutCylinder: 'gas',
  openCylinder: 'gas',
  linerTrim: 'liner',
  linerIn: 'liner',
}

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
const OF_THE_FEEDER: readonly CureWork[] = [
  'liner-new',
  'liner-clean',
  'liner-trim',
  'rolls-new',
  'rolls-clean',
  'guide-set',
  'seat',
]
/** Whether the machine has what the cure is done to: cables to move, a gun, gas gear with a cylinder, a nozzle. */
function canBeCured(work: CureWork, { machine, fitted, spool }: MatchContext): boolean {
  // A drum has no pin and no brake, whether its kind was written down or only its wire's mass says so.
  if ((work === 'seat' || work === 'brake') && (fitted.spool?.type ?? spool.type) === 'drum') return false
  if (work === 'polarity' && machine.polarityChange === 'fixed') return false
  if (fitted.gun === null) return false
  // The wire of a spool gun meets nothing of the feeder.
  if (fitted.gun?.kind === 'spool-gun' && OF_THE_FEEDER.includes(work)) return false
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
  // The gun that is on is the one that is cured, whatever another change would put on.
  const keep: MatchContext['keep'] = SETS[work]?.includes('gun') ? undefined : ['gun']
  const base: MatchContext = {
    ...given,
    keep,
    fitted: { ...standing, wire: given.fitted.wire ?? standing.wire },
  }
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
    keep,
    use: undefined,
  }
  const matched = match(c)
  // A poor earth is mended before anything else.
  const sets: readonly Station[] = [
    ...(SETS[work] ?? []),
    ...(earthIsPoor(found) ? (['supply'] as const) : []),
  ]
  // What the cure does not touch ends as it was.
  const findings = matched.map((f): StationFinding =>
    sets.includes(f.station) ? afterOf(f, work, c) : { ...f, verdict: 'fits', after: {}, parts: [] },
  )
  const nothingFetched = !fetches(work) && fitted.conditions?.birdnest !== true
  const starts: Bench[] = (
    stopped
      ? stopped.map(({ bench }) => ({
          ...asStaying(bench),
          fitted: { ...bench.fitted, ...traces(fitted, standing) },
        }))
      : cureStarts(work, c)
  ).map((b) => (nothingFetched ? { ...b, gathered: true } : b))
  const was = stopped ? starts : cureWas(work, c)
  const tasks = listCure(work, starts.map(asStart), c.machine, isTurned(matched), was.map(asStart))
  // The steps of a plan that puts all of it right lend their facts.
  const lent = new Map<Task, Step>(orderSteps(c, matched).map((s) => [s.task, s]))
  const used = new Map<Task, number>()
  const steps = withWalking(
    withPower(
      tasks.map(({ task, captive }) => {
        const n = (used.get(task) ?? 0) + 1
        used.set(task, n)
        const as = lent.get(task)
        const station = as?.station ?? SET_BY[task]
        const said = station && matched.find((f) => f.station === station)?.facts
        const ball = task === 'tipOff' && starts.some((b) => b.ball && b.inGun !== 'none')
        return step(
          task,
          { ...(as?.facts ?? { ...machineFacts(c), ...said }), ...(ball && { ball }) },
          {
            ...(station && { station }),
            ...(task === 'waitDischarge' &&
              found.dischargeMinutes !== undefined && { minutes: found.dischargeMinutes }),
            ...(captive && { captive: true, hold: false }),
            id: n > 1 ? `${task}-${n}` : task,
          },
        )
      }),
      starts.every((b) => b.on),
    ),
  )
  const proof = proveCure(work, steps, findings, c, starts, was)
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

/** What the list looks at. */
const asStart = (b: Bench): CureStart => ({
  ...b,
  pulls: b.fitted.gun === undefined || b.fitted.gun?.kind === 'push-pull',
  knot: b.fitted.conditions?.birdnest === true,
  drum: b.fitted.spool?.type === 'drum',
  pinOut: b.fitted.spool?.pinEngaged === false,
  earthPoor: earthIsPoor(b),
})

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
