import type { Room } from '../room.ts'
import { ROLLS_RULES, type RollsRule, ROLLS_FACTS, type RollsFact } from '../pieces/rollsRules.ts'
import { matchDriveRolls } from './match.ts'

export const DRIVE_ROLLS: Room<RollsRule, RollsFact> = {
  match: matchDriveRolls,
  rules: ROLLS_RULES,
  facts: ROLLS_FACTS,
  readAt: 'cabinet',
  readFirst: true,
}
