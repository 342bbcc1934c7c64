import type { RuleRow } from '../../match/ranks.ts'

/** What can be said of polarity, cables and clamp, and what comes of leaving it so. common practice */
export const POLARITY_RULES = {
  'polarity-ask-the-box': { rank: 'spoils-weld', keep: 'may' },
  'polarity-not-read': { rank: 'spoils-weld', keep: 'may' },
  'polarity-gun-negative': { rank: 'spoils-weld', keep: 'never' },
  'polarity-gun-positive': { rank: 'spoils-weld', keep: 'never' },
  'polarity-self-shielded-positive': { rank: 'spoils-weld', keep: 'never' },
  'studs-loose': { rank: 'spoils-weld', keep: 'may' },
  'work-clamp-dirty': { rank: 'spoils-weld', keep: 'may' },
  'work-clamp-worn': { rank: 'spoils-weld', keep: 'may', worn: true },
  'polarity-kept-self-shielded-positive': { rank: 'spoils-weld', keep: 'may' },
  'polarity-usual-is-other': { rank: 'spoils-weld', keep: 'may' },
  'polarity-usual': { rank: 'spoils-weld', keep: 'may' },
  'polarity-negative-by-maker': { rank: 'spoils-weld', keep: 'may' },
  'polarity-right': { rank: 'spoils-weld', keep: 'may' },
} as const satisfies Record<string, RuleRow>
export type PolarityRule = keyof typeof POLARITY_RULES

/** Facts that what it says stands on. */
export const POLARITY_FACTS = [
  'by',
  'byKnown',
  'clamp',
  'clampState',
  'classification',
  'either',
  'family',
  'fitted',
  'open',
  'studsLoose',
  'wanted',
] as const
export type PolarityFact = (typeof POLARITY_FACTS)[number]
