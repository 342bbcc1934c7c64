import type { Room } from '../room.ts'
import { GUN_RULES, type GunRule } from './rules.ts'
import { matchGun } from './match.ts'

export const GUN: Room<GunRule> = { match: matchGun, rules: GUN_RULES, readAt: 'cabinet', readFirst: true }
