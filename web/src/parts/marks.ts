import { type GatherLine } from '@pepper-knot/core/jobs'
import { fittedKey, STATIONS, type Finding, type Machine, type Station } from '@pepper-knot/core/machine'
import { type UnitSystem } from '@pepper-knot/core/trade'
import { useWords } from '../composables/useWords.ts'

type Verdict = Finding['verdict']

const words = useWords()
/** One mark on the wire line. */
export interface Mark {
  station: Station
  name: string
  fullName: string
  fitted: string
  /** Left out where the line only shows what is fitted. */
  wanted?: string
  verdict: Verdict
  missing: boolean
}

/** Marks of a machine as it stands; without findings, read stations fit and unread ones are dotted. */
export function standingMarks(machine: Machine, findings: Finding[] | undefined, units: UnitSystem): Mark[] {
  const setup = { ...machine.fitted, supply: machine.supply }
  return STATIONS.filter((s) => s !== 'supply').map((station) => {
    // Only assumed: shown, with the doubt, and dotted like what nobody looked at.
    const assumed = machine.assumed?.includes(station) ?? false
    const fitted = `${words.fittedShort(station, setup, units)}${assumed ? '?' : ''}`
    return {
      station,
      fitted,
      name: words.STATION_SHORT[station],
      fullName: words.STATION_NAMES[station],
      missing: false,
      verdict:
        findings?.find((f) => f.station === station)?.verdict ??
        (assumed || machine.fitted[fittedKey(station)] === undefined ? 'unknown' : 'fits'),
    }
  })
}

/** Marks of a change: fitted above, asked below. The mains stands with them only when something is asked of it. */
export function changeMarks(
  machine: Machine,
  findings: readonly Finding[],
  gather: readonly GatherLine[],
  units: UnitSystem,
): Mark[] {
  const setup = { ...machine.fitted, supply: machine.supply }
  return findings
    .filter((f) => f.station !== 'supply' || f.verdict !== 'fits')
    .map((f) => ({
      station: f.station,
      name: words.STATION_SHORT[f.station],
      fullName: words.STATION_NAMES[f.station],
      fitted: words.fittedShort(f.station, setup, units),
      wanted: words.wantedShort(f, units),
      verdict: f.verdict,
      missing: gather.some((line) => line.station === f.station && line.kind !== 'wire' && !line.have),
    }))
}
