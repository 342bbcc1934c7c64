import type { Room } from '../../match/room.ts'
import { POLARITY_RANKS, type PolarityRule } from './rules.ts'
import { matchPolarity } from './match.ts'

export const POLARITY: Room<PolarityRule> = { match: matchPolarity, ranks: POLARITY_RANKS, readAt: 'source' }
