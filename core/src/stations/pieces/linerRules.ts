import type { RuleRow } from '../../match/ranks.ts'

/** What can be said of a liner, and what comes of leaving it so. common practice */
export const LINER_RULES = {
  'liner-not-read': { rank: 'stops-feed', keep: 'may', fault: false },
  'liner-missing': { rank: 'stops-feed', keep: 'never' },
  'steel-liner-under-soft-wire': { rank: 'stops-feed', keep: 'may' },
  'polymer-liner-under-steel': { rank: 'stops-feed', keep: 'may' },
  'steel-liner-not-clean': { rank: 'stops-feed', keep: 'may' },
  'liner-range': { rank: 'stops-feed', keep: 'may' },
  'liner-short': { rank: 'stops-feed', keep: 'may' },
  'liner-ends-at-the-gun': { rank: 'stops-feed', keep: 'may' },
  'liner-worn': { rank: 'stops-feed', keep: 'may', worn: true },
  'liner-own-family': { rank: 'only-wears', keep: 'may', fault: false },
  'liner-dirty': { rank: 'stops-feed', keep: 'may' },
  'liner-after-rusty-wire': { rank: 'stops-feed', keep: 'may' },
  'feeder-at-rest': { rank: 'only-wears', keep: 'may', fault: false },
  'liner-fits': { rank: 'stops-feed', keep: 'may', fault: false },
} as const satisfies Record<string, RuleRow>
export type LinerRule = keyof typeof LINER_RULES

/** Facts that what it says stands on. */
export const LINER_FACTS = [
  'cleanFirst',
  'condition',
  'family',
  'gunLengthM',
  'lengthM',
  'material',
  'maxMm',
  'minMm',
  'sizeMm',
  'soft',
  'trim',
  'wanted',
  'wantedLengthM',
] as const
export type LinerFact = (typeof LINER_FACTS)[number]
