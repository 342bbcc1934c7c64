import { FAMILY_SHEETS } from '../families/index.ts'
import type { Wire } from '../wire/wire.ts'
import { fillerOf, isStainlessByStandard } from './filler.ts'
import { metalsOf, type Joined } from './joint.ts'

/** Caught at the arc; for the rest ventilation will do. The gravest first. */
export const FUMES_TO_EXTRACT = ['beryllium', 'lead', 'chromium', 'nickel', 'zinc', 'barium'] as const
/** What the fume of a wire on a metal holds that is not said of every arc; the gravest first. */
export const FUMES = [...FUMES_TO_EXTRACT, 'fluorides', 'manganese', 'copper', 'ozone'] as const
export type Fume = (typeof FUMES)[number]

/** Many of these hold barium. recalled from memory, M */
const WITH_BARIUM = /T-?(?:8|11|13|GS)(?:-|J|[MC]|$)/
/** Basic slag. recalled from memory, H */
const WITH_FLUORIDES = /T-?5(?:-|[MC]|J|$)/

/** What this wire on this metal puts into the air, by the row of each. */
export function fumesOf(
  wire: Pick<Wire, 'classification' | 'family' | 'standard' | 'strength'>,
  job: Joined | undefined,
): Fume[] {
  const filler = fillerOf(wire)
  const name = wire.classification ?? ''
  const ofMetal = job ? (metalsOf(job).joint?.fume ?? []) : []
  const { fume, tubular } = FAMILY_SHEETS[wire.family]
  const stainlessWire = fume === 'chromium' || isStainlessByStandard(wire)
  const isSteel = fume !== 'aluminium' && fume !== 'copper'
  const selfShielded = fume === 'self-shielded'
  const has: Record<Fume, boolean> = {
    beryllium: ofMetal.includes('beryllium'),
    lead: ofMetal.includes('lead'),
    chromium:
      stainlessWire ||
      job?.material === 'stainless-steel' ||
      ofMetal.includes('chromium') ||
      ['B6', 'B8', 'B9'].includes(filler?.alloy ?? ''),
    nickel: ofMetal.includes('nickel') || /^Cu(?:Mn)?Ni/.test(filler?.alloy ?? ''),
    zinc: ofMetal.includes('zinc') || job?.material === 'galvanised-steel',
    barium: selfShielded && WITH_BARIUM.test(name),
    fluorides: selfShielded || WITH_FLUORIDES.test(name),
    manganese: isSteel && (tubular || filler?.base === '307'),
    copper: fume === 'copper' || ofMetal.includes('copper') || job?.material === 'copper-alloy',
    ozone: fume === 'aluminium',
  }
  return FUMES.filter((fume) => has[fume])
}
