import type { Rank } from '../../match/ranks.ts'

/** What can be said of the flow, and what comes of leaving it so. common practice */
export const GAS_FLOW_RANKS = {
  'flow-ask-the-box': 'spoils-weld',
  'flow-not-read': 'spoils-weld',
  'flow-to-shut': 'only-wears',
  'flow-shut': 'spoils-weld',
  'flow-to-set': 'spoils-weld',
  'flow-high': 'spoils-weld',
  'flow-low': 'spoils-weld',
  'flow-right': 'spoils-weld',
} as const satisfies Record<string, Rank>
export type GasFlowRule = keyof typeof GAS_FLOW_RANKS
