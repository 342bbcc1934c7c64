import type { Room } from '../room.ts'
import { SPOOL_RULES, type SpoolRule } from './rules.ts'
import { matchSpool } from './match.ts'

export const SPOOL: Room<SpoolRule> = {
  match: matchSpool,
  rules: SPOOL_RULES,
  readAt: 'spool',
  readFirst: true,
}
