import type { Room } from '../room.ts'
import { GAS_FLOW_RULES, type GasFlowRule, GAS_FLOW_FACTS, type GasFlowFact } from './rules.ts'
import { matchGasFlow } from './match.ts'

export const GAS_FLOW: Room<GasFlowRule, GasFlowFact> = {
  match: matchGasFlow,
  rules: GAS_FLOW_RULES,
  facts: GAS_FLOW_FACTS,
  readAt: 'cylinder',
  readFirst: true,
}
