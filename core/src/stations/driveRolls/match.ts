import { FAMILY_SHEETS } from '../../families/index.ts'
import type { Fault, Finding, MatchContext } from '../../match/finding.ts'
import { asStamp } from '../../wire/sizes.ts'
import { judgeRolls, profilesFor } from '../pieces/rolls.ts'
import type { RollsRule, RollsFact } from '../pieces/rollsRules.ts'

/** Profile to wire family, groove to diameter, the right groove in line with the wire. */
export function matchDriveRolls(c: MatchContext): Finding<RollsRule, RollsFact> {
  const rolls = c.fitted.driveRolls
  const judged = judgeRolls(rolls, c, (p) => p.kind === 'driveRolls')
  const stamp = asStamp(c.wire.diameterMm)
  // Knotted wire is freed first; the rolls under it may be the right ones.
  const birdnest = c.fitted.conditions?.birdnest === true
  const onlyKnotted = birdnest && judged.verdict === 'fits'
  const also: Fault<RollsRule>[] = [
    ...judged.also,
    ...(birdnest && !onlyKnotted ? [{ rule: 'birdnest-at-rolls' as const, verdict: 'adjust' as const }] : []),
  ]
  return {
    station: 'driveRolls',
    also,
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
      cleanFirst: judged.cleanFirst ?? false,
      reverseThread: c.machine.reverseThreads?.includes('rollRetainer') ?? false,
    },
    fitted: rolls,
    required: { profile: profilesFor(c.wire.family, c.practice), groove: stamp },
    alsoDo: FAMILY_SHEETS[c.wire.family].tip === 'aluminium-bore' ? ['v-lightest-short-repair'] : [],
    origin: 'common practice',
    ...(judged.comes && { comes: { driveRolls: judged.comes } }),
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
