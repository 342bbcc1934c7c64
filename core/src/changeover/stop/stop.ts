import { same } from '../../base/same.ts'
import type { Bench } from '../../bench/bench.ts'
import { fittedKey } from '../../machine/assumed.ts'
import type { Fitted } from '../../machine/fitted/fitted.ts'
import { STATIONS } from '../../machine/stations.ts'
import type { After } from '../../match/finding.ts'
import { benchesAfter, type Proof, type Violation } from '../proof/proof.ts'
import { PlanRefused, totalMinutes, withWalking, type Changeover } from '../plan/plan.ts'
import type { Task } from '../../steps/step.ts'
import { machineFacts, step } from '../../work/steps.ts'

/** What a machine must not be left with. */
const SAFE: Readonly<Record<string, (b: Bench) => boolean>> = {
  'left-on': (b) => !b.on,
  'left-with-gas-open': (b) => !b.valveOpen,
  'left-with-the-end-loose': (b) => b.end !== 'in-hand' && b.end !== 'free',
  'left-with-the-case-open': (b) => !b.caseOpen,
  'left-unwatched': (b) => !b.welded || b.watched,
  'left-with-the-gun-off': (b) => b.gunOn && b.gunConnected,
}

/** The steps that leave any of these machines safe, in the order they are done. */
function safeTasks(benches: readonly Bench[]): Task[] {
  const any = (test: (b: Bench) => boolean) => benches.some(test)
  const held = any((b) => b.end === 'in-hand')
  const threaded = any((b) => b.end === 'in-hand' && b.inGun === 'new')
  const whole = any((b) => b.end === 'in-hand' && b.inGun === 'old' && b.whole)
  const end: Task[] = !held
    ? []
    : threaded
      ? ['closeArm']
      : [
          ...(whole && any((b) => b.end === 'in-hand' && !b.armOpen) ? (['openArm'] as const) : []),
          ...(whole ? (['cutOldWire'] as const) : []),
          'tuckNewEnd',
        ]
  return [
    ...end,
    ...(any((b) => b.valveOpen) ? (['checkChain', 'shutCylinder'] as const) : []),
    ...(any((b) => b.on) ? (['switchOff'] as const) : []),
    ...(any((b) => !b.gunOn && b.fitted.gun !== null) ? (['gunBack'] as const) : []),
    ...(any((b) => !b.gunConnected && b.fitted.gun !== null) ? (['connectGun'] as const) : []),
    ...(any((b) => b.caseOpen) ? (['closeCase'] as const) : []),
    ...(any((b) => b.welded && !b.watched) ? (['fireWatch'] as const) : []),
    'hangTag',
  ]
}

/** What stands open or off, for whoever comes next. */
const openAt = (b: Bench) => ({
  openWire: b.inGun === 'none' ? 'out' : b.inGun,
  openArm: b.armOpen,
  openTip: !b.tipOn,
  openPlug: !b.plugged,
  openLiner: b.fitted.liner === null,
})

/** Captive where the wire is still in the hand. */
const CAPTIVE: readonly Task[] = ['openArm', 'cutOldWire', 'tuckNewEnd', 'closeArm']

/**
 * Breaks a change off after some of its steps: what was done, the steps that leave the machine safe, proved from every
 * machine the steps done may have left, and the setup as it then stands.
 * @param done ids of the steps that were done, in any order
 * @throws PlanRefused when no safe end can be proved
 */
export function stopHere(plan: Changeover, done: readonly string[]): Changeover {
  const { context: c, findings } = plan
  const did = plan.steps.filter((s) => done.includes(s.id))
  const standing = benchesAfter(did, findings, c)
  const facts = { ...machineFacts(c), ...openAt(standing[0]!.bench) }
  const used = new Set(did.map((s) => s.id))
  const rest = safeTasks(standing.map((s) => s.bench)).map((task) =>
    step(task, facts, {
      id: used.has(task) ? `${task}-stop` : task,
      ...(CAPTIVE.includes(task) && { captive: true, hold: false }),
    }),
  )
  const steps = withWalking([...did, ...rest])
  const ends = benchesAfter(steps, findings, c)
  const violations: Violation[] = []
  ends.forEach(({ bench, violations: broken }, i) => {
    // What the steps that were done left out is not held against the stop.
    const known = new Set(standing[i]!.violations.map((v) => `${v.rule} ${v.at}`))
    violations.push(...broken.filter((v) => !known.has(`${v.rule} ${v.at}`)))
    for (const [rule, safe] of Object.entries(SAFE))
      if (bench.fitted.gun !== null && !safe(bench)) violations.push({ rule, at: 'machine' })
  })
  const { bench, start } = ends[0]!
  const proof: Proof = { holds: violations.length === 0, violations, end: asItStands(plan, start, bench) }
  if (!proof.holds) throw new PlanRefused(proof)
  const moved = new Set(
    STATIONS.filter((s) => s !== 'supply' && changed(start.fitted, bench.fitted, fittedKey(s))),
  )
  const spoolOff = bench.spool !== 'old' && start.spool === 'old'
  return {
    ...plan,
    steps,
    minutes: totalMinutes(steps),
    proof,
    crew: null,
    stopped: { spoolOff },
    findings: findings.map((f) => (moved.has(f.station) ? f : { ...f, parts: [] })),
    gather: plan.gather.filter((line) =>
      line.kind === 'wire'
        ? bench.spool === 'new'
        : line.kind === 'regulator' || line.kind === 'cylinder'
          ? moved.has('gas')
          : line.kind === 'adapter' || line.kind === 'hubHardware'
            ? did.some((s) => s.task === 'fitAdapter')
            : moved.has(line.station),
    ),
  }
}

const changed = (a: After, b: After, key: keyof Fitted): boolean => !same(a[key], b[key])

/** The setup in the words of `fitted`: what was touched as it now is, and what nobody touched as it was known. */
function asItStands({ context }: Changeover, start: Bench, b: Bench): After {
  const known = context.machine.fitted
  const end: Record<string, unknown> = { ...known }
  const keys = new Set([...Object.keys(start.fitted), ...Object.keys(b.fitted)]) as Set<keyof Fitted>
  for (const key of keys) if (changed(start.fitted, b.fitted, key)) end[key] = b.fitted[key]
  if (b.inGun === 'none') end.wire = null
  if (b.spool === 'none') end.spool = null
  // Off the gun they lie in the tray.
  if (!b.tipOn) end.contactTip = null
  if (!b.nozzleOn && known.nozzle?.kind !== 'none') end.nozzle = null
  if (!b.regulatorOn) end.gas = null
  if (!b.valveOpen && known.gasFlowLPerMin !== undefined) end.gasFlowLPerMin = 0
  return end as After
}
