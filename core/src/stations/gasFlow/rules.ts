import type { RuleRow } from '../../match/ranks.ts'

/** What can be said of the flow, and what comes of leaving it so. common practice */
export const GAS_FLOW_RULES = {
  'flow-ask-the-box': { rank: 'spoils-weld', keep: 'may' },
  'flow-not-read': { rank: 'spoils-weld', keep: 'may' },
  'flow-to-shut': { rank: 'only-wears', keep: 'never' },
  'flow-shut': { rank: 'spoils-weld', keep: 'may' },
  'flow-to-set': { rank: 'spoils-weld', keep: 'never' },
  'flow-high': { rank: 'spoils-weld', keep: 'may' },
  'flow-low': { rank: 'spoils-weld', keep: 'may' },
  'flow-right': { rank: 'spoils-weld', keep: 'may' },
} as const satisfies Record<string, RuleRow>
export type GasFlowRule = keyof typeof GAS_FLOW_RULES

/** Facts that what it says stands on. */
export const GAS_FLOW_FACTS = [
  'boreAssumed',
  'boreMm',
  'ceiling',
  'fixed',
  'flow',
  'gasNeeded',
  'high',
  'low',
  'trueFlow',
  'value',
] as const
export type GasFlowFact = (typeof GAS_FLOW_FACTS)[number]
