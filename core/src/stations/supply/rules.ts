import type { Rank } from '../../match/ranks.ts'

/** What can be said of the circuit, and what comes of leaving it so. common practice */
export const SUPPLY_RANKS = {
  'supply-not-read': 'spoils-weld',
  'earth-pin-missing': 'harms',
  'circuit-too-small': 'spoils-weld',
  'cord-too-thin': 'harms',
  'supply-fits': 'spoils-weld',
} as const satisfies Record<string, Rank>
export type SupplyRule = keyof typeof SUPPLY_RANKS
