import type { Fitted } from '../../machine/fitted/fitted.ts'
import type { Station } from '../../machine/stations.ts'
import type { Finding, MatchContext } from '../../match/finding.ts'
import { lay } from '../../bench/bench.ts'
import { feedSetupOf } from '../../feed/setup.ts'
import { pressureWindow, type PressureWindow } from '../../feed/pressureWindow.ts'

/** Stations on which the mechanics have something to say. */
export const FEED_STATIONS: readonly Station[] = [
  'hubBrake',
  'inletGuide',
  'driveRolls',
  'rollPressure',
  'outletGuide',
  'liner',
  'gun',
  'contactTip',
]

export interface FeedFigures {
  /** The new wire through this station as it is, the others set right; nothing where it was not read. */
  asFitted: PressureWindow | undefined
  /** Everything set right. */
  asAsked: PressureWindow
}

/** What one station alone makes of the window: left as it is, and set right. */
export function feedFigures(
  c: MatchContext,
  findings: readonly Finding[],
  station: Station,
): FeedFigures | undefined {
  if (!FEED_STATIONS.includes(station)) return undefined
  const { supply: _supply, ...right } = findings.reduce((sum, f) => lay(sum, f.after), {
    ...c.fitted,
  } as ReturnType<typeof lay>)
  const through = (fitted: Partial<Fitted>) => pressureWindow(feedSetupOf(c.machine, fitted, c.wire).setup)
  const key = station as keyof Fitted
  return {
    asFitted: c.fitted[key] == null ? undefined : through({ ...right, [key]: c.fitted[key] }),
    asAsked: through(right),
  }
}
