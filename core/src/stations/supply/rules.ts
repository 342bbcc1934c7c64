import type { RuleRow } from '../../match/ranks.ts'

/** What can be said of the circuit, and what comes of leaving it so. common practice */
export const SUPPLY_RULES = {
  'supply-not-read': { rank: 'spoils-weld', keep: 'may' },
  'earth-pin-missing': { rank: 'harms', keep: 'never' },
  'circuit-too-small': { rank: 'spoils-weld', keep: 'may' },
  'cord-too-thin': { rank: 'harms', keep: 'may' },
  'supply-fits': { rank: 'spoils-weld', keep: 'may' },
} as const satisfies Record<string, RuleRow>
export type SupplyRule = keyof typeof SUPPLY_RULES

/** Facts that what it says stands on. */
export const SUPPLY_FACTS = [
  'breakerA',
  'byJob',
  'cordLengthM',
  'cordMm2',
  'cordWantedMm2',
  'neededA',
  'ratedA',
  'small',
  'voltageV',
] as const
export type SupplyFact = (typeof SUPPLY_FACTS)[number]
