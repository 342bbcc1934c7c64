/** What comes of leaving a finding as it is, worst first. */
export const RANKS = ['harms', 'stops-feed', 'spoils-weld', 'only-wears'] as const
export type Rank = (typeof RANKS)[number]
