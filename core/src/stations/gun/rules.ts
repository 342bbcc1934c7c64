import type { Rank } from '../../match/ranks.ts'
import { LINER_RANKS, type LinerRule } from '../pieces/linerRules.ts'
import { ROLLS_RANKS, type RollsRule } from '../pieces/rollsRules.ts'

/** What can be said of the gun, and what comes of leaving it so. common practice */
const OWN_RANKS = {
  'gun-not-read': 'stops-feed',
  'gun-length-not-read': 'stops-feed',
  'gun-missing': 'stops-feed',
  'gun-worn': 'stops-feed',
  'no-push-by-practice': 'stops-feed',
  'push-too-long': 'stops-feed',
  'o-ring-cracked': 'spoils-weld',
  'o-ring-dirty': 'spoils-weld',
  'gun-dirty': 'spoils-weld',
  'gun-fits': 'stops-feed',
} as const satisfies Record<string, Rank>

type PieceRule = RollsRule | LinerRule
/** The same said of the gun's own rolls and second liner. */
export type GunPieceRule = `gun-${PieceRule}`
export type GunRule = keyof typeof OWN_RANKS | GunPieceRule
export const GUN_PIECE_RULES = [...Object.keys(ROLLS_RANKS), ...Object.keys(LINER_RANKS)] as PieceRule[]

export const GUN_RANKS = {
  ...OWN_RANKS,
  ...Object.fromEntries(GUN_PIECE_RULES.map((rule) => [`gun-${rule}`, 'stops-feed'])),
} as Record<GunRule, Rank>
