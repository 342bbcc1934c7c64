import { FAMILY_SHEETS } from '../families/index.ts'
import type { SizedWire } from '../wire/wire.ts'
import { isStainlessCored, usabilityOf } from './usability.ts'

/** Metal a size is for, mm: from, to. */
export type Band = readonly [fromMm: number, toMm: number]
type Banded = Pick<SizedWire, 'family' | 'classification' | 'standard' | 'passes' | 'diameterMm'> & {
  process: string
  open?: SizedWire['open']
}

/** Thickest metal that one pass fills, mm. published: A5.20 on single-pass classes, 3/16 in, recalled from memory */
const SINGLE_PASS_MM = 4.8
/** One pass on metal of any thickness: T-2 and T-10; T-13 is the root of any wall. recalled from memory, H */
const ANY_THICKNESS = ['T-2', 'T-10', 'T-13']
/** Thickest metal that one pass of this wire fills, mm. */
export const singlePassMm = (wire: Pick<Banded, 'family' | 'classification' | 'standard'>): number =>
  ANY_THICKNESS.includes(usabilityOf(wire) ?? '') ? Infinity : SINGLE_PASS_MM
/** Thinnest metal for a single-pass wire by its size. recalled from memory, L */
const SINGLE_FROM: readonly Band[] = [
  [0.9, 0.8],
  [1.6, 1.2],
  [2.0, 1.6],
  [3.2, 2],
]
/** Stainless cored wire by its size, gas or none. recalled from memory, L */
const STAINLESS_CORED_FROM: readonly Band[] = [
  [0.9, 2],
  [1.2, 3],
  [1.6, 5],
  [Infinity, 8],
]
/** Designators for plate: T-8, -7, -4, -6 and the ISO letters that go with them. */
const FOR_PLATE = ['T-4', 'T-6', 'T-7', 'T-8', 'W', 'Y']
const PLATE_FROM_MM = 5
const THICK_PLATE_FROM_MM = 8

/**
 * Thickness of metal that a wire of its size is for, by family and designator; `null` where nobody knows. Counting
 * sizes on a ladder would call 1.2 mm aluminium thick for 4 mm. recalled from memory, M
 */
export function bandOf(wire: Banded): Band | null {
  const { bands, tubular } = FAMILY_SHEETS[wire.family]
  // A wire that is welded otherwise than its family, as copper alloys beside bronze are: nothing is known of it.
  if (wire.process !== FAMILY_SHEETS[wire.family].process) return null
  if (tubular && wire.passes === 'single') {
    const from = SINGLE_FROM.find(([mm]) => wire.diameterMm <= mm)
    return from ? [from[1], singlePassMm(wire)] : null
  }
  if (isStainlessCored(wire))
    return [STAINLESS_CORED_FROM.find(([mm]) => wire.diameterMm <= mm)![1], Infinity]
  const use = wire.open ? null : usabilityOf(wire)
  if (use !== null && FOR_PLATE.includes(use) && wire.diameterMm >= 1.6)
    return [wire.diameterMm >= 2.4 ? THICK_PLATE_FROM_MM : PLATE_FROM_MM, Infinity]
  return bands[wire.diameterMm] ?? null
}

export type SizeVerdict = 'fits' | 'stitch-only' | 'wire-thick' | 'wire-thin'
/** Whether a wire's size suits a thickness, by its band. @param thicknessMm over 0 */
export function judgeSize(wire: Banded, thicknessMm: number): SizeVerdict {
  const band = bandOf(wire)
  if (!band) return 'fits'
  if (thicknessMm < band[0] - 1e-9) return 'wire-thick'
  if (thicknessMm > band[1] + 1e-9) return 'wire-thin'
  return thicknessMm < (FAMILY_SHEETS[wire.family].stitchBelowMm[wire.diameterMm] ?? 0)
    ? 'stitch-only'
    : 'fits'
}
