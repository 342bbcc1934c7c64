import type { Rank } from '../../match/ranks.ts'

/** What can be said of the hub brake, and what comes of leaving it so. common practice */
export const HUB_BRAKE_RANKS = {
  'brake-not-read': 'stops-feed',
  'brake-loose': 'stops-feed',
  'brake-tight': 'stops-feed',
  'brake-for-other-spool': 'stops-feed',
  'no-brake-on-drum': 'stops-feed',
  'brake-set': 'stops-feed',
} as const satisfies Record<string, Rank>
export type HubBrakeRule = keyof typeof HUB_BRAKE_RANKS
