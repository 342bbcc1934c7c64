import type { Room } from '../room.ts'
import { GUN_RULES, type GunRule, GUN_FACTS, type GunFact } from './rules.ts'
import { matchGun } from './match.ts'

export const GUN: Room<GunRule, GunFact> = {
  match: matchGun,
  rules: GUN_RULES,
  facts: GUN_FACTS,
  readAt: 'cabinet',
  readFirst: true,
}
