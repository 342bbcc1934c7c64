import type { Room } from '../../match/room.ts'
import { SPOOL_RANKS, type SpoolRule } from './rules.ts'
import { matchSpool } from './match.ts'

export const SPOOL: Room<SpoolRule> = { match: matchSpool, ranks: SPOOL_RANKS, readAt: 'spool' }
