import type { Action } from '../../bench/action.ts'
import type { Bench } from '../../bench/bench.ts'
import type { Station } from '../../machine/stations.ts'
import type { After, Finding, MatchContext } from '../../match/finding.ts'
import { SPOOL_ACTS } from '../../stations/spool/acts.ts'
import { HUB_BRAKE_ACTS } from '../../stations/hubBrake/acts.ts'
import { INLET_GUIDE_ACTS } from '../../stations/inletGuide/acts.ts'
import { OUTLET_GUIDE_ACTS } from '../../stations/outletGuide/acts.ts'
import { DRIVE_ROLLS_ACTS } from '../../stations/driveRolls/acts.ts'
import { ROLL_PRESSURE_ACTS } from '../../stations/rollPressure/acts.ts'
import { LINER_ACTS } from '../../stations/liner/acts.ts'
import { GUN_ACTS } from '../../stations/gun/acts.ts'
import { CONTACT_TIP_ACTS } from '../../stations/contactTip/acts.ts'
import { NOZZLE_ACTS } from '../../stations/nozzle/acts.ts'
import { POLARITY_ACTS } from '../../stations/polarity/acts.ts'
import { GAS_ACTS } from '../../stations/gas/acts.ts'
import { GAS_FLOW_ACTS } from '../../stations/gasFlow/acts.ts'
import { SUPPLY_ACTS } from '../../stations/supply/acts.ts'
import type { Step, Task } from '../../steps/step.ts'
import { FRAME_ACTS } from './frameActs.ts'

/** What every task does: the compiler finds one that does nothing. */
const ACTIONS: Record<Task, Action> = {
  ...FRAME_ACTS,
  ...SPOOL_ACTS,
  ...HUB_BRAKE_ACTS,
  ...INLET_GUIDE_ACTS,
  ...OUTLET_GUIDE_ACTS,
  ...DRIVE_ROLLS_ACTS,
  ...ROLL_PRESSURE_ACTS,
  ...LINER_ACTS,
  ...GUN_ACTS,
  ...CONTACT_TIP_ACTS,
  ...NOZZLE_ACTS,
  ...POLARITY_ACTS,
  ...GAS_ACTS,
  ...GAS_FLOW_ACTS,
  ...SUPPLY_ACTS,
}

/** Whether the machine lets a step be done now. */
export const possible = (step: Step, bench: Bench, c: MatchContext): boolean =>
  ACTIONS[step.task].can?.(bench, c) ?? true

/** The machine after a step. */
export function perform(
  step: Step,
  bench: Bench,
  findings: ReadonlyMap<Station, Finding>,
  c: MatchContext,
): Bench {
  const after = (station: Station, as?: 'comes' | 'piece'): After => {
    const finding = findings.get(station)!
    return (as && finding[as]) ?? finding.after
  }
  const next = { ...bench, ...ACTIONS[step.task].does(bench, after, c) }
  const heldBy = next.end !== 'in-hand' ? null : bench.end === 'in-hand' ? bench.heldBy : (step.who ?? 'one')
  return { ...next, heldBy }
}
