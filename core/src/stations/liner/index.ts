import type { Room } from '../room.ts'
import { LINER_RULES, type LinerRule } from '../pieces/linerRules.ts'
import { matchLiner } from './match.ts'

export const LINER: Room<LinerRule> = {
  match: matchLiner,
  rules: LINER_RULES,
  readAt: 'cabinet',
  readFirst: true,
}
