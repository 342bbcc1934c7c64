import { fittedKey } from '../machine/assumed.ts'
import { gunAsFitted, partAsFitted } from '../machine/part.ts'
import type { Part } from '../machine/store.ts'
import type { Station, UseStation } from '../machine/stations.ts'
import { keeps, type After, type Finding, type MatchContext } from './finding.ts'

/** Whether a part of the store is one that a station takes at all. */
export const isForStation = (part: Part, station: UseStation): boolean =>
  station === 'gas'
    ? part.kind === 'cylinder'
    : station === 'gun'
      ? part.kind === 'gun' && part.part === 'whole'
      : part.kind === station

/** The part of the store chosen for a station, as it will be fitted. */
export function usedAt(c: MatchContext, station: Station): { index: number; fitted: unknown } | undefined {
  const index = c.use?.[station]
  const part = index === undefined ? undefined : c.store?.[index]
  return part && index !== undefined ? { index, fitted: partAsFitted(part, c.wire.diameterMm) } : undefined
}

/** The context with a part on, as if it had been fitted: no store, and no choice of anybody. */
export const asIfFitted = (
  c: MatchContext,
  station: Exclude<Station, 'supply'>,
  fitted: unknown,
): MatchContext => ({
  ...c,
  store: undefined,
  use: undefined,
  keep: undefined,
  fitted: { ...c.fitted, [fittedKey(station)]: fitted },
})

/** What is seen at a station; the circuit stands beside the machine. */
export const seenAt = (c: MatchContext, station: Station): unknown =>
  station === 'supply' ? undefined : c.fitted[fittedKey(station)]

/** How a station reads as it is now; what is kept stays so. */
const asItIs = (c: MatchContext, station: Station): After =>
  station === 'supply' || seenAt(c, station) === undefined ? {} : { [fittedKey(station)]: seenAt(c, station) }

/** What a station reads as once its choice is followed: what is kept, what is used instead, else the usual. */
export function afterChoice(c: MatchContext, { station, after }: Pick<Finding, 'station' | 'after'>): After {
  const used = usedAt(c, station)
  if (used && station !== 'supply') return { [fittedKey(station)]: used.fitted }
  if (!keeps(c, station)) return after
  // A spool is used up: what is kept of it is its side, and what carries it.
  if (station === 'spool' && !c.wireStays && after.spool && c.fitted.spool) {
    const { leaves, adapter } = c.fitted.spool
    return {
      spool: {
        ...after.spool,
        ...(leaves && after.spool.leaves && { leaves }),
        ...(adapter !== undefined && after.spool.adapter !== undefined && { adapter }),
      },
    }
  }
  return asItIs(c, station)
}

/**
 * With another gun going on, what is in and on it is judged, not what goes off with the old one: as the shelf knows
 * it, and unread where nobody looked.
 */
export function withGoingGun(c: MatchContext, gun: Finding): MatchContext {
  const whole = gun.parts.find((p) => p.kind === 'gun' && p.piece === undefined)
  if (gun.verdict !== 'change' || !whole) return c
  const part = whole.storeIndex === null ? undefined : c.store?.[whole.storeIndex]
  const load = part?.kind === 'gun' ? gunAsFitted(part).load : {}
  const { liner, contactTip, nozzle } = c.fitted
  return {
    ...c,
    gunOff: c.gunOff ?? { liner, contactTip, nozzle },
    fitted: { ...c.fitted, liner: load.liner, contactTip: load.contactTip, nozzle: load.nozzle },
  }
}
