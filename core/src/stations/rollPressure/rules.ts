import type { RuleRow } from '../../match/ranks.ts'

/** What can be said of the roll pressure, and what comes of leaving it so. common practice */
export const ROLL_PRESSURE_RULES = {
  'pressure-not-read': { rank: 'stops-feed', keep: 'may' },
  'pressure-to-set': { rank: 'stops-feed', keep: 'may' },
  'pressure-for-other-wire': { rank: 'stops-feed', keep: 'may' },
  'pressure-off-its-mark': { rank: 'stops-feed', keep: 'may' },
  'pressure-kept': { rank: 'stops-feed', keep: 'may' },
} as const satisfies Record<string, RuleRow>
export type RollPressureRule = keyof typeof ROLL_PRESSURE_RULES

/** Facts that what it says stands on. */
export const ROLL_PRESSURE_FACTS = [
  'chartMark',
  'family',
  'hasScale',
  'level',
  'mark',
  'oldLevel',
  'school',
] as const
export type RollPressureFact = (typeof ROLL_PRESSURE_FACTS)[number]
