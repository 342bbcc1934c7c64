import type { Rank } from '../../match/ranks.ts'

/** What can be said of the gas, and what comes of leaving it so. common practice */
export const GAS_RANKS = {
  'gas-ask-the-box': 'spoils-weld',
  'gas-not-read': 'spoils-weld',
  'no-gas-wanted': 'spoils-weld',
  'gas-shut': 'spoils-weld',
  'gas-to-shut': 'only-wears',
  'gas-missing': 'spoils-weld',
  'active-gas-under-inert-wire': 'spoils-weld',
  'inert-gas-under-steel': 'spoils-weld',
  'gas-outside-designation': 'spoils-weld',
  'gas-by-makers-word': 'spoils-weld',
  'gas-with-a-trace': 'spoils-weld',
  'gas-right': 'spoils-weld',
  'gas-inside-designation-outside-limits': 'spoils-weld',
} as const satisfies Record<string, Rank>
export type GasRule = keyof typeof GAS_RANKS
