import type { Rank } from '../../match/ranks.ts'

/** What can be said of a liner, and what comes of leaving it so. common practice */
export const LINER_RANKS = {
  'liner-not-read': 'stops-feed',
  'liner-missing': 'stops-feed',
  'steel-liner-under-soft-wire': 'stops-feed',
  'polymer-liner-under-steel': 'stops-feed',
  'steel-liner-not-clean': 'stops-feed',
  'liner-range': 'stops-feed',
  'liner-short': 'stops-feed',
  'liner-ends-at-the-gun': 'stops-feed',
  'liner-worn': 'stops-feed',
  'liner-own-family': 'only-wears',
  'liner-dirty': 'stops-feed',
  'liner-after-rusty-wire': 'stops-feed',
  'liner-fits': 'stops-feed',
} as const satisfies Record<string, Rank>
export type LinerRule = keyof typeof LINER_RANKS
