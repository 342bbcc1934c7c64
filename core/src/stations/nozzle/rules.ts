import type { RuleRow } from '../../match/ranks.ts'

/** What can be said of the nozzle, and what comes of leaving it so. common practice */
export const NOZZLE_RULES = {
  'nozzle-not-read': { rank: 'spoils-weld', keep: 'may' },
  'gas-nozzle-needed': { rank: 'spoils-weld', keep: 'never' },
  'cap-for-gasless': { rank: 'only-wears', keep: 'may' },
  'guard-for-gasless': { rank: 'only-wears', keep: 'may' },
  'bare-by-practice': { rank: 'only-wears', keep: 'may' },
  'nozzle-worn': { rank: 'spoils-weld', keep: 'may', worn: true },
  'nozzle-dirty': { rank: 'spoils-weld', keep: 'may' },
  'nozzle-fits': { rank: 'spoils-weld', keep: 'may' },
} as const satisfies Record<string, RuleRow>
export type NozzleRule = keyof typeof NOZZLE_RULES

/** Facts that what it says stands on. */
export const NOZZLE_FACTS = ['boreMm', 'capOwned', 'condition', 'gasNeeded', 'kind', 'wanted'] as const
export type NozzleFact = (typeof NOZZLE_FACTS)[number]
