import type { Room } from '../../match/room.ts'
import { SUPPLY_RANKS, type SupplyRule } from './rules.ts'
import { matchSupply } from './match.ts'

export const SUPPLY: Room<SupplyRule> = { match: matchSupply, ranks: SUPPLY_RANKS, readAt: 'mains' }
