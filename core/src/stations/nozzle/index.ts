import type { Room } from '../room.ts'
import { NOZZLE_RULES, type NozzleRule, NOZZLE_FACTS, type NozzleFact } from './rules.ts'
import { matchNozzle } from './match.ts'

export const NOZZLE: Room<NozzleRule, NozzleFact> = {
  match: matchNozzle,
  rules: NOZZLE_RULES,
  facts: NOZZLE_FACTS,
  readAt: 'gun',
  readFirst: true,
}
