import type { Room } from '../../match/room.ts'
import { GAS_RANKS, type GasRule } from './rules.ts'
import { matchGas } from './match.ts'

export const GAS: Room<GasRule> = { match: matchGas, ranks: GAS_RANKS, readAt: 'cylinder' }
