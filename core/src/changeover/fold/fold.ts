import { same } from '../../base/same.ts'
import { benchAtStart, type Bench } from '../../bench/bench.ts'
import { fittedKey } from '../../machine/assumed.ts'
import type { Fitted } from '../../machine/fitted/fitted.ts'
import type { Machine } from '../../machine/machine.ts'
import { mayBeOn } from '../../machine/part.ts'
import { isOpen, leftWith, type OpenEnd, type MachineStanding } from '../../machine/standing.ts'
import { STATIONS, type Station } from '../../machine/stations.ts'
import type { Finding, MatchContext } from '../../match/finding.ts'
import { perform } from '../proof/perform.ts'
import { wireWords } from '../proof/frameActs.ts'
import { isTask, type Step } from '../../steps/step.ts'

/** A list of steps with what they set, and what they were planned from. */
export interface Folded {
  context: MatchContext
  findings: readonly Pick<Finding, 'station' | 'after' | 'comes' | 'piece'>[]
  steps: readonly Step[]
}
/** What somebody saw and wrote down while the work was under way: it lies over what the steps until then had set. */
export interface Correction {
  /** Before the step of this index in the order they were done. */
  before: number
  fitted: Partial<Fitted>
  /** What is not known any more. */
  unread?: readonly (keyof Fitted)[] | undefined
}

/** The bench a plan begins on, as the machine is known: what nobody read stays unread. */
export function benchKnown({ context: c }: Pick<Folded, 'context'>): Bench {
  const { fitted, standing, gasGear } = c.machine
  const known = benchAtStart({
    fitted: { ...fitted },
    wireOn: fitted.wire !== null && c.oldWire !== null,
    // Fed and set, as a machine is after a finished job, unless it was left otherwise.
    wireStays: true,
    gasGear: gasGear ?? true,
    standing,
  })
  // A spool nobody looked for may sit on the hub.
  const spool = fitted.spool === undefined ? ('old' as const) : known.spool
  const bench: Bench = { ...known, spool }
  const flows = (fitted.gasFlowLPerMin ?? 1) > 0 && !leftWith(standing, 'flow-not-set')
  if (fitted.gas !== undefined || gasGear === false) return { ...bench, flowSet: bench.valveOpen && flows }
  // Where nobody looked, a cylinder stands there with its regulator.
  const valveOpen = standing?.valve !== 'shut'
  return {
    ...bench,
    regulatorOn: true,
    valveOpen,
    screwOut: !valveOpen,
    flowSet: valveOpen && flows,
    gaugesDrained: !valveOpen && !leftWith(standing, 'not-drained'),
  }
}

/**
 * The bench once some steps were done, by the very acts that the proof runs.
 * @param done ids of the steps, in the order they were done; ids the plan does not know are passed over
 */
export function foldBench(
  plan: Folded,
  done: readonly string[],
  corrections: readonly Correction[] = [],
): Bench {
  const { context: c } = plan
  const byStation = new Map(plan.findings.map((f) => [f.station, f as Finding]))
  const byId = new Map(plan.steps.map((s) => [s.id, s]))
  let bench = benchKnown(plan)
  const correct = (index: number) => {
    for (const { before, fitted, unread = [] } of corrections)
      if (before === index)
        bench = {
          ...bench,
          fitted: {
            ...bench.fitted,
            ...fitted,
            ...Object.fromEntries(unread.map((key) => [key, undefined])),
          },
        }
  }
  done.forEach((id, index) => {
    correct(index)
    const step = byId.get(id)
    if (!step || !isTask(step.task)) return
    bench = asKnown(perform(step, bench, byStation, c))
    // Another gun brings what was in and on it when it was laid aside.
    if (step.task === 'gunSwap' && c.gunOff) {
      const { liner, contactTip, nozzle } = c.fitted
      bench = {
        ...bench,
        fitted: { ...bench.fitted, liner, contactTip, nozzle },
        tipOn: contactTip !== null,
        nozzleOn: mayBeOn(nozzle),
      }
    }
  })
  correct(done.length)
  return bench
}

/** A piece fitted to a gun nobody looked at tells nothing of the gun. */
function asKnown(b: Bench): Bench {
  const { gun } = b.fitted
  return gun && (gun as Partial<typeof gun>).kind === undefined
    ? { ...b, fitted: { ...b.fitted, gun: undefined } }
    : b
}

/** The wire a machine carries is that of the spool on its hub, threaded or not. */
function wireOf(b: Bench, start: Bench, c: MatchContext): Fitted['wire'] {
  if (b.spool === 'new') return wireWords(c)
  return b.spool === 'none' ? null : start.fitted.wire
}

/** What of a bench stands otherwise than after a finished job; nothing where all is as it should be. */
export function standingOf(b: Bench, wire: Fitted['wire'], gasNeeded: boolean): MachineStanding | undefined {
  const ends: [OpenEnd, boolean][] = [
    ['tagged', b.tagged],
    ['not-threaded', wire !== null && b.inGun === 'none'],
    ['cut-in-gun', b.inGun !== 'none' && !b.whole],
    ['not-fed', b.inGun !== 'none' && b.whole && !b.fed],
    ['gun-off', b.fitted.gun !== null && !b.gunOn],
    ['gun-not-connected', b.fitted.gun !== null && !b.gunConnected],
    ['hoses-off', b.gunOn && b.fitted.gun?.cooling === 'water' && !b.hosesOn],
    ['gun-rolls-open', b.gunRollsOpen],
    ['liner-not-trimmed', !b.linerTrimmed],
    ['guide-out', b.fitted.outletGuide === null && b.fitted.gun?.linerTrim !== 'long'],
    ['tip-off', b.fitted.gun !== null && b.fitted.contactTip !== null && !b.tipOn],
    ['nozzle-off', b.fitted.gun !== null && mayBeOn(b.fitted.nozzle) && !b.nozzleOn],
    ['adapter-on-hub', b.adapter && b.spool === 'none'],
    ['brake-not-set', b.spool !== 'none' && wire !== null && !b.brakeSet],
    ['pressure-not-set', b.whole && b.fed && !b.pressureTested],
    ['not-trimmed', b.whole && b.fed && !b.trimmed],
    ['case-open', b.caseOpen],
    ['solenoid-not-wired', b.solenoid === 'fitted'],
    ['hose-not-fitted', b.solenoid === 'wired' && !b.hose],
    ['click-not-tried', b.solenoid === 'wired' && !b.clickProved],
    ['not-drained', b.regulatorOn && !b.valveOpen && !b.gaugesDrained],
    ['not-leak-checked', b.regulatorOn && !b.leakChecked],
    ['not-purged', b.regulatorOn && !b.purged],
    ['flow-not-set', b.valveOpen && !b.flowSet],
    ['fire-not-watched', b.welded && !b.watched],
  ]
  const openEnds = ends.flatMap(([id, open]) => (open ? [id] : []))
  const standing: MachineStanding = {
    plugged: b.plugged,
    on: b.on,
    arm: b.armOpen ? 'open' : 'closed',
    wireEnd: b.end,
    ...(b.regulatorOn && { valve: b.valveOpen ? ('open' as const) : ('shut' as const) }),
    clamp: b.clampOff ? 'off' : 'on',
    ...(openEnds.length && { openEnds }),
  }
  return isOpen(standing, gasNeeded) ? standing : undefined
}

/** What a bench says of a machine, in its own words. @param start the bench the work began on */
function machineOf(machine: Machine, start: Bench, b: Bench, c: MatchContext): Machine {
  const known = c.machine.fitted
  const fitted: Record<string, unknown> = { ...machine.fitted }
  const set = new Set<Station>()
  for (const station of STATIONS) {
    if (station === 'supply') continue
    const key = fittedKey(station)
    if (same(start.fitted[key], b.fitted[key])) continue
    fitted[key] = b.fitted[key]
    set.add(station)
  }
  if (!same(start.fitted.conditions, b.fitted.conditions))
    fitted.conditions = { ...machine.fitted.conditions, ...b.fitted.conditions }
  const wire = wireOf(b, start, c)
  if (!same(wire, start.fitted.wire)) fitted.wire = wire
  if (b.spool === 'none' && start.spool !== 'none') fitted.spool = null
  else if (b.spool !== 'none' && b.adapter !== start.adapter && fitted.spool)
    fitted.spool = { ...(fitted.spool as object), adapter: b.adapter }
  if (!b.regulatorOn && start.regulatorOn) fitted.gas = null
  // With the screw out nothing flows, whatever it was set to.
  if (b.regulatorOn && !b.valveOpen && known.gasFlowLPerMin !== undefined && start.valveOpen)
    fitted.gasFlowLPerMin = 0
  const supply = b.fitted.supply && !same(b.fitted.supply, start.fitted.supply) ? b.fitted.supply : undefined
  if (supply) set.add('supply')
  // What a step has set is no longer only assumed.
  const { assumed, ...rest } = machine
  const left = assumed?.filter((station) => !set.has(station))
  return {
    ...rest,
    ...(supply && { supply }),
    ...(left?.length && { assumed: left }),
    fitted: fitted as Fitted,
  }
}

/**
 * A machine as some steps of a plan have left it: what they set, what they took off and did not put back, and how it
 * stands. What no step touched is as it is known now, and unread stays unread.
 * @param machine as it is known now: what was learned of it since the plan was made is kept
 */
export function machineAfter(
  machine: Machine,
  plan: Folded,
  done: readonly string[],
  corrections: readonly Correction[] = [],
): Machine {
  if (done.length === 0 && corrections.length === 0) return machine
  const start = benchKnown(plan)
  const bench = foldBench(plan, done, corrections)
  const { standing: _before, ...rest } = machineOf(machine, start, bench, plan.context)
  const { context: c } = plan
  const on = bench.spool === 'new' ? c.wire : c.oldWire
  const standing = standingOf(bench, rest.fitted.wire, on?.open === undefined && (on?.gas.needed ?? true))
  const gear = bench.solenoid === 'wired' && bench.hose
  return {
    ...rest,
    ...(bench.solenoid !== start.solenoid || bench.hose !== start.hose ? { gasGear: gear } : {}),
    ...(standing && { standing }),
  }
}
