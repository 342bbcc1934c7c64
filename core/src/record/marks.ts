import type { SizedWire } from '../wire/wire.ts'
import type { GoodMark, OwnMark } from '../feed/scale.ts'
import { windowCentreN } from '../feed/scale.ts'
import { pressureWindow } from '../feed/pressureWindow.ts'
import { feedSetupOf } from '../feed/setup.ts'
import { chartMark } from '../machine/chart.ts'
import type { Machine } from '../machine/machine.ts'
import { wireOnMachine } from '../match/prepare.ts'
import { goodMarks, type Digest } from './digest.ts'

/** The mark that stands on the machine counts as one that passed with the wire that is on it. */
function standingMark(machine: Machine): GoodMark | undefined {
  const mark = machine.fitted.rollPressure?.mark
  const wire = wireOnMachine(machine)
  if (mark == null || !wire) return undefined
  const pressure = pressureWindow(feedSetupOf(machine, machine.fitted, wire).setup)
  return pressure.opens ? { mark, centreN: windowCentreN(pressure) } : undefined
}

/** Every mark known of a machine, oldest first: those that passed a test, and the one that stands now. */
export function knownMarks(digest: Digest, machine: Machine): GoodMark[] {
  const passed = goodMarks(digest, machine.id)
  const standing = standingMark(machine)
  return standing && !passed.some((p) => p.mark === standing.mark) ? [...passed, standing] : passed
}

/** A mark said for this very wire on this machine: the one that stands with it, else the printed chart's. */
export function ownMark(machine: Machine, wire: SizedWire): OwnMark | undefined {
  const on = wireOnMachine(machine)
  const standing = machine.fitted.rollPressure?.mark
  if (standing != null && on?.family === wire.family && on.diameterMm === wire.diameterMm)
    return { mark: standing, by: 'standing' }
  const mark = chartMark(machine.pressureChart, wire)
  return mark === undefined ? undefined : { mark, by: 'chart' }
}
