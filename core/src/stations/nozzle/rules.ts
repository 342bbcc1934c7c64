import type { Rank } from '../../match/ranks.ts'

/** What can be said of the nozzle, and what comes of leaving it so. common practice */
export const NOZZLE_RANKS = {
  'nozzle-not-read': 'spoils-weld',
  'gas-nozzle-needed': 'spoils-weld',
  'cap-for-gasless': 'only-wears',
  'guard-for-gasless': 'only-wears',
  'bare-by-practice': 'only-wears',
  'nozzle-worn': 'spoils-weld',
  'nozzle-dirty': 'spoils-weld',
  'nozzle-fits': 'spoils-weld',
} as const satisfies Record<string, Rank>
export type NozzleRule = keyof typeof NOZZLE_RANKS
