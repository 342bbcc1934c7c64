import { partAsFitted } from '../../machine/part.ts'
import { USE_STATIONS, type Station, type UseStation } from '../../machine/stations.ts'
import { isForStation, seenAt } from '../../match/choice.ts'
import { usable, type Instead, type MatchContext } from '../../match/finding.ts'
import { mayLeadLinerUp } from '../../stations/pieces/guide.ts'
import { faultsOf } from '../../stations/choice.ts'
import { whyNotKept } from '../../stations/kept.ts'
import { judgedWith, type StationRule } from '../../stations/index.ts'
import type { Changeover } from './plan.ts'

/** Another part of the store for a station, and what is to be said of it. */
export interface OtherPart extends Instead<StationRule> {
  cannot: 'harms' | 'unread' | undefined
}
/** What can be done at a station instead of what the plan asks for. */
export interface Offers {
  station: Station
  /** Why it cannot be left as it is; `undefined`: it can. */
  cannotKeep: 'harms' | 'unread' | undefined
  /** Something is fitted there, that would be used on. */
  fitted: boolean
  parts: OtherPart[]
  /** The liner of soft wire can be led up to the rolls in its place. */
  leadUp: boolean
}

/** More parts of one kind than anybody reads through. */
const MOST_OFFERED = 30

/** What else can be done at a station: leave it, take another part of the store, lead the liner up. */
export function offersAt(plan: Changeover, station: Station): Offers {
  const { context: c } = plan
  const finding = plan.findings.find((f) => f.station === station)!
  const fitted = seenAt(c, station)
  const mm = c.wire.diameterMm
  return {
    station,
    cannotKeep: whyNotKept(station, fitted, faultsOf(finding), mm),
    fitted: fitted != null,
    parts: (USE_STATIONS as readonly Station[]).includes(station)
      ? otherParts(c, station as UseStation, finding.parts.find((p) => !p.piece)?.storeIndex ?? null, mm)
      : [],
    leadUp:
      station === 'outletGuide' &&
      mayLeadLinerUp(c.wire.family) &&
      c.practice.softWireOutlet !== 'liner-to-rolls',
  }
}

function otherParts(c: MatchContext, station: UseStation, picked: number | null, mm: number): OtherPart[] {
  return (c.store ?? [])
    .flatMap((part, index) =>
      isForStation(part, station) && usable(part) && index !== picked ? [index] : [],
    )
    .slice(0, MOST_OFFERED)
    .map((index) => {
      const fitted = partAsFitted(c.store![index]!, mm)
      const said = judgedWith(c, station, fitted)
      const faults = faultsOf(said)
      return { storeIndex: index, faults, facts: said.facts, cannot: whyNotKept(station, fitted, faults, mm) }
    })
    .sort(
      (a, b) =>
        Number(a.cannot !== undefined) - Number(b.cannot !== undefined) || a.faults.length - b.faults.length,
    )
}
