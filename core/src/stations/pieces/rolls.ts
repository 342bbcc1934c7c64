import { FAMILY_SHEETS } from '../../families/index.ts'
import type { Part } from '../../machine/store.ts'
import { groovesOf, isInLine, type Groove, type Rolls } from '../../machine/fitted/driveRolls.ts'
import type { Verdict } from '../../machine/stations.ts'
import { conditionVerdict, pick, type Fault, type MatchContext } from '../../match/finding.ts'
import type { Practice } from '../../practice/schools.ts'
import type { Family, GrooveProfile } from '../../terms/terms.ts'
import { asStamp, stampedLike, stampTakes } from '../../wire/sizes.ts'
import type { RollsRule } from './rollsRules.ts'

export type { Rolls }

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
  also: readonly Fault<RollsRule>[]
  cleanFirst?: boolean
  /** As it comes from the store, where it is cleaned first. */
  comes?: Rolls
}

const grooveStates = ({ grooveConditions }: Rolls): Pick<Rolls, 'grooveConditions'> =>
  grooveConditions ? { grooveConditions } : {}
const brushed = (states: Rolls['grooveConditions']): Pick<Rolls, 'grooveConditions'> =>
  states ? { grooveConditions: states.map((state) => (state === 'dirty' ? 'good' : state)) } : {}

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
  const right = (rolls: Rolls, wish: (groove: Groove) => boolean = () => true): Groove | undefined =>
    profiles
      .flatMap((profile) => groovesOf(rolls).filter((g) => g.profile === profile && stampTakes(g.stamp, mm)))
      .find((g) => conditionVerdict(g.condition) !== 'change' && wish(g))
  const storeIndex = pick(
    c.store,
    profiles.flatMap((profile) =>
      [
        (g: Groove) => g.profile === profile && stampedLike(g.stamp, c.wire.diameterLabel),
        (g: Groove) => g.profile === profile,
      ].map((wish) => (p: Part) => {
        const rolls = stock(p)
        return rolls !== undefined && right(rolls, wish) !== undefined
      }),
    ),
  )
  const picked = storeIndex === null ? undefined : stock(c.store![storeIndex]!)
  const pickedDirty = picked !== undefined && conditionVerdict(right(picked)?.condition) === 'adjust'
  const turned = (rolls: Rolls, groove: Groove): Rolls => ({
    ...rolls,
    profile: groove.profile,
    active: groove.stamp,
    ...(rolls.grooveProfiles && { activeProfile: groove.profile }),
  })
  const fresh: Rolls = picked
    ? turned(
        {
          profile: picked.profile,
          grooves: [...picked.grooves],
          ...(picked.grooveProfiles && { grooveProfiles: picked.grooveProfiles }),
          ...(pickedDirty ? brushed(picked.grooveConditions) : grooveStates(picked)),
        },
        right(picked)!,
      )
    : { profile: profiles[0]!, grooves: [asStamp(mm)], active: asStamp(mm) }
  /** Worn or dirty besides what is wrong first; a set that goes takes it along. */
  const worn = (first: RollsRule): Fault<RollsRule>[] => {
    const verdict = conditionVerdict(rolls?.condition)
    const rule = verdict === 'change' ? 'rolls-worn' : 'grooves-dirty'
    return verdict === 'fits' || rule === first ? [] : [{ rule, verdict }]
  }
  const change = (rule: RollsRule): RollsJudged => ({
    verdict: 'change',
    rule,
    after: fresh,
    storeIndex,
    part: true,
    also: worn(rule),
    // One that lay in the store dirty is brushed when it is on.
    cleanFirst: pickedDirty,
    ...(pickedDirty && {
      comes: {
        ...fresh,
        ...(picked.grooveConditions ? grooveStates(picked) : { condition: picked.condition }),
      },
    }),
  })
  if (rolls === undefined) return { ...change('rolls-not-read'), verdict: 'unknown' }
  if (rolls === null) return change('rolls-missing')
  const grooves = groovesOf(rolls)
  const inLine = grooves.find((g) => isInLine(rolls, g)) ?? grooves[0]!
  if (!grooves.some((g) => profiles.includes(g.profile)))
    return change(profileRule(inLine.profile, c.wire.family))
  const able = grooves.filter((g) => profiles.includes(g.profile) && stampTakes(g.stamp, mm))
  // A groove of the right size and another profile, with none of the right one: the profile is what is wrong.
  if (able.length === 0)
    return change(
      grooves.some((g) => stampTakes(g.stamp, mm)) && !profiles.includes(inLine.profile)
        ? profileRule(inLine.profile, c.wire.family)
        : 'no-groove-for-size',
    )
  const groove = right(rolls)
  if (groove === undefined) return change('rolls-worn')
  const state = conditionVerdict(rolls.condition ?? groove.condition)
  if (state === 'change' && rolls.grooveConditions === undefined) return change('rolls-worn')
  // A right groove in line stays, unless it is worn and another is not.
  const kept = able.find((g) => isInLine(rolls, g) && conditionVerdict(g.condition) !== 'change')
  const keep = (verdict: Verdict, rule: RollsRule): RollsJudged => ({
    verdict,
    rule,
    storeIndex: null,
    part: false,
    also:
      state === 'adjust' && rule !== 'grooves-dirty' ? [{ rule: 'grooves-dirty', verdict: 'adjust' }] : [],
    after: {
      ...turned(rolls, kept ?? groove),
      ...(rolls.condition === 'dirty' && { condition: 'good' as const }),
      ...(state === 'adjust' && brushed(rolls.grooveConditions)),
    },
  })
  const onlyGroove = rolls.grooves.length === 1
  if (rolls.active === undefined && !onlyGroove) return keep('unknown', 'active-groove-not-read')
  if (rolls.active !== undefined && !kept && !onlyGroove) return keep('adjust', 'other-groove-active')
  if (state === 'adjust') return keep('adjust', 'grooves-dirty')
  return keep('fits', 'rolls-fit')
}
