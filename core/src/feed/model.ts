import type { Coefficient } from './coefficients.ts'
import { END_FACTOR, TOUCHING_MM } from './strut.ts'

/** What is certain of a setup, for the model: sizes in mm and m, angles in rad. */
export interface Geometry {
  diameterMm: number
  tubular: boolean
  /** U groove; else V. */
  uGroove: boolean
  pairs: number
  lengthM: number
  /** Bends one can count: neck, bends, loops. */
  bendRad: number
  gapMm: number
  /** Multiplies the liner's drag where the bore does not suit. */
  boreFactor: number
  /** Radius of the wire on the spool, m. */
  spoolRadiusM: number
  /** The gun pulls as well. */
  pulled: boolean
}

/** Position of each coefficient in the arrays of the model: the order of `COEFFICIENTS`, which a test holds. */
export const AT = {
  yieldMPa: 0,
  modulusMPa: 1,
  wallShare: 2,
  castRadiusMm: 3,
  linerFriction: 4,
  linerDragNPerM: 5,
  tipDragN: 6,
  strayBendRad: 7,
  brakeTorqueNm: 8,
  rollFriction: 9,
  vHalfAngleDeg: 10,
  rollRadiusMm: 11,
  flatteningShare: 12,
  contactSpread: 13,
  motorN: 14,
  gunShare: 15,
} as const satisfies Record<Coefficient, number>

/** What the model works out, in the order of its output array. Forces in N; at the wire unless said otherwise. */
export const OUT = {
  /** Push down the lead that the rolls must give. */
  push: 0,
  /** Pull off the spool. */
  drag: 1,
  /** Grip that one newton of roll force gives. */
  gripPerN: 2,
  /** Push at which the wire folds in the gap. */
  birdnest: 3,
  /** Roll force that flattens the wire. */
  crush: 4,
  /** Least roll force. */
  low: 5,
  /** Most roll force. */
  high: 6,
  /** high / low. */
  ratio: 7,
  motor: 8,
} as const
export const OUTPUTS = 9

/** Margin of grip over what is needed. common practice */
export const GRIP_MARGIN = 1.3
/** Mean contact pressure at which a wire yields under a roll, in yields. published: Johnson, Contact Mechanics */
const INDENTATION = 2.8
/** Contact length of a cored wire as of a flattening of 2 % of its diameter. model */
const CORED_FLATTENING = 0.02
/** Square of the strut's end factor, see strut.ts. */
const K2 = END_FACTOR ** 2

const I = AT
const RAD = Math.PI / 180

/**
 * The whole line of force from spool to tip: one evaluation, no allocation. All figures from `c`, laid out by `AT`,
 * into `out`, laid out by `OUT`. The sums of `pushNeededN` and `birdnestLoadN` stand here again, written out: called,
 * they make the Monte Carlo loop twice as slow. A test holds them together.
 */
export function feedModel(g: Geometry, c: Float64Array, out: Float64Array): void {
  const d = g.diameterMm
  // Push: capstan through all bends, drag of the liner arising along them; the gun takes its share.
  const turn = c[I.linerFriction]! * (g.bendRad + c[I.strayBendRad]!)
  const growth = Math.exp(turn)
  const lead =
    c[I.tipDragN]! * growth +
    c[I.linerDragNPerM]! * g.boreFactor * g.lengthM * (turn < 1e-9 ? 1 : (growth - 1) / turn)
  const push = g.pulled ? lead * (1 - c[I.gunShare]!) : lead
  const drag = c[I.brakeTorqueNm]! / g.spoolRadiusM
  // Grip: a V of half-angle b over a flat idler, or a U.
  const groove = g.uGroove ? 1 + 4 / Math.PI : 1 + 1 / Math.sin(c[I.vHalfAngleDeg]! * RAD)
  const gripPerN = g.pairs * c[I.rollFriction]! * groove
  // Section.
  const wall = c[I.wallShare]!
  const bore = d * (1 - 2 * wall)
  const d2 = d * d
  const b2 = bore * bore
  const area = (Math.PI * (d2 - b2)) / 4
  const second = (Math.PI * (d2 * d2 - b2 * b2)) / 64
  // Birdnest: Perry-Robertson over the gap.
  const sy = c[I.yieldMPa]!
  let birdnest = area * sy
  if (g.gapMm > TOUCHING_MM) {
    const gap2 = g.gapMm * g.gapMm
    const euler = (Math.PI * Math.PI * c[I.modulusMPa]! * second) / (K2 * gap2 * area)
    const eta = ((gap2 / (8 * c[I.castRadiusMm]!)) * (d / 2) * area) / second
    const half = (sy + (1 + eta) * euler) / 2
    birdnest = (area * sy * euler) / (half + Math.sqrt(half * half - sy * euler))
  }
  // Crush: contact of crossed cylinders, or the collapse of a ring.
  const r = c[I.rollRadiusMm]!
  let crush: number
  if (g.tubular) {
    const t = wall * d
    const mean = (d - t) / 2
    crush = ((sy * t * t) / mean) * 2 * Math.sqrt(2 * r * CORED_FLATTENING * d) * (g.uGroove ? 1 : 1.3)
  } else {
    const flat = c[I.flatteningShare]! * d
    crush = INDENTATION * sy * Math.PI * Math.sqrt(d * flat * 2 * r * flat) * c[I.contactSpread]!
  }
  const low = (GRIP_MARGIN * (push + drag)) / gripPerN
  const high = Math.min(crush, birdnest / gripPerN)
  out[OUT.push] = push
  out[OUT.drag] = drag
  out[OUT.gripPerN] = gripPerN
  out[OUT.birdnest] = birdnest
  out[OUT.crush] = crush
  out[OUT.low] = low
  out[OUT.high] = high
  out[OUT.ratio] = high / low
  out[OUT.motor] = c[I.motorN]!
}
