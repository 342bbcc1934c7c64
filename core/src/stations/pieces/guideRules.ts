import type { RuleRow } from '../../match/ranks.ts'

/** What can be said of a guide, and what comes of leaving it so. common practice */
export const GUIDE_RULES = {
  'guide-not-read': { rank: 'stops-feed', keep: 'may' },
  'guide-missing': { rank: 'stops-feed', keep: 'may' },
  'guide-material': { rank: 'stops-feed', keep: 'may' },
  'guide-worn': { rank: 'only-wears', keep: 'may', worn: true },
  'guide-touches-roll': { rank: 'only-wears', keep: 'may' },
  'guide-gap-wide': { rank: 'stops-feed', keep: 'may' },
  'guide-dirty': { rank: 'only-wears', keep: 'may' },
  'liner-led-to-rolls': { rank: 'stops-feed', keep: 'may' },
  'liner-to-be-led-up': { rank: 'stops-feed', keep: 'may' },
  'feeder-at-rest': { rank: 'only-wears', keep: 'may', fault: false },
  'guide-fits': { rank: 'stops-feed', keep: 'may' },
} as const satisfies Record<string, RuleRow>
export type GuideRule = keyof typeof GUIDE_RULES

/** Facts that what it says stands on. */
export const GUIDE_FACTS = ['condition', 'family', 'gapMm', 'material', 'soft', 'wanted'] as const
export type GuideFact = (typeof GUIDE_FACTS)[number]
