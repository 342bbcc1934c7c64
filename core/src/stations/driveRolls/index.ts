import type { Room } from '../../match/room.ts'
import { ROLLS_RANKS, type RollsRule } from '../pieces/rollsRules.ts'
import { matchDriveRolls } from './match.ts'

export const DRIVE_ROLLS: Room<RollsRule> = { match: matchDriveRolls, ranks: ROLLS_RANKS, readAt: 'cabinet' }
