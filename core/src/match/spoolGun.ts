import { fittedKey } from '../machine/assumed.ts'
import type { Station } from '../machine/stations.ts'
import { afterChoice, usedAt } from './choice.ts'
import type { Finding, MatchContext } from './finding.ts'

/** What the wire of a spool gun does not meet: it runs from the gun's own spool through the gun's own rolls. */
const AT_REST: readonly Station[] = ['inletGuide', 'driveRolls', 'outletGuide', 'liner']
export const isAtRest = (station: Station): boolean => AT_REST.includes(station)

/** The gun that will be on carries its own spool: the feeder's line lies at rest. */
export function feedsByGun(c: MatchContext, gun: Pick<Finding, 'station' | 'verdict' | 'after'>): boolean {
  // One that nobody read is no other yet, unless another was chosen.
  const asItIs = gun.verdict === 'unknown' && usedAt(c, 'gun') === undefined
  return (asItIs ? c.fitted.gun : (afterChoice(c, gun).gun ?? c.fitted.gun))?.kind === 'spool-gun'
}

/** A station that the wire does not meet is left as it is, read or not. */
export function atRest<R extends string>(f: Finding<R>): Finding<R | 'feeder-at-rest'> {
  const key = fittedKey(f.station as Exclude<Station, 'supply'>)
  const { kept: _kept, instead: _instead, comes: _comes, piece: _piece, ...rest } = f
  return {
    ...rest,
    verdict: 'fits',
    rule: 'feeder-at-rest',
    also: [],
    alsoDo: [],
    parts: [],
    after: f.fitted === undefined ? {} : { [key]: f.fitted },
  }
}
