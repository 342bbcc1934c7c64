import { metalsOf, warmthAt } from '../metals/joint.ts'
import type { MatchContext } from './finding.ts'

/** Aluminium is warmed where it is thick. recalled from memory, M: not at 6 mm */
const ALUMINIUM_FROM_MM = 12
/** Warmer than that it loses its strength. published: AWS D1.2, EN 1011-4, recalled from memory */
const ALUMINIUM_MOST_C = 120

/** How warm the piece is to be before the arc, °C: at least, at most where a span is given. */
export interface Preheat {
  by: 'row' | 'aluminium' | 'maker' | 'iron'
  c?: number
  to?: number
  /** Never warmer between passes, °C. */
  interpassC?: number
}

/** What the rows say of warmth; nothing where the piece is welded cold, or where nobody here knows the metal. */
export function preheatOf({ job, wire }: MatchContext): Preheat | undefined {
  if (!job || wire.open) return undefined
  const { joint } = metalsOf(job)
  if (job.material === 'aluminium') {
    const cast = joint?.kind === 'cast-aluminium' || joint?.metals[1]?.kind === 'cast-aluminium'
    return cast || job.thicknessMm > ALUMINIUM_FROM_MM ? { by: 'aluminium', to: ALUMINIUM_MOST_C } : undefined
  }
  if (!joint) return undefined
  // A joint that is brazed is not warmed for the sake of its weld.
  if (wire.process === 'GMAW brazing' && joint.kind !== 'copper') return undefined
  const limit = joint.interpassC === undefined ? {} : { interpassC: joint.interpassC }
  const warmth = warmthAt(joint.preheat, job.thicknessMm)
  if (warmth && warmth.c > 0)
    return { by: 'row', c: warmth.c, ...(warmth.to !== undefined && { to: warmth.to }), ...limit }
  if (joint.notes.some(({ note }) => note === 'preheat-by-maker')) return { by: 'maker', ...limit }
  if (joint.kind === 'cast-iron' && joint.notes.some(({ note }) => note === 'cold-peened-beads'))
    return { by: 'iron' }
  return undefined
}
