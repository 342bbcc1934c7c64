import type { Room } from '../room.ts'
import { SPOOL_RULES, type SpoolRule, SPOOL_FACTS, type SpoolFact } from './rules.ts'
import { matchSpool } from './match.ts'

export const SPOOL: Room<SpoolRule, SpoolFact> = {
  match: matchSpool,
  rules: SPOOL_RULES,
  facts: SPOOL_FACTS,
  readAt: 'spool',
  readFirst: true,
}
