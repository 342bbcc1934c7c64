import type { Room } from '../../match/room.ts'
import { GAS_FLOW_RANKS, type GasFlowRule } from './rules.ts'
import { matchGasFlow } from './match.ts'

export const GAS_FLOW: Room<GasFlowRule> = { match: matchGasFlow, ranks: GAS_FLOW_RANKS, readAt: 'cylinder' }
