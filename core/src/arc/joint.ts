import { kgPerMetre } from '../wire/spool.ts'
import type { Family, Position } from '../terms/terms.ts'
import { FAMILY_SHEETS } from '../families/index.ts'
import { banded, type Banded } from './volts.ts'

/** A weld to be filled; lengths in mm, angles in degrees. A butt of 0 degrees is square. */
export type Joint =
  | { kind: 'fillet'; legMm: number }
  | { kind: 'butt'; thicknessMm: number; angleDeg: number; gapMm: number; faceMm: number }

/** A bead stands a little over the flat. common practice: a tenth */
const CROWN = 1.1

/**
 * Section of weld metal, mm2, with a crown of a tenth.
 * @throws RangeError for sizes below nought, a face thicker than the plate, an angle of 180 or more
 */
export function weldAreaMm2(joint: Joint): number {
  if (joint.kind === 'fillet') {
    if (!(joint.legMm > 0)) throw new RangeError('a leg is more than nought')
    return (joint.legMm ** 2 / 2) * CROWN
  }
  const { thicknessMm: t, angleDeg, gapMm, faceMm } = joint
  if (!(t > 0) || !(gapMm >= 0) || !(faceMm >= 0) || faceMm > t || !(angleDeg >= 0) || !(angleDeg < 180))
    throw new RangeError('a butt has a thickness, a gap, a face within it and an angle below 180')
  const groove = (t - faceMm) ** 2 * Math.tan((angleDeg / 2) * (Math.PI / 180))
  // A square butt without a gap still melts a bead about as wide as half the plate.
  return Math.max(gapMm * t + groove, (t * t) / 4) * CROWN
}

const EFFICIENCY_BAND = 0.04

/** Weld metal laid down, kg/h of arc. @param speedMPerMin wire speed */
export const depositionKgPerH = (family: Family, exactMm: number, speedMPerMin: number): number =>
  kgPerMetre(family, exactMm) * speedMPerMin * 60 * FAMILY_SHEETS[family].efficiency

/**
 * Largest fillet in one pass, and thickest layer of a butt after the root, mm. published: AWS D1.1 prequalified
 * limits for GMAW and FCAW, recalled from memory. Vertical down is held to what runs without slag in front of it:
 * common practice.
 */
const ONE_PASS_MM: Record<Position, number> = {
  flat: 12,
  horizontal: 10,
  'vertical-up': 12,
  'vertical-down': 5,
  overhead: 8,
}
const LAYER_MM = 6
/** Slower than this the metal runs ahead of the arc; faster, no hand follows. mm/min. common practice, no source */
const TRAVEL_MM_PER_MIN = { least: 200, most: 800 }

export interface JointRun {
  areaMm2: number
  passes: number
  /** What makes it so many. */
  passesBy: 'size' | 'travel'
  travelMmPerMin: Banded
  depositionKgPerH: Banded
  /** Wire bought for a metre of weld, kg, and arc minutes. */
  wireKgPerM: number
  arcMinutesPerM: number
  /** Faster than a hand follows at these settings: the joint wants a thinner wire or less current. */
  tooFast: boolean
}

/** How a joint fills at these settings: passes, travel of each, metal an hour, wire and minutes a metre. */
export function fillJoint(
  joint: Joint,
  wire: { family: Family; exactMm: number },
  start: { wireSpeedMPerMin: Banded },
  position: Position = 'flat',
): JointRun {
  const { family, exactMm } = wire
  const { value: speed, low, high } = start.wireSpeedMPerMin
  const areaMm2 = weldAreaMm2(joint)
  const density = FAMILY_SHEETS[family].densityKgPerM3
  const deposit = (s: number, share = 1) => depositionKgPerH(family, exactMm, s) * share
  const mm3PerMin = (s: number, share = 1) => (deposit(s, share) / 60 / density) * 1e9
  const bySize =
    joint.kind === 'fillet'
      ? Math.ceil(joint.legMm ** 2 / ONE_PASS_MM[position] ** 2 - 1e-9)
      : 1 +
        Math.max(0, Math.ceil((joint.thicknessMm - Math.min(ONE_PASS_MM[position], 10)) / LAYER_MM - 1e-9))
  const byTravel = Math.ceil((TRAVEL_MM_PER_MIN.least * areaMm2) / mm3PerMin(speed) - 1e-9)
  const passes = Math.max(1, bySize, byTravel)
  const travel = (s: number, share = 1) => (passes * mm3PerMin(s, share)) / areaMm2
  // What the sums ask of a hand, and what a hand can do.
  const asked = travel(speed)
  const byHand = (mmPerMin: number) => Math.min(TRAVEL_MM_PER_MIN.most, mmPerMin)
  const value = byHand(asked)
  const origin = { source: 'section-to-fill' } as const
  return {
    areaMm2,
    passes,
    passesBy: byTravel > bySize ? 'travel' : 'size',
    travelMmPerMin: banded(
      value,
      value - byHand(travel(low, 1 - EFFICIENCY_BAND)),
      byHand(travel(high, 1 + EFFICIENCY_BAND)) - value,
      origin,
    ),
    depositionKgPerH: banded(
      deposit(speed),
      deposit(speed) - deposit(low, 1 - EFFICIENCY_BAND),
      deposit(high, 1 + EFFICIENCY_BAND) - deposit(speed),
      { source: 'deposition' },
    ),
    wireKgPerM: (areaMm2 * 1e-6 * density) / FAMILY_SHEETS[family].efficiency,
    arcMinutesPerM: (passes * 1000) / value,
    tooFast: asked > TRAVEL_MM_PER_MIN.most,
  }
}
