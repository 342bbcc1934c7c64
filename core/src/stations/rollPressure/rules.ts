import type { Rank } from '../../match/ranks.ts'

/** What can be said of the roll pressure, and what comes of leaving it so. common practice */
export const ROLL_PRESSURE_RANKS = {
  'pressure-not-read': 'stops-feed',
  'pressure-to-set': 'stops-feed',
  'pressure-for-other-wire': 'stops-feed',
  'pressure-kept': 'stops-feed',
} as const satisfies Record<string, Rank>
export type RollPressureRule = keyof typeof ROLL_PRESSURE_RANKS
