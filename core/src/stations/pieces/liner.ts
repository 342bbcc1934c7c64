import type { LinerRule } from './linerRules.ts'
import type { z } from 'zod'
import type { linerSchema } from '../../machine/fitted/liner.ts'
import type { Part } from '../../machine/store.ts'
import type { Verdict } from '../../machine/stations.ts'
import type { LinerMaterial } from '../../terms/terms.ts'
import { FAMILY_SHEETS } from '../../families/index.ts'
import type { MatchContext } from '../../match/finding.ts'
import { conditionVerdict, pick } from '../../match/finding.ts'
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
}

/** The wire on the machine is rusty or dirty. */
const rustyWireOn = (c: MatchContext): boolean =>
  c.fitted.wire != null && conditionVerdict(c.fitted.wire.condition) !== 'fits'

/** Judges a liner, the gun's own or the second short one of a push-pull gun. */
export function judgeLiner(
  liner: Liner | null | undefined,
  c: MatchContext,
  isStock: (part: Part) => boolean,
  gunLengthM: number | undefined,
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
  })
  if (liner === undefined) return { ...change('liner-not-read'), verdict: 'unknown' }
  if (liner === null) return change('liner-missing')
  const state = conditionVerdict(liner.condition)
  // Rust comes off in the liner: one that carried rusty wire is blown out, whatever it looks like at its end.
  const rusty = liner.condition !== 'new' && liner.condition !== 'dirty' && rustyWireOn(c)
  if (!materials.includes(liner.material))
    return change(needs.soft ? 'steel-liner-under-soft-wire' : 'polymer-liner-under-steel')
  // Bronze on a steel coil wants a clean one: new, or one that has only carried bronze.
  if (
    needs.cleanSteelLiner &&
    liner.material === 'steel-coil' &&
    liner.condition !== 'new' &&
    c.oldWire?.family !== family
  )
    return change('steel-liner-not-clean')
  if (!rangeTakes(liner, mm)) return change('liner-range')
  if (!reaches(liner)) return change('liner-short')
  if (state === 'change') return change('liner-worn')
  if (c.practice.linerOnSizeChange === 'one-per-family' && c.oldWire && c.oldWire.family !== family)
    return change('liner-own-family')
  const after: Liner = { ...liner, ...(liner.condition === 'dirty' && { condition: 'good' as const }) }
  if (rusty && state === 'fits')
    return { verdict: 'adjust', rule: 'liner-after-rusty-wire', after, storeIndex: null, part: false }
  return state === 'adjust'
    ? { verdict: 'adjust', rule: 'liner-dirty', after, storeIndex: null, part: false }
    : { verdict: 'fits', rule: 'liner-fits', after, storeIndex: null, part: false }
}
