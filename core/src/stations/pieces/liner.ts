import type { LinerRule } from './linerRules.ts'
import type { z } from 'zod'
import type { linerSchema } from '../../machine/fitted/liner.ts'
import type { Part } from '../../machine/store.ts'
import type { Verdict } from '../../machine/stations.ts'
import type { LinerMaterial } from '../../terms/terms.ts'
import { FAMILY_SHEETS } from '../../families/index.ts'
import type { MatchContext } from '../../match/finding.ts'
import { conditionVerdict, pick, worstFirst, type Fault } from '../../match/finding.ts'
import { leadsLinerUp } from './guide.ts'
import { rangeTakes } from '../../wire/sizes.ts'

export type Liner = z.infer<typeof linerSchema>

export interface LinerJudged {
  verdict: Verdict
  rule: LinerRule
  after: Liner
  storeIndex: number | null
  part: boolean
  /** The one in the store is dirty: it is blown out before wire goes through. */
  cleanFirst?: boolean
  /** As it comes from the store, where it is cleaned first. */
  comes?: Liner
  also: readonly Fault<LinerRule>[]
}

/** The wire that goes off is rusty or dirty; one that stays goes on dirtying its liner. */
const rustyWireOn = (c: MatchContext): boolean =>
  !c.wireStays && c.fitted.wire != null && conditionVerdict(c.fitted.wire.condition) !== 'fits'

/** Judges a liner, the gun's own or the second short one of a push-pull gun. */
export function judgeLiner(
  liner: Liner | null | undefined,
  c: MatchContext,
  isStock: (part: Part) => boolean,
  gunLengthM: number | undefined,
  /** It runs the whole gun, not only its end. */
  wholeLength = true,
): LinerJudged {
  const { family, diameterMm: mm } = c.wire
  const needs = FAMILY_SHEETS[family]
  const materials: readonly LinerMaterial[] = needs.liner
  const reaches = (l: { lengthM?: number | undefined }) =>
    l.lengthM === undefined || gunLengthM === undefined || l.lengthM >= gunLengthM - 0.05
  const stock = (part: Part): Liner | undefined =>
    isStock(part) && 'minMm' in part && part.minMm !== undefined ? (part as unknown as Liner) : undefined
  const storeIndex = pick(
    c.store,
    materials.map((material) => (p) => {
      const l = stock(p)
      return (
        l !== undefined &&
        l.material === material &&
        rangeTakes(l, mm) &&
        reaches(l) &&
        (!needs.cleanSteelLiner || l.material !== 'steel-coil' || l.condition === 'new')
      )
    }),
  )
  const picked = storeIndex === null ? undefined : stock(c.store![storeIndex]!)
  const fresh: Liner = {
    material: picked?.material ?? materials[0]!,
    minMm: picked?.minMm ?? mm,
    maxMm: picked?.maxMm ?? mm,
    ...(gunLengthM !== undefined
      ? { lengthM: gunLengthM }
      : picked?.lengthM !== undefined
        ? { lengthM: picked.lengthM }
        : {}),
    ...(picked === undefined
      ? { condition: 'new' as const }
      : picked.condition && {
          condition: picked.condition === 'dirty' ? ('good' as const) : picked.condition,
        }),
  }
  const change = (rule: LinerRule): LinerJudged => ({
    verdict: 'change',
    rule,
    after: fresh,
    storeIndex,
    part: true,
    cleanFirst: picked?.condition === 'dirty',
    ...(picked?.condition === 'dirty' && { comes: { ...fresh, condition: 'dirty' } }),
    also: [],
  })
  if (liner === undefined) return { ...change('liner-not-read'), verdict: 'unknown' }
  if (liner === null) return change('liner-missing')
  const state = conditionVerdict(liner.condition)
  // Rust comes off in the liner: one that carried rusty wire is blown out, whatever it looks like at its end.
  const rusty = liner.condition !== 'new' && liner.condition !== 'dirty' && rustyWireOn(c)
  // Bronze on a steel coil wants a clean one: new, or one that has only carried bronze.
  const notClean =
    needs.cleanSteelLiner &&
    liner.material === 'steel-coil' &&
    liner.condition !== 'new' &&
    c.oldWire?.family !== family
  const toChange = (rule: LinerRule, holds: boolean): Fault<LinerRule> | false =>
    holds && { rule, verdict: 'change' }
  const { main, also } = worstFirst<LinerRule>([
    toChange(
      needs.soft ? 'steel-liner-under-soft-wire' : 'polymer-liner-under-steel',
      !materials.includes(liner.material),
    ),
    toChange('steel-liner-not-clean', notClean),
    toChange('liner-range', !rangeTakes(liner, mm)),
    toChange('liner-short', !reaches(liner)),
    toChange('liner-ends-at-the-gun', wholeLength && leadsLinerUp(c) && c.fitted.gun?.linerTrim !== 'long'),
    toChange('liner-worn', state === 'change'),
    toChange(
      'liner-own-family',
      c.practice.linerOnSizeChange === 'one-per-family' && c.oldWire != null && c.oldWire.family !== family,
    ),
    state === 'adjust' && { rule: 'liner-dirty', verdict: 'adjust' },
    rusty && state === 'fits' && { rule: 'liner-after-rusty-wire', verdict: 'adjust' },
  ])
  if (main?.verdict === 'change') return { ...change(main.rule), also }
  const after: Liner = { ...liner, ...(liner.condition === 'dirty' && { condition: 'good' as const }) }
  return {
    verdict: main?.verdict ?? 'fits',
    rule: main?.rule ?? 'liner-fits',
    also,
    after,
    storeIndex: null,
    part: false,
  }
}
