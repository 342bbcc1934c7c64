import type { Room } from '../room.ts'
import { SUPPLY_RULES, type SupplyRule, SUPPLY_FACTS, type SupplyFact } from './rules.ts'
import { matchSupply } from './match.ts'

export const SUPPLY: Room<SupplyRule, SupplyFact> = {
  match: matchSupply,
  rules: SUPPLY_RULES,
  facts: SUPPLY_FACTS,
  readAt: 'mains',
  readFirst: true,
}
