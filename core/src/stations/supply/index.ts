import type { Room } from '../room.ts'
import { SUPPLY_RULES, type SupplyRule } from './rules.ts'
import { matchSupply } from './match.ts'

export const SUPPLY: Room<SupplyRule> = {
  match: matchSupply,
  rules: SUPPLY_RULES,
  readAt: 'mains',
  readFirst: true,
}
