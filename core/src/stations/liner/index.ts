import type { Room } from '../room.ts'
import { LINER_RULES, type LinerRule, LINER_FACTS, type LinerFact } from '../pieces/linerRules.ts'
import { matchLiner } from './match.ts'

export const LINER: Room<LinerRule, LinerFact> = {
  match: matchLiner,
  rules: LINER_RULES,
  facts: LINER_FACTS,
  readAt: 'cabinet',
  readFirst: true,
}
