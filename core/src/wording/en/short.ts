import type { Station } from '../../machine/stations.ts'
import type { Finding } from '../../match/finding.ts'
import type { UnitSystem } from '../../units/format.ts'
import { nameIn, PRESSURE_NAMES } from './names.ts'
import { STATION_WORDS } from './stations/index.ts'
import type { Setup } from './stations/stationWords.ts'

/** What stands at a station in the fewest words, as it goes under its mark. `none` when nothing is there. */
export const fittedShort = (station: Station, setup: Setup, units: UnitSystem): string =>
  STATION_WORDS[station].fitted(setup, units)

/** What the wire asks for at a station, in the fewest words. */
export function wantedShort(finding: Finding, units: UnitSystem): string {
  if (finding.station === 'rollPressure')
    return finding.verdict === 'fits'
      ? fittedShort('rollPressure', finding.after, units)
      : nameIn(PRESSURE_NAMES, String(finding.facts.level))!
  if (finding.station === 'gas' && !finding.facts.gasNeeded) return finding.fitted == null ? 'none' : 'shut'
  if (finding.station === 'gas' && finding.facts.group && finding.verdict !== 'fits')
    return String(finding.facts.group)
  if (finding.station === 'spool')
    return finding.facts.needsAdapter
      ? `${finding.facts.type} + adapter`
      : fittedShort('spool', finding.after, units)
  if (finding.station === 'gasFlow' && !finding.facts.gasNeeded) return 'shut'
  return fittedShort(finding.station, finding.after, units)
}
