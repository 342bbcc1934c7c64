import type { Room } from '../../match/room.ts'
import { ROLL_PRESSURE_RANKS, type RollPressureRule } from './rules.ts'
import { matchRollPressure } from './match.ts'

export const ROLL_PRESSURE: Room<RollPressureRule> = {
  match: matchRollPressure,
  ranks: ROLL_PRESSURE_RANKS,
  readAt: 'cabinet',
}
