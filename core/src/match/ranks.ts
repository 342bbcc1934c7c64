/** What comes of leaving a finding as it is, worst first. */
export const RANKS = ['harms', 'stops-feed', 'spoils-weld', 'only-wears'] as const
export type Rank = (typeof RANKS)[number]

/** Everything that is true of one thing a station can say. */
export interface RuleRow {
  rank: Rank
  /** Whether it may be left so by choice: never where it hurts somebody, or nothing can work with it. */
  keep: 'may' | 'never'
  /** The part is worn out where it is. */
  worn?: true
  /** Nothing is wrong, or nobody looked. */
  fault?: false
}
