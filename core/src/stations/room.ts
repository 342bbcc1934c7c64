import type { Place } from '../steps/places.ts'
import type { Finding, MatchContext } from '../match/finding.ts'
import type { RuleRow } from '../match/ranks.ts'
import type { Builder } from '../work/work.ts'

/** What a station's folder gives: its verdict, a row for each of its rules, and where it is looked at. */
export interface Room<R extends string = string, F extends string = string> {
  match: (c: MatchContext) => Finding<R, F>
  rules: Readonly<Record<R, RuleRow>>
  /** Facts that what it says stands on: no other, and each somewhere. */
  facts: readonly F[]
  readAt: Place
  /** It is read before it is left as it is: what it may turn out to be could hurt, or not work at all. */
  readFirst?: true
  /** What is done there, where it hangs on nothing but what is found. */
  work?: Builder
}
