import { feedSetupOf } from '../feed/setup.ts'
import { windowCentreN, type GoodMark } from '../feed/scale.ts'
import { pressureWindow } from '../feed/pressureWindow.ts'
import type { Run } from './run.ts'
import { readWire } from '../match/prepare.ts'
import { planChangeover } from '../changeover/plan/plan.ts'
import { isSized } from '../wire/wire.ts'

/**
 * Marks of one machine that passed their test, oldest first, each with the middle of the window it was found in. A
 * mark without a written result counts as passed: it was signed off.
 */
export function goodMarks(runs: readonly Run[], machineId: string): GoodMark[] {
  return runs
    .filter(
      (r) =>
        r.machineId === machineId &&
        r.signedOffAt !== undefined &&
        r.pressureMark != null &&
        (r.pressureResult ?? 'right') === 'right' &&
        r.frozen !== undefined,
    )
    .sort((a, b) => a.signedOffAt!.localeCompare(b.signedOffAt!))
    .flatMap((r) => {
      const request = r.frozen!
      const wire = readWire(request.wire, '')
      if (!wire.ok || !isSized(wire.value.wire)) return []
      const plan = planChangeover(request)
      const end = plan.ok ? plan.value.proof?.end : undefined
      if (!end) return []
      const { supply: _supply, ...fitted } = end
      const pressure = pressureWindow(feedSetupOf(request.machine, fitted, wire.value.wire).setup)
      return pressure.opens ? [{ mark: r.pressureMark!, centreN: windowCentreN(pressure) }] : []
    })
}
