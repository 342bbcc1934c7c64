import type { Room } from '../room.ts'
import { GAS_RULES, type GasRule, GAS_FACTS, type GasFact } from './rules.ts'
import { matchGas } from './match.ts'

export const GAS: Room<GasRule, GasFact> = {
  match: matchGas,
  rules: GAS_RULES,
  facts: GAS_FACTS,
  readAt: 'cylinder',
  readFirst: true,
}
