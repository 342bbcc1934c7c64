import type { LinerRule, LinerFact } from '../pieces/linerRules.ts'
import { FAMILY_SHEETS } from '../../families/index.ts'
import type { Finding, MatchContext } from '../../match/finding.ts'
import { afterChoice } from '../../match/choice.ts'
import { matchGun } from '../gun/match.ts'
import { leadsLinerUp } from '../pieces/guide.ts'
import { judgeLiner } from '../pieces/liner.ts'

/** Material to family, range to diameter, length to the gun. */
export function matchLiner(c: MatchContext): Finding<LinerRule, LinerFact> {
  const { liner } = c.fitted
  // Another gun may be longer: the liner must reach through the one that will be on.
  const gun = afterChoice(c, matchGun(c)).gun ?? undefined
  const judged = judgeLiner(liner, c, (p) => p.kind === 'liner', gun?.lengthM)
  const needs = FAMILY_SHEETS[c.wire.family]
  return {
    station: 'liner',
    verdict: judged.verdict,
    rule: judged.rule,
    also: judged.also,
    facts: {
      material: liner?.material,
      minMm: liner?.minMm,
      maxMm: liner?.maxMm,
      lengthM: liner?.lengthM,
      condition: liner?.condition,
      wanted: judged.after.material,
      wantedLengthM: judged.after.lengthM,
      cleanFirst: judged.cleanFirst ?? false,
      sizeMm: c.wire.diameterMm,
      family: c.wire.family,
      soft: needs.soft,
      // Up to the rolls only where the guide makes room for it; behind one that stays it ends at the gun.
      trim: leadsLinerUp(c) ? 'long' : gun?.linerTrim,
      gunLengthM: gun?.lengthM,
    },
    fitted: liner,
    required: {
      material: [...needs.liner],
      diameterMm: c.wire.diameterMm,
      ...(gun?.lengthM !== undefined && { lengthM: gun.lengthM }),
    },
    alsoDo: needs.tip === 'aluminium-bore' ? ['any-polymer-liner'] : [],
    origin: 'common practice',
    after: { liner: judged.after },
    ...(judged.comes && { comes: { liner: judged.comes } }),
    parts: judged.part
      ? [{ station: 'liner', kind: 'liner', spec: { ...judged.after }, storeIndex: judged.storeIndex }]
      : [],
  }
}
