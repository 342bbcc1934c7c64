import type { Room } from '../../match/room.ts'
import { GUN_RANKS, type GunRule } from './rules.ts'
import { matchGun } from './match.ts'

export const GUN: Room<GunRule> = { match: matchGun, ranks: GUN_RANKS, readAt: 'cabinet' }
