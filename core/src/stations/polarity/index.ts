import type { Room } from '../room.ts'
import { POLARITY_RULES, type PolarityRule, POLARITY_FACTS, type PolarityFact } from './rules.ts'
import { matchPolarity } from './match.ts'

export const POLARITY: Room<PolarityRule, PolarityFact> = {
  match: matchPolarity,
  rules: POLARITY_RULES,
  facts: POLARITY_FACTS,
  readAt: 'source',
  readFirst: true,
}
