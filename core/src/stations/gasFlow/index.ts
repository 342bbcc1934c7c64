import type { Room } from '../room.ts'
import { GAS_FLOW_RULES, type GasFlowRule } from './rules.ts'
import { matchGasFlow } from './match.ts'

export const GAS_FLOW: Room<GasFlowRule> = {
  match: matchGasFlow,
  rules: GAS_FLOW_RULES,
  readAt: 'cylinder',
  readFirst: true,
}
