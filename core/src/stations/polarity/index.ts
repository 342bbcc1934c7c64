import type { Room } from '../room.ts'
import { POLARITY_RULES, type PolarityRule } from './rules.ts'
import { matchPolarity } from './match.ts'

export const POLARITY: Room<PolarityRule> = {
  match: matchPolarity,
  rules: POLARITY_RULES,
  readAt: 'source',
  readFirst: true,
}
