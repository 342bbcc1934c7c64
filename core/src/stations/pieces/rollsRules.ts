import type { RuleRow } from '../../match/ranks.ts'

/** What can be said of a set of rolls, and what comes of leaving it so. common practice */
export const ROLLS_RULES = {
  'rolls-not-read': { rank: 'stops-feed', keep: 'may', fault: false },
  'active-groove-not-read': { rank: 'stops-feed', keep: 'may', fault: false },
  'rolls-missing': { rank: 'stops-feed', keep: 'never' },
  'v-pinches-soft-wire': { rank: 'stops-feed', keep: 'may' },
  'knurl-cuts-soft-wire': { rank: 'stops-feed', keep: 'may' },
  'knurl-shaves-solid': { rank: 'stops-feed', keep: 'may' },
  'knurl-crushes-sheath': { rank: 'stops-feed', keep: 'may' },
  'smooth-slips-on-cored': { rank: 'stops-feed', keep: 'may' },
  'u-slips-on-hard-wire': { rank: 'stops-feed', keep: 'may' },
  'no-groove-for-size': { rank: 'stops-feed', keep: 'may' },
  'rolls-worn': { rank: 'stops-feed', keep: 'may', worn: true },
  'other-groove-active': { rank: 'stops-feed', keep: 'may' },
  'grooves-dirty': { rank: 'stops-feed', keep: 'may' },
  'birdnest-at-rolls': { rank: 'stops-feed', keep: 'never' },
  'feeder-at-rest': { rank: 'only-wears', keep: 'may', fault: false },
  'rolls-fit': { rank: 'stops-feed', keep: 'may', fault: false },
} as const satisfies Record<string, RuleRow>
export type RollsRule = keyof typeof ROLLS_RULES

/** Facts that what it says stands on. */
export const ROLLS_FACTS = [
  'active',
  'birdnest',
  'cleanFirst',
  'condition',
  'family',
  'grooves',
  'matchedTopRolls',
  'profile',
  'reverseThread',
  'rollPairs',
  'sizeMm',
  'wantedGroove',
  'wantedProfile',
  'workingGroove',
] as const
export type RollsFact = (typeof ROLLS_FACTS)[number]
