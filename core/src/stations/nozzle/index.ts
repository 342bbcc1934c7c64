import type { Room } from '../../match/room.ts'
import { NOZZLE_RANKS, type NozzleRule } from './rules.ts'
import { matchNozzle } from './match.ts'

export const NOZZLE: Room<NozzleRule> = { match: matchNozzle, ranks: NOZZLE_RANKS, readAt: 'gun' }
