import type { RollPressureRule, RollPressureFact } from './rules.ts'
import { chartMark } from '../../machine/chart.ts'
import { FAMILY_SHEETS } from '../../families/index.ts'
import type { Finding, MatchContext } from '../../match/finding.ts'

/** Whether the wire going on is the one that was on: same family, size and classification. */
export const sameWire = (c: MatchContext): boolean =>
  c.oldWire != null &&
  c.oldWire.family === c.wire.family &&
  c.oldWire.diameterMm === c.wire.diameterMm &&
  c.oldWire.classification === c.wire.classification

/** A hand sets a mark about so near to the one that the machine's chart prints. common practice, no source */
const NEAR_MARK = 0.15
const isOff = (mark: number | undefined, printed: number | undefined): boolean =>
  mark !== undefined && printed !== undefined && Math.abs(mark - printed) > NEAR_MARK * Math.abs(printed)

/** Enough to push, too little to crush; tested again for every other wire, even on the same machine. */
export function matchRollPressure(c: MatchContext): Finding<RollPressureRule, RollPressureFact> {
  const pressure = c.fitted.rollPressure
  const level = FAMILY_SHEETS[c.wire.family].pressure
  const oldLevel = c.oldWire ? FAMILY_SHEETS[c.oldWire.family].pressure : undefined
  const facts = {
    mark: pressure?.mark ?? undefined,
    level,
    oldLevel,
    school: c.practice.pressureTest,
    family: c.wire.family,
    hasScale: c.machine.scale != null,
    chartMark: chartMark(c.machine.pressureChart, c.wire),
  }
  const off = sameWire(c) && isOff(facts.mark, facts.chartMark)
  // The mark belongs to the wire it was tested with, and to a test that it passed: no other is carried on.
  const after = { rollPressure: sameWire(c) && pressure && !off ? pressure : { mark: null } }
  const base = {
    station: 'rollPressure' as const,
    facts,
    fitted: pressure,
    required: { level, test: c.practice.pressureTest },
    alsoDo: [],
    after,
    parts: [],
    origin: 'common practice' as const,
  }
  if (pressure === undefined) return { ...base, verdict: 'unknown', rule: 'pressure-not-read' }
  if (c.oldWire === null || pressure === null) return { ...base, verdict: 'adjust', rule: 'pressure-to-set' }
  if (off) return { ...base, verdict: 'adjust', rule: 'pressure-off-its-mark' }
  return sameWire(c)
    ? { ...base, verdict: 'fits', rule: 'pressure-kept' }
    : { ...base, verdict: 'adjust', rule: 'pressure-for-other-wire' }
}
