import type { z } from 'zod'
import type { Part, rollsSchema } from '../machine/schema.ts'
import type { Verdict } from '../machine/stations.ts'
import type { Practice } from '../practice/practice.ts'
import type { Family, GrooveProfile } from '../wire/families.ts'
import { FAMILY_SHEETS } from '../families/index.ts'
import type { Finding, MatchContext } from './finding.ts'
import { conditionVerdict, pick } from './finding.ts'
import { asStamp, stampedLike, stampTakes } from './sizes.ts'

export type Rolls = z.infer<typeof rollsSchema>

/** Groove profiles a family takes, best first; metal-cored wire is a school. common practice */
export const profilesFor = (family: Family, practice: Practice): GrooveProfile[] =>
  FAMILY_SHEETS[family].fineKnurlSchool && practice.metalCoredRolls === 'fine-knurl'
    ? ['knurled-v', 'smooth-v', 'smooth-u']
    : [...FAMILY_SHEETS[family].rolls]

/** Why a profile is wrong for a family. */
function profileRule(profile: GrooveProfile, family: Family): string {
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
  rule: string
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
  const change = (rule: string): RollsJudged => ({
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
  const keep = (verdict: Verdict, rule: string): RollsJudged => ({
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

/** Profile to wire family, groove to diameter, the right groove in line with the wire. */
export function matchDriveRolls(c: MatchContext): Finding {
  const rolls = c.fitted.driveRolls
  const judged = judgeRolls(rolls, c, (p) => p.kind === 'driveRolls')
  const stamp = asStamp(c.wire.diameterMm)
  // Knotted wire is freed first; the rolls under it may be the right ones.
  const birdnest = c.fitted.conditions?.birdnest === true
  const onlyKnotted = birdnest && judged.verdict === 'fits'
  return {
    station: 'driveRolls',
    verdict: onlyKnotted ? 'adjust' : judged.verdict,
    rule: onlyKnotted ? 'birdnest-at-rolls' : judged.rule,
    facts: {
      profile: rolls?.profile,
      active: rolls?.active,
      grooves: rolls?.grooves,
      condition: rolls?.condition,
      wantedProfile: judged.after.profile,
      wantedGroove: judged.after.active,
      sizeMm: c.wire.diameterMm,
      family: c.wire.family,
      workingGroove: c.machine.workingGroove,
      matchedTopRolls: c.machine.matchedTopRolls ?? false,
      rollPairs: c.machine.rollPairs ?? 1,
      birdnest,
      reverseThread: c.machine.reverseThreads?.includes('rollRetainer') ?? false,
    },
    fitted: rolls,
    required: { profile: profilesFor(c.wire.family, c.practice), groove: stamp },
    alsoDo: FAMILY_SHEETS[c.wire.family].tip === 'aluminium-bore' ? ['v-lightest-short-repair'] : [],
    origin: 'common practice',
    after: { driveRolls: judged.after, ...(birdnest && { conditions: { birdnest: false } }) },
    parts: judged.part
      ? [
          {
            station: 'driveRolls',
            kind: 'driveRolls',
            spec: { ...judged.after },
            storeIndex: judged.storeIndex,
          },
        ]
      : [],
  }
}
