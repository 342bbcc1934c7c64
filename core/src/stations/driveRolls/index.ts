import type { Room } from '../room.ts'
import { ROLLS_RULES, type RollsRule } from '../pieces/rollsRules.ts'
import { matchDriveRolls } from './match.ts'

export const DRIVE_ROLLS: Room<RollsRule> = {
  match: matchDriveRolls,
  rules: ROLLS_RULES,
  readAt: 'cabinet',
  readFirst: true,
}
