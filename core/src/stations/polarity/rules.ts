import type { Rank } from '../../match/ranks.ts'

/** What can be said of polarity, cables and clamp, and what comes of leaving it so. common practice */
export const POLARITY_RANKS = {
  'polarity-ask-the-box': 'spoils-weld',
  'polarity-not-read': 'spoils-weld',
  'polarity-gun-negative': 'spoils-weld',
  'polarity-gun-positive': 'spoils-weld',
  'polarity-self-shielded-positive': 'spoils-weld',
  'studs-loose': 'spoils-weld',
  'work-clamp-dirty': 'spoils-weld',
  'work-clamp-worn': 'spoils-weld',
  'polarity-kept-self-shielded-positive': 'spoils-weld',
  'polarity-usual-is-other': 'spoils-weld',
  'polarity-usual': 'spoils-weld',
  'polarity-negative-by-maker': 'spoils-weld',
  'polarity-right': 'spoils-weld',
} as const satisfies Record<string, Rank>
export type PolarityRule = keyof typeof POLARITY_RANKS
