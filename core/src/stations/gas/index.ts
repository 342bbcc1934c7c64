import type { Room } from '../room.ts'
import { GAS_RULES, type GasRule } from './rules.ts'
import { matchGas } from './match.ts'

export const GAS: Room<GasRule> = { match: matchGas, rules: GAS_RULES, readAt: 'cylinder', readFirst: true }
