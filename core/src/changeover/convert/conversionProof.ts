import { benchAtStart, type Bench } from '../../bench/bench.ts'
import type { Fitted } from '../../machine/fitted/fitted.ts'
import type { MatchContext } from '../../match/finding.ts'
import type { ConversionKind } from '../../steps/conversions.ts'
import type { Step } from '../../steps/step.ts'
import type { Folded } from '../fold/fold.ts'
import { runThrough, type Proof, type Violation } from '../proof/proof.ts'

/** Whether the end is the one that was wanted. */
const RIGHT: Record<ConversionKind, (b: Bench) => boolean> = {
  'to-gas': (b) => b.solenoid === 'wired' && b.hose && b.clickProved && b.regulatorOn && !b.valveOpen,
  'to-gasless': (b) => b.solenoid === 'none' && !b.hose && !b.valveOpen && !b.regulatorOn,
  'fit-gun': (b) => b.gunOn && b.gunConnected && !b.valveOpen,
}

/** What the steps of a conversion set, station by station. */
export const setBy = (end: Partial<Fitted>): Folded['findings'] => {
  const { gun: _gun, ...gas } = end
  return [
    // An earth that is mended on the way is mended.
    { station: 'supply', after: { conditions: { earthPin: 'present' } } },
    { station: 'gas', after: gas },
    { station: 'gun', after: end },
  ]
}
/** The machines that a conversion may begin on: with wire and without, where that was not read. */
export function conversionStarts({ machine }: MatchContext): Bench[] {
  const { fitted, standing } = machine
  const gasOn = fitted.gas !== null && machine.gasGear !== false
  return (fitted.wire === undefined ? [true, false] : [fitted.wire !== null]).map((wireOn) =>
    benchAtStart({
      fitted: { ...fitted, ...(!gasOn && { gas: null }) },
      wireOn,
      gasGear: machine.gasGear ?? true,
      standing,
    }),
  )
}

/**
 * Executes a list on the model of the machine: every hazard rule at every step, and the end that was wanted. A machine
 * whose wire was not read is tried with wire and without.
 * @param end what the conversion leaves fitted
 */
export function proveConversion(
  kind: ConversionKind,
  steps: readonly Step[],
  end: Partial<Fitted>,
  c: MatchContext,
): Proof {
  const findings = setBy(end)
  const violations: Violation[] = []
  let last: Bench | undefined
  for (const start of conversionStarts(c)) {
    const run = runThrough(steps, start, findings, c)
    violations.push(...run.violations)
    if (!RIGHT[kind](run.bench) || run.bench.caseOpen || run.bench.inGun !== 'none')
      violations.push({ rule: 'end-state', at: 'machine' })
    last ??= run.bench
  }
  return { holds: violations.length === 0, violations, end: last!.fitted }
}
