import type { Room } from '../../match/room.ts'
import { LINER_RANKS, type LinerRule } from '../pieces/linerRules.ts'
import { matchLiner } from './match.ts'

export const LINER: Room<LinerRule> = { match: matchLiner, ranks: LINER_RANKS, readAt: 'cabinet' }
