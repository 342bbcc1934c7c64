import type { Room } from '../room.ts'
import { NOZZLE_RULES, type NozzleRule } from './rules.ts'
import { matchNozzle } from './match.ts'

export const NOZZLE: Room<NozzleRule> = {
  match: matchNozzle,
  rules: NOZZLE_RULES,
  readAt: 'gun',
  readFirst: true,
}
