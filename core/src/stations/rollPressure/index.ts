import type { Room } from '../room.ts'
import { ROLL_PRESSURE_RULES, type RollPressureRule } from './rules.ts'
import { matchRollPressure } from './match.ts'

export const ROLL_PRESSURE: Room<RollPressureRule> = {
  match: matchRollPressure,
  rules: ROLL_PRESSURE_RULES,
  readAt: 'cabinet',
}
