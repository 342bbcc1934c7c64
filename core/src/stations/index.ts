import { STATIONS, type Station } from '../machine/stations.ts'
import type { Finding, MatchContext } from '../match/finding.ts'
import type { RuleRow } from '../match/ranks.ts'
import { asIfFitted, withGoingGun } from '../match/choice.ts'
import type { Room } from './room.ts'
import type { Builder } from '../work/work.ts'
import { chosen } from './choice.ts'
import { atRest, feedsByGun, isAtRest } from '../match/spoolGun.ts'
import type { Place } from '../steps/places.ts'
import { SPOOL } from './spool/index.ts'
import { HUB_BRAKE } from './hubBrake/index.ts'
import { INLET_GUIDE } from './inletGuide/index.ts'
import { DRIVE_ROLLS } from './driveRolls/index.ts'
import { ROLL_PRESSURE } from './rollPressure/index.ts'
import { OUTLET_GUIDE } from './outletGuide/index.ts'
import { LINER } from './liner/index.ts'
import { GUN } from './gun/index.ts'
import { CONTACT_TIP } from './contactTip/index.ts'
import { NOZZLE } from './nozzle/index.ts'
import { POLARITY } from './polarity/index.ts'
import { GAS } from './gas/index.ts'
import { GAS_FLOW } from './gasFlow/index.ts'
import { SUPPLY } from './supply/index.ts'

/** Every station by its folder, in the order the wire meets them. */
const ROOMS = {
  spool: SPOOL,
  hubBrake: HUB_BRAKE,
  inletGuide: INLET_GUIDE,
  driveRolls: DRIVE_ROLLS,
  rollPressure: ROLL_PRESSURE,
  outletGuide: OUTLET_GUIDE,
  liner: LINER,
  gun: GUN,
  contactTip: CONTACT_TIP,
  nozzle: NOZZLE,
  polarity: POLARITY,
  gas: GAS,
  gasFlow: GAS_FLOW,
  supply: SUPPLY,
} satisfies Record<Station, unknown>

type RuleOf<T> = T extends { rules: Readonly<Record<infer R extends string, RuleRow>> } ? R : never
/** What each station can say. */
export type RuleAt = { [S in Station]: RuleOf<(typeof ROOMS)[S]> }
/** Everything a station can say: the compiler finds a rule without words or rank. */
export type StationRule = RuleAt[Station]
export type StationFinding = Finding<StationRule>

const rooms: Record<
  Station,
  Pick<Room<StationRule>, 'match' | 'facts' | 'readAt' | 'readFirst' | 'work'>
> = ROOMS
/** Every rule with all that is true of it. */
export const RULES = Object.assign({}, ...STATIONS.map((station) => ROOMS[station].rules)) as Record<
  StationRule,
  RuleRow
>
/** Whether a rule still is one: a plan kept by an earlier version may name another. */
export const isRule = (rule: string): rule is StationRule => Object.hasOwn(RULES, rule)
/** Whether a station is read before it is left as it is. */
export const isReadFirst = (station: Station): boolean => rooms[station].readFirst === true

/** Work that hangs on nothing but what is found at its own station. */
export const STATION_WORK: readonly Builder[] = STATIONS.flatMap((station) => rooms[station].work ?? [])

/** Facts that what a station says stands on. */
export const factsAt = (station: Station): readonly string[] => rooms[station].facts

/** Where a station is looked at. */
export const readAt = (station: Station): Place => rooms[station].readAt

/** Compares every station, every time, from spool to puddle. */
export function match(context: MatchContext): StationFinding[] {
  const gun = gunVerdict(context)
  const c = withGoingGun(context, gun)
  const byGun = feedsByGun(context, gun)
  // With no other gun going on, what was said of it stands.
  return STATIONS.map((station) => {
    if (station === 'gun' && c === context) return gun
    const found = rooms[station].match(c)
    return byGun && isAtRest(station) ? atRest(found) : chosen(found, c, rooms[station].match)
  })
}

const gunVerdict = (c: MatchContext): StationFinding =>
  chosen<StationRule>(rooms.gun.match(c), c, rooms.gun.match)

/** What a station says of a part, as if it were fitted. */
export const judgedWith = (
  c: MatchContext,
  station: Exclude<Station, 'supply'>,
  fitted: unknown,
): StationFinding => rooms[station].match(asIfFitted(c, station, fitted))

/** The context with the gun that will be on: what is in and on another gun is judged, not what goes off. */
export const atWork = (c: MatchContext): MatchContext => withGoingGun(c, gunVerdict(c))
