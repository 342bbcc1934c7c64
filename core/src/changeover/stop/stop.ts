import { earthIsPoor, type Bench } from '../../bench/bench.ts'
import { benchKnown, foldBench, machineAfter, type Folded } from '../fold/fold.ts'
import { conversionFolds, type Conversion } from '../convert/conversion.ts'
import { conversionStarts } from '../convert/conversionProof.ts'
import { benchesAfter, runThrough, type Proof, type Violation } from '../proof/proof.ts'
import { PlanRefused, totalMinutes, withWalking, type Changeover } from '../plan/plan.ts'
import { leaveSafe } from '../../work/secure.ts'
import { machineFacts, step, withPower } from '../../work/steps.ts'

/** What a machine must not be left with. */
const SAFE: Readonly<Record<string, (b: Bench) => boolean>> = {
  'left-on': (b) => !b.on,
  'left-with-gas-open': (b) => !b.valveOpen,
  'left-with-the-end-loose': (b) => b.end !== 'in-hand' && b.end !== 'free',
  'left-with-the-case-open': (b) => !b.caseOpen,
  'left-unwatched': (b) => !b.welded || b.watched,
  'left-with-the-gun-off': (b) => b.gunOn && b.gunConnected,
  'left-untagged': (b) => b.tagged,
}

/** What stands open or off, for whoever comes next. */
const openAt = (b: Bench) => ({
  openWire: b.inGun === 'none' ? 'out' : b.inGun,
  openArm: b.armOpen,
  openTip: !b.tipOn,
  openPlug: !b.plugged,
  openLiner: b.fitted.liner === null,
})

/**
 * The steps that leave a machine safe in the middle of its work.
 * @param mayHoldGas nobody looked whether a cylinder stands open
 */
function stopSteps(plan: Folded, done: readonly string[], mayHoldGas = false) {
  const { context: c } = plan
  const bench = foldBench(plan, done)
  const { fitted, standing } = machineAfter(c.machine, plan, done)
  const facts = { ...machineFacts(c), ...openAt(bench) }
  const used = new Set(done)
  const tasks = leaveSafe({
    fitted,
    // Nothing was done yet: it stands as after a finished job, or as it was left before.
    standing,
    wireOn: bench.inGun !== 'none',
    wireIsRight: bench.inGun === 'new' || c.wireStays === true,
    gasOn: bench.regulatorOn || mayHoldGas,
    spoolOn: bench.spool !== 'none',
    covered: bench.protected,
    clampOff: bench.clampOff,
    earthPoor: earthIsPoor(bench),
  })
  return withPower(
    tasks.map(({ task, captive }) =>
      step(task, facts, {
        id: used.has(task) ? `${task}-stop` : task,
        ...(captive && { captive, hold: false }),
      }),
    ),
    bench.on,
  )
}

/**
 * Breaks a change off after some of its steps: what was done, then the steps that leave the machine safe, proved from
 * every machine the steps done may have left. What is left open stays with the machine.
 * @param done ids of the steps that were done, in any order
 * @throws PlanRefused when no safe end can be proved
 */
export function stopHere(plan: Changeover, done: readonly string[]): Changeover {
  const { context: c, findings } = plan
  const did = plan.steps.filter((s) => done.includes(s.id))
  const ids = did.map((s) => s.id)
  // A machine said to have no gas gear may stand beside an open cylinder all the same, where nobody read the gas.
  const unread = findings.some((f) => f.station === 'gas' && f.verdict === 'unknown')
  const mayHoldGas = unread && !did.some((s) => s.task === 'shutCylinder')
  const steps = withWalking([...did, ...stopSteps(plan, ids, mayHoldGas)])
  const standing = benchesAfter(did, findings, c)
  const ends = benchesAfter(steps, findings, c)
  const violations: Violation[] = []
  ends.forEach(({ bench, violations: broken }, i) => {
    // What the steps that were done left out is not held against the stop.
    const known = new Set(standing[i]!.violations.map((v) => `${v.rule} ${v.at}`))
    violations.push(...broken.filter((v) => !known.has(`${v.rule} ${v.at}`)))
    violations.push(...unsafe(bench))
  })
  const all = steps.map((s) => s.id)
  const left = machineAfter(c.machine, { ...plan, steps }, all)
  const proof: Proof = {
    holds: violations.length === 0,
    violations,
    end: { ...left.fitted, ...(left.supply && { supply: left.supply }) },
  }
  if (!proof.holds) throw new PlanRefused(proof)
  return { ...plan, steps, minutes: totalMinutes(steps), proof, crew: null, stopped: true }
}

/** What of a machine is not safe to be left. */
const unsafe = (bench: Bench): Violation[] =>
  Object.entries(SAFE)
    .filter(([rule, safe]) => (bench.fitted.gun !== null || !rule.endsWith('gun-off')) && !safe(bench))
    .map(([rule]) => ({ rule, at: 'machine' }))

/**
 * Breaks work on the machine itself off after some of its steps, from a machine with and without wire where that was not
 * read.
 * @throws PlanRefused when no safe end can be proved
 */
export function stopConversion(plan: Conversion, done: readonly string[]): Conversion {
  const { context: c } = plan
  const folded = conversionFolds(plan)
  const did = plan.steps.filter((s) => done.includes(s.id))
  const steps = withWalking([
    ...did,
    ...stopSteps(
      folded,
      did.map((s) => s.id),
    ),
  ])
  const violations = conversionStarts(c).flatMap((start) => {
    const known = new Set(runThrough(did, start, plan.sets, c).violations.map((v) => `${v.rule} ${v.at}`))
    const { bench, violations: broken } = runThrough(steps, start, plan.sets, c)
    return [...broken.filter((v) => !known.has(`${v.rule} ${v.at}`)), ...unsafe(bench)]
  })
  const after = machineAfter(
    c.machine,
    { ...folded, steps },
    steps.map((s) => s.id),
  )
  const proof: Proof = { holds: violations.length === 0, violations, end: after.fitted }
  if (!proof.holds) throw new PlanRefused(proof)
  return { ...plan, steps, minutes: totalMinutes(steps), proof, after }
}

/** The spool that was on is off, or another is on. */
export const spoolCameOff = (plan: Folded, done: readonly string[]): boolean => {
  if (benchKnown(plan).spool === 'none') return false
  const { spool } = foldBench(plan, done)
  return spool === 'none' || (spool === 'new' && plan.context.wireStays !== true)
}
