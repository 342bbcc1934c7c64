import type { MatchContext } from './finding.ts'
import { parentKind } from '../wire/parentAlloy.ts'

/** Aluminium is warmed where it is thick, or cast. recalled from memory, M: not at 6 mm */
const PREHEAT_ALUMINIUM_FROM_MM = 12

/** Who says how warm: the usual for aluminium, or the plate's own procedure; nothing where the piece is welded cold. */
export function preheatBy({ job, wire }: MatchContext): 'aluminium' | 'procedure' | undefined {
  if (!job || wire.open) return undefined
  const kind = parentKind(job.alloy)
  if (job.material === 'aluminium')
    return kind === 'cast-aluminium' || job.thicknessMm > PREHEAT_ALUMINIUM_FROM_MM ? 'aluminium' : undefined
  return kind === 'chrome-moly' || kind === 'high-strength' ? 'procedure' : undefined
}
