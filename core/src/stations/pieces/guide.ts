import type { GuideRule } from './guideRules.ts'
import type { Family } from '../../terms/terms.ts'
import { FAMILY_SHEETS } from '../../families/index.ts'
import type { Finding, MatchContext } from '../../match/finding.ts'
import { usedAt } from '../../match/choice.ts'
import { conditionVerdict, keeps, pick, worstFirst } from '../../match/finding.ts'

/** Clearance from guide to roll, mm: good at 2; soft wire folds in more than 6. common practice */
export const GUIDE_GAP_MM = { good: 2, mostForSoft: 6 }

/** A polymer liner that is left long, in a gun trimmed so: it takes the outlet guide’s place. common practice */
const linerLedToRolls = ({ fitted, wire }: MatchContext): boolean =>
  FAMILY_SHEETS[wire.family].soft &&
  fitted.gun?.linerTrim === 'long' &&
  fitted.liner != null &&
  fitted.liner.material !== 'steel-coil'

/** A steel coil is not led up to the rolls: soft wire that may run in one keeps its outlet guide. common practice */
export const mayLeadLinerUp = (family: Family): boolean =>
  FAMILY_SHEETS[family].soft && !FAMILY_SHEETS[family].liner.includes('steel-coil')

/** The shop leads the liner of soft wire up to the rolls. */
export const leadsLinerUp = (c: MatchContext): boolean =>
  mayLeadLinerUp(c.wire.family) &&
  c.practice.softWireOutlet === 'liner-to-rolls' &&
  // A guide that is kept or chosen stands in its way.
  usedAt(c, 'outletGuide') === undefined &&
  !(keeps(c, 'outletGuide') && c.fitted.outletGuide) &&
  // A liner that is left as it is goes no further than it does, and a steel coil that is chosen is not led up.
  (!keeps(c, 'liner') || linerLedToRolls(c)) &&
  (usedAt(c, 'liner')?.fitted as { material?: string } | undefined)?.material !== 'steel-coil'

/** Inlet and outlet guide ask the same: material by family, close to the rolls, not touching. */
export function matchGuide(station: 'inletGuide' | 'outletGuide', c: MatchContext): Finding<GuideRule> {
  const guide = c.fitted[station]
  const needs = FAMILY_SHEETS[c.wire.family]
  const gap = guide?.gapMm
  const [best] = needs.guides
  const material = guide && needs.guides.includes(guide.material) ? guide.material : best!
  const required = {
    material: [...needs.guides],
    gapMm: { min: 0.5, max: needs.soft ? GUIDE_GAP_MM.mostForSoft : undefined, good: GUIDE_GAP_MM.good },
  }
  const facts = {
    material: guide?.material,
    wanted: material,
    gapMm: gap,
    soft: needs.soft,
    family: c.wire.family,
    condition: guide?.condition,
  }
  const gapPoor = gap !== undefined && (gap === 0 || (needs.soft && gap > GUIDE_GAP_MM.mostForSoft))
  const storeIndex = pick(
    c.store,
    needs.guides.map((m) => (p) => p.kind === station && p.material === m),
  )
  const picked = storeIndex === null ? undefined : c.store![storeIndex]
  const fittedMaterial =
    picked && 'material' in picked && (picked.kind === 'inletGuide' || picked.kind === 'outletGuide')
      ? picked.material
      : best!
  const part = {
    station,
    kind: station,
    spec: { material: fittedMaterial, diameterMm: c.wire.diameterMm },
    storeIndex,
  }
  const goodGap = gap === undefined ? {} : { gapMm: GUIDE_GAP_MM.good }
  const replaced: Finding['after'] = { [station]: { material: fittedMaterial, gapMm: GUIDE_GAP_MM.good } }
  const kept: Finding['after'] = {
    [station]: guide
      ? {
          ...guide,
          ...(gapPoor && goodGap),
          condition: guide.condition === 'dirty' ? 'good' : guide.condition,
        }
      : guide,
  }
  const base = {
    station,
    facts,
    fitted: guide,
    required,
    // Where no polymer guide is owned the liner may go all the way.
    alsoDo:
      station === 'outletGuide' && needs.soft && storeIndex === null
        ? (['liner-up-to-the-rolls'] as const)
        : [],
    origin: 'common practice' as const,
  }
  // Guns for aluminium are often run so: the liner itself led up to the rolls, the outlet tube taken out.
  if (guide === null && station === 'outletGuide' && linerLedToRolls(c))
    return { ...base, verdict: 'fits', rule: 'liner-led-to-rolls', after: { outletGuide: null }, parts: [] }
  if (station === 'outletGuide' && leadsLinerUp(c))
    return {
      ...base,
      verdict: 'change',
      rule: 'liner-to-be-led-up',
      alsoDo: [],
      after: { outletGuide: null },
      parts: [],
    }
  if (guide === undefined)
    return { ...base, verdict: 'unknown', rule: 'guide-not-read', after: replaced, parts: [part] }
  if (guide === null)
    return { ...base, verdict: 'change', rule: 'guide-missing', after: replaced, parts: [part] }
  const state = conditionVerdict(guide.condition)
  const { main, also } = worstFirst<GuideRule>([
    !needs.guides.includes(guide.material) && { rule: 'guide-material', verdict: 'change' },
    state === 'change' && { rule: 'guide-worn', verdict: 'change' },
    gapPoor && { rule: gap === 0 ? 'guide-touches-roll' : 'guide-gap-wide', verdict: 'adjust' },
    state === 'adjust' && { rule: 'guide-dirty', verdict: 'adjust' },
  ])
  const goes = main?.verdict === 'change'
  return {
    ...base,
    verdict: main?.verdict ?? 'fits',
    rule: main?.rule ?? 'guide-fits',
    also,
    after: goes ? replaced : kept,
    parts: goes ? [part] : [],
  }
}
