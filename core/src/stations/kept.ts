import { groovesOf, type Rolls } from '../machine/fitted/driveRolls.ts'
import type { Station } from '../machine/stations.ts'
import type { Fault } from '../match/finding.ts'
import { diameterOfMm } from '../wire/diameters.ts'
import { stampSizes } from '../wire/sizes.ts'
import { isReadFirst, RULES, type StationRule } from './index.ts'

/** The largest wire that rolls or a liner take is thinner than this one. */
function tooSmall(station: Station, fitted: unknown, mm: number): boolean {
  if (!fitted) return false
  if (station === 'driveRolls') {
    const rolls = fitted as Rolls
    const inLine = rolls.active === undefined ? groovesOf(rolls).map((g) => g.stamp) : [rolls.active]
    return Math.max(0, ...inLine.flatMap(stampSizes)) < mm
  }
  if (station === 'liner') {
    const { maxMm } = fitted as { maxMm: number }
    return (diameterOfMm(maxMm)?.diameterMm ?? maxMm) < mm
  }
  if (station === 'contactTip') return Math.max(0, ...stampSizes((fitted as { stamp: string }).stamp)) < mm
  if (station === 'gun') {
    const { rolls, innerLiner } = fitted as { rolls?: unknown; innerLiner?: unknown }
    return tooSmall('driveRolls', rolls, mm) || tooSmall('liner', innerLiner, mm)
  }
  return false
}

/** Why a station cannot be left as it is, or a part not used there; nothing where it can. */
export function whyNotKept(
  station: Station,
  fitted: unknown,
  faults: readonly Fault<StationRule>[],
  mm: number,
): 'harms' | 'unread' | undefined {
  if (faults.some((f) => RULES[f.rule].keep === 'never') || tooSmall(station, fitted, mm)) return 'harms'
  return faults.some((f) => f.verdict === 'unknown') && isReadFirst(station) ? 'unread' : undefined
}
