import type { Rank } from '../../match/ranks.ts'

/** What can be said of a set of rolls, and what comes of leaving it so. common practice */
export const ROLLS_RANKS = {
  'rolls-not-read': 'stops-feed',
  'active-groove-not-read': 'stops-feed',
  'rolls-missing': 'stops-feed',
  'v-pinches-soft-wire': 'stops-feed',
  'knurl-cuts-soft-wire': 'stops-feed',
  'knurl-shaves-solid': 'stops-feed',
  'knurl-crushes-sheath': 'stops-feed',
  'smooth-slips-on-cored': 'stops-feed',
  'u-slips-on-hard-wire': 'stops-feed',
  'no-groove-for-size': 'stops-feed',
  'rolls-worn': 'stops-feed',
  'other-groove-active': 'stops-feed',
  'grooves-dirty': 'stops-feed',
  'birdnest-at-rolls': 'stops-feed',
  'rolls-fit': 'stops-feed',
} as const satisfies Record<string, Rank>
export type RollsRule = keyof typeof ROLLS_RANKS
