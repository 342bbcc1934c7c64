import { benchAtStart, type Bench } from '../bench/bench.ts'
import { runThrough, type Proof, type Violation } from '../changeover/proof/proof.ts'
import type { Machine } from '../machine/machine.ts'
import { mayBeOn } from '../machine/part.ts'
import type { MachineStanding } from '../machine/standing.ts'
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

/** What looks leave as it is not after a finished job: the cure does not do it twice, and puts it back. */
function asLooksLeft({ standing = {} }: Machine): MachineStanding {
  const { on, plugged, clamp, openEnds = [] } = standing
  return {
    ...(on !== undefined && { on }),
    ...(plugged !== undefined && { plugged }),
    ...(clamp && { clamp }),
    openEnds: openEnds.filter((end) => end === 'tip-off' || end === 'nozzle-off'),
  }
}

/** The machine as it was before anybody looked: so it is again once the cure is done. */
export const cureWas = (work: CureWork, c: Pick<MatchContext, 'fitted' | 'wire'>): Bench[] =>
  startsWith(work, c)

/** The machine that a cure begins on, with what was found written down, and as the looks have left it. */
export const cureStarts = (work: CureWork, c: Pick<MatchContext, 'fitted' | 'wire' | 'machine'>): Bench[] =>
  startsWith(work, c, asLooksLeft(c.machine))

function startsWith(
  work: CureWork,
  { fitted, wire }: Pick<MatchContext, 'fitted' | 'wire'>,
  standing?: MachineStanding,
): Bench[] {
  return [
    {
      ...benchAtStart({ fitted, wireOn: true, wireStays: true, ...(standing && { standing }) }),
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
  was: readonly Bench[] = starts.length === 1 ? cureWas(work, c) : starts,
): Proof {
  const violations: Violation[] = []
  const changes = (key: (typeof AS_IT_WAS)[number]) =>
    (work === 'tip-off' && (key === 'tipOn' || key === 'nozzleOn' || key === 'pressureTested')) ||
    (work === 'open-cylinder' && key === 'valveOpen') ||
    (c.fitted.gas === null && work === 'other-cylinder' && (key === 'valveOpen' || key === 'regulatorOn')) ||
    (work === 'tip-new' && key === 'tipOn')
  const ends = starts.map((start, i) => {
    const { bench, violations: broken } = runThrough(steps, start, findings, c)
    violations.push(...broken)
    for (const key of AS_IT_WAS)
      if (was[i]![key] !== bench[key] && !changes(key) && !settled(was[i]!, key))
        violations.push({ rule: 'not-as-it-was', at: key })
    return bench
  })
  return { holds: violations.length === 0, violations, end: ends[0]!.fitted }
}
