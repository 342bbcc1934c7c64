import type { Place } from '../steps/places.ts'
import type { Finding, MatchContext } from './finding.ts'
import type { Rank } from './ranks.ts'

/** What a station's folder gives: its verdict, what comes of leaving each of its rules, and where it is looked at. */
export interface Room<R extends string = string> {
  match: (c: MatchContext) => Finding<R>
  ranks: Readonly<Record<R, Rank>>
  readAt: Place
}
