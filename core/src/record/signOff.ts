import { goodTry } from '../arc/tries.ts'
import type { Conversion } from '../changeover/convert/conversion.ts'
import type { Changeover } from '../changeover/plan/plan.ts'
import type { Start } from '../changeover/plan/startFor.ts'
import type { Settled } from '../changeover/stock/settle.ts'
import { feedSetupOf } from '../feed/setup.ts'
import { pressureWindow } from '../feed/pressureWindow.ts'
import { windowCentreN } from '../feed/scale.ts'
import { MOST_FINDINGS, MOST_PARTS, type RunOutcome } from './outcome.ts'
import type { Run } from './run.ts'

/** The middle of the pressure window of a plan's end state; nothing where no pressure does. */
export function plannedCentreN(plan: Changeover): number | undefined {
  if (!plan.proof) return undefined
  const { supply: _supply, ...fitted } = plan.proof.end
  const pressure = pressureWindow(feedSetupOf(plan.context.machine, fitted, plan.context.wire).setup)
  return pressure.opens ? windowCentreN(pressure) : undefined
}

/** The pressure mark of a run, where it passed. */
export const passedMark = ({ pressureMark, pressureResult }: Run): Pick<RunOutcome, 'mark'> =>
  pressureMark != null && (pressureResult ?? 'right') === 'right' ? { mark: pressureMark } : {}

/** What to write down of a change that is signed off now. @param settled the shop as it becomes */
export function outcomeOf(run: Run, plan: Changeover | Conversion, settled: Settled): RunOutcome {
  const ran = goodTry(run.tries ?? [])
  const change = 'required' in plan ? plan : undefined
  const centreN = change && plannedCentreN(change)
  return plain({
    machine: settled.machine.name,
    ...(change && run.frozen && { wire: run.frozen.wire ?? plan.context.fitted.wire ?? undefined }),
    ...(change?.stopped && { stopped: true }),
    before: plan.context.machine.fitted,
    end: settled.machine.fitted,
    findings: plan.findings.map(({ station, verdict, rule, kept }: Changeover['findings'][number]) => ({
      station,
      verdict,
      rule,
      ...(kept && { kept }),
    })),
    used: settled.used.slice(0, MOST_PARTS),
    returned: settled.returned.slice(0, MOST_PARTS),
    scrapped: settled.scrapped.slice(0, MOST_PARTS),
    minutes: run.times ?? [],
    ...(ran && { ran }),
    ...(change?.start && { start: change.start as unknown as RunOutcome['start'] }),
    ...passedMark(run),
    ...(centreN && { centreN }),
  })
}

/** Work done after other work, written down as one: as the first began, and as the last left it. */
export const outcomeAfter = (first: RunOutcome | undefined, next: RunOutcome): RunOutcome =>
  first === undefined
    ? next
    : {
        ...next,
        before: first.before,
        findings: [...first.findings, ...next.findings].slice(0, MOST_FINDINGS),
        used: [...first.used, ...next.used].slice(0, MOST_PARTS),
        returned: [...first.returned, ...next.returned].slice(0, MOST_PARTS),
        scrapped: [...first.scrapped, ...next.scrapped].slice(0, MOST_PARTS),
      }

/** The settings a signed-off change set out from. */
export const startOf = ({ start }: RunOutcome): Start | undefined => start as unknown as Start | undefined

const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T
