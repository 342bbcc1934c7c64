import type { Rank } from '../../match/ranks.ts'

/** What can be said of a guide, and what comes of leaving it so. common practice */
export const GUIDE_RANKS = {
  'guide-not-read': 'stops-feed',
  'guide-missing': 'stops-feed',
  'guide-material': 'stops-feed',
  'guide-worn': 'only-wears',
  'guide-touches-roll': 'only-wears',
  'guide-gap-wide': 'stops-feed',
  'guide-dirty': 'only-wears',
  'liner-led-to-rolls': 'stops-feed',
  'liner-to-be-led-up': 'stops-feed',
  'guide-fits': 'stops-feed',
} as const satisfies Record<string, Rank>
export type GuideRule = keyof typeof GUIDE_RANKS
