import type { RuleRow } from '../../match/ranks.ts'
import { LINER_RULES, type LinerRule } from '../pieces/linerRules.ts'
import { ROLLS_RULES, type RollsRule } from '../pieces/rollsRules.ts'

/** What can be said of the gun, and what comes of leaving it so. common practice */
const OWN_RULES = {
  'gun-not-read': { rank: 'stops-feed', keep: 'may' },
  'gun-length-not-read': { rank: 'stops-feed', keep: 'may' },
  'gun-missing': { rank: 'stops-feed', keep: 'never' },
  'gun-worn': { rank: 'stops-feed', keep: 'may', worn: true },
  'no-push-by-practice': { rank: 'stops-feed', keep: 'may' },
  'push-too-long': { rank: 'stops-feed', keep: 'may' },
  'o-ring-cracked': { rank: 'spoils-weld', keep: 'may' },
  'o-ring-dirty': { rank: 'spoils-weld', keep: 'may' },
  'gun-dirty': { rank: 'spoils-weld', keep: 'may' },
  'gun-fits': { rank: 'stops-feed', keep: 'may' },
} as const satisfies Record<string, RuleRow>

type PieceRule = RollsRule | LinerRule
/** The same said of the gun's own rolls and second liner. */
export type GunPieceRule = `gun-${PieceRule}`
export type GunRule = keyof typeof OWN_RULES | GunPieceRule

export const GUN_RULES = {
  ...OWN_RULES,
  ...Object.fromEntries(
    Object.entries<RuleRow>({ ...ROLLS_RULES, ...LINER_RULES }).map(([rule, row]) => [
      `gun-${rule}`,
      { ...row, rank: 'stops-feed' },
    ]),
  ),
} as Record<GunRule, RuleRow>

/** Faults of a piece, as the gun says them. */
const ofGun = <R extends PieceRule>(rows: Readonly<Record<R, RuleRow>>) =>
  (Object.keys(rows) as R[])
    .filter((rule) => rows[rule].fault !== false)
    .map((rule): GunPieceRule => `gun-${rule}`)
export const GUN_ROLLS_FAULTS = ofGun<RollsRule>(ROLLS_RULES)
export const GUN_LINER_FAULTS = ofGun<LinerRule>(LINER_RULES)

/** Facts that what it says stands on. */
export const GUN_FACTS = [
  'condition',
  'conditionGoing',
  'family',
  'feedsAtAll',
  'innerLiner',
  'innerLinerCleanFirst',
  'innerLinerRule',
  'kind',
  'lengthM',
  'limitM',
  'oRing',
  'oRingVerdict',
  'reverseThread',
  'rolls',
  'rollsDirtyToo',
  'rollsRule',
  'sizeMm',
  'soft',
  'wanted',
] as const
export type GunFact = (typeof GUN_FACTS)[number]
