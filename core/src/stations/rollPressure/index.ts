import type { Room } from '../room.ts'
import {
  ROLL_PRESSURE_RULES,
  type RollPressureRule,
  ROLL_PRESSURE_FACTS,
  type RollPressureFact,
} from './rules.ts'
import { matchRollPressure } from './match.ts'

export const ROLL_PRESSURE: Room<RollPressureRule, RollPressureFact> = {
  match: matchRollPressure,
  rules: ROLL_PRESSURE_RULES,
  facts: ROLL_PRESSURE_FACTS,
  readAt: 'cabinet',
}
