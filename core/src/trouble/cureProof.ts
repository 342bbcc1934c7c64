import { benchAtStart, type Bench } from '../bench/bench.ts'
import { runThrough, type Proof, type Violation } from '../changeover/proof/proof.ts'
import { mayBeOn } from '../machine/part.ts'
import type { Finding, MatchContext } from '../match/finding.ts'
import type { Step } from '../steps/step.ts'
import { AT_THE_GAS, type CureWork } from './cures.ts'

/** What must be as it was once the cure is done. */
const AS_IT_WAS = [
  'plugged',
  'on',
  'gunOn',
  'tipOn',
  'nozzleOn',
  'clampOff',
  'armOpen',
  'regulatorOn',
  'valveOpen',
  'caseOpen',
  'gunConnected',
  'fed',
  'pressureTested',
] as const satisfies readonly (keyof Bench)[]

/** The machine that a cure begins on, with what was found written down. */
export function cureStarts(work: CureWork, { fitted, wire }: Pick<MatchContext, 'fitted' | 'wire'>): Bench[] {
  return [
    {
      ...benchAtStart({ fitted, wireOn: true, wireStays: true }),
      // Where nobody read the gas, a cylinder stands there with its regulator, and its valve is open.
      ...((wire.gas.needed || AT_THE_GAS.includes(work)) &&
        fitted.gas === undefined && {
          regulatorOn: true,
          valveOpen: true,
          gaugesDrained: false,
          flowSet: mayBeOn(fitted.nozzle) && fitted.contactTip !== null,
        }),
      ...(work === 'open-cylinder' && { valveOpen: false, flowSet: true }),
    },
  ]
}

/** A wire end in hand was made fast: the arm is closed over it, or it is tucked. */
const settled = (start: Bench, key: keyof Bench) =>
  (key === 'armOpen' && (start.end === 'in-hand' || start.armOpen)) ||
  // Without a tip no nozzle goes on and no pressure is tried.
  ((key === 'nozzleOn' || key === 'pressureTested') && !start.tipOn)

/**
 * Executes the list of a cure: every hazard rule at every step, and the machine as it was but for what was at fault.
 * @param starts the machines it may begin on
 */
export function proveCure(
  work: CureWork,
  steps: readonly Step[],
  findings: readonly Pick<Finding, 'station' | 'after'>[],
  c: MatchContext,
  starts: readonly Bench[] = cureStarts(work, c),
): Proof {
  const violations: Violation[] = []
  const changes = (key: (typeof AS_IT_WAS)[number]) =>
    (work === 'tip-off' && (key === 'tipOn' || key === 'nozzleOn' || key === 'pressureTested')) ||
    (work === 'open-cylinder' && key === 'valveOpen') ||
    (c.fitted.gas === null && work === 'other-cylinder' && (key === 'valveOpen' || key === 'regulatorOn')) ||
    (work === 'tip-new' && key === 'tipOn')
  const ends = starts.map((start) => {
    const { bench, violations: broken } = runThrough(steps, start, findings, c)
    violations.push(...broken)
    for (const key of AS_IT_WAS)
      if (start[key] !== bench[key] && !changes(key) && !settled(start, key))
        violations.push({ rule: 'not-as-it-was', at: key })
    return bench
  })
  return { holds: violations.length === 0, violations, end: ends[0]!.fitted }
}
