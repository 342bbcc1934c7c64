import { matchGun } from '../gun/match.ts'
import { feedsByGun } from '../../match/spoolGun.ts'
import type { HubBrakeRule, HubBrakeFact } from './rules.ts'
import type { Finding, MatchContext } from '../../match/finding.ts'

/** Just enough that the spool stops with the wire; another size of spool wants another setting. common practice */
export function matchHubBrake(c: MatchContext): Finding<HubBrakeRule, HubBrakeFact> {
  const { hubBrake, spool } = c.fitted
  // The small spool of a spool gun has its own nut.
  const newType = c.spool.type ?? (feedsByGun(c, matchGun(c)) ? 'S100' : null)
  const otherSpool = newType !== null && spool?.type !== undefined && spool.type !== newType
  const facts = {
    brake: hubBrake ?? undefined,
    newType: newType ?? undefined,
    oldType: spool?.type,
    massKg: c.spool.massKg ?? undefined,
  }
  const base = {
    station: 'hubBrake' as const,
    facts,
    fitted: hubBrake,
    required: ['set'],
    alsoDo: [],
    after: { hubBrake: 'set' as const },
    parts: [],
    origin: 'common practice' as const,
  }
  if ((newType ?? spool?.type) === 'drum')
    return { ...base, verdict: 'fits', rule: 'no-brake-on-drum', after: {} }
  if (hubBrake === undefined) return { ...base, verdict: 'unknown', rule: 'brake-not-read' }
  if (hubBrake === 'loose') return { ...base, verdict: 'adjust', rule: 'brake-loose' }
  if (hubBrake === 'tight') return { ...base, verdict: 'adjust', rule: 'brake-tight' }
  if (hubBrake === null) return { ...base, verdict: 'adjust', rule: 'brake-loose' }
  return otherSpool
    ? { ...base, verdict: 'adjust', rule: 'brake-for-other-spool' }
    : { ...base, verdict: 'fits', rule: 'brake-set' }
}
