import type { z } from 'zod'
import { FAMILY_SHEETS } from '../../families/index.ts'
import type { Part } from '../../machine/store.ts'
import type { rollsSchema } from '../../machine/fitted/driveRolls.ts'
import type { Verdict } from '../../machine/stations.ts'
import { conditionVerdict, pick, type MatchContext } from '../../match/finding.ts'
import type { Practice } from '../../practice/schools.ts'
import type { Family, GrooveProfile } from '../../terms/terms.ts'
import { asStamp, stampedLike, stampTakes } from '../../wire/sizes.ts'
import type { RollsRule } from './rollsRules.ts'

export type Rolls = z.infer<typeof rollsSchema>

/** Groove profiles a family takes, best first; metal-cored wire is a school. common practice */
export const profilesFor = (family: Family, practice: Practice): GrooveProfile[] =>
  FAMILY_SHEETS[family].fineKnurlSchool && practice.metalCoredRolls === 'fine-knurl'
    ? ['knurled-v', 'smooth-v', 'smooth-u']
    : [...FAMILY_SHEETS[family].rolls]

/** Why a profile is wrong for a family. */
function profileRule(profile: GrooveProfile, family: Family): RollsRule {
  if (profile === 'knurled-v')
    return FAMILY_SHEETS[family].soft
      ? 'knurl-cuts-soft-wire'
      : FAMILY_SHEETS[family].fineKnurlSchool
        ? 'knurl-crushes-sheath'
        : 'knurl-shaves-solid'
  if (FAMILY_SHEETS[family].rolls[0] === 'knurled-v') return 'smooth-slips-on-cored'
  if (FAMILY_SHEETS[family].soft) return 'v-pinches-soft-wire'
  return 'u-slips-on-hard-wire'
}

export interface RollsJudged {
  verdict: Verdict
  rule: RollsRule
  after: Rolls
  storeIndex: number | null
  part: boolean
}

/** Judges one set of rolls, the feeder's or a gun's own. */
export function judgeRolls(
  rolls: Rolls | null | undefined,
  c: MatchContext,
  isStock: (part: Part) => boolean,
): RollsJudged {
  const mm = c.wire.diameterMm
  const profiles = profilesFor(c.wire.family, c.practice)
  const stock = (part: Part): Rolls | undefined =>
    isStock(part) && 'grooves' in part && part.grooves ? (part as unknown as Rolls) : undefined
  const storeIndex = pick(
    c.store,
    profiles.flatMap((profile) => [
      (p: Part) =>
        stock(p)?.profile === profile && stock(p)!.grooves.some((g) => stampedLike(g, c.wire.diameterLabel)),
      (p: Part) => stock(p)?.profile === profile && stock(p)!.grooves.some((g) => stampTakes(g, mm)),
    ]),
  )
  const picked = storeIndex === null ? undefined : stock(c.store![storeIndex]!)
  const grooves = picked?.grooves ?? [asStamp(mm)]
  const fresh: Rolls = {
    profile: picked?.profile ?? profiles[0]!,
    grooves: [...grooves],
    active: grooves.find((g) => stampTakes(g, mm))!,
  }
  const change = (rule: RollsRule): RollsJudged => ({
    verdict: 'change',
    rule,
    after: fresh,
    storeIndex,
    part: true,
  })
  if (rolls === undefined) return { ...change('rolls-not-read'), verdict: 'unknown' }
  if (rolls === null) return change('rolls-missing')
  if (!profiles.includes(rolls.profile)) return change(profileRule(rolls.profile, c.wire.family))
  const groove = rolls.grooves.find((g) => stampTakes(g, mm))
  if (groove === undefined) return change('no-groove-for-size')
  const state = conditionVerdict(rolls.condition)
  if (state === 'change') return change('rolls-worn')
  const keep = (verdict: Verdict, rule: RollsRule): RollsJudged => ({
    verdict,
    rule,
    storeIndex: null,
    part: false,
    after: { ...rolls, active: groove, ...(rolls.condition === 'dirty' && { condition: 'good' as const }) },
  })
  const onlyGroove = rolls.grooves.length === 1
  if (rolls.active === undefined && !onlyGroove) return keep('unknown', 'active-groove-not-read')
  if (rolls.active !== undefined && !stampTakes(rolls.active, mm))
    return keep('adjust', 'other-groove-active')
  if (state === 'adjust') return keep('adjust', 'grooves-dirty')
  return keep('fits', 'rolls-fit')
}
