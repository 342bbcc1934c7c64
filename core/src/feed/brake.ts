import type { Family } from '../terms/terms.ts'
import { FAMILY_SHEETS } from '../families/index.ts'
import type { SpoolType } from '../wire/spool.ts'

/** A wound spool, m: outside of the wire when full, the barrel it is wound on, and the width between the flanges. */
export interface SpoolShape {
  fullRadiusM: number
  barrelRadiusM: number
  widthM: number
}
/**
 * Wound space of each spool. published: outside diameter and width of ISO 544, recalled from memory; barrels and the
 * room left below the flange's edge are common practice, no source.
 */
export const SPOOL_SHAPES: Record<SpoolType, SpoolShape> = {
  S100: { fullRadiusM: 0.043, barrelRadiusM: 0.02, widthM: 0.038 },
  S200: { fullRadiusM: 0.092, barrelRadiusM: 0.05, widthM: 0.046 },
  S300: { fullRadiusM: 0.14, barrelRadiusM: 0.095, widthM: 0.09 },
  B300: { fullRadiusM: 0.145, barrelRadiusM: 0.1, widthM: 0.09 },
  BS300: { fullRadiusM: 0.145, barrelRadiusM: 0.1, widthM: 0.09 },
  coil: { fullRadiusM: 0.19, barrelRadiusM: 0.15, widthM: 0.1 },
  drum: { fullRadiusM: 0.25, barrelRadiusM: 0.15, widthM: 0.6 },
}
/** Radius of the flange's rim, m, where a spring balance is hooked; none where a spool has no flange. published: ISO 544, recalled from memory */
export const RIM_RADIUS_M: Record<SpoolType, number | null> = {
  S100: 0.05,
  S200: 0.1,
  S300: 0.15,
  B300: 0.15,
  BS300: 0.15,
  coil: null,
  drum: null,
}
/** Share of the wound space that is wire: round turns, layer on layer. common practice, no source */
export const PACKING = 0.72

const ring = (outerM: number, innerM: number) => Math.PI * (outerM ** 2 - innerM ** 2)

/** Wire a full spool holds, kg. */
export const spoolHoldsKg = (type: SpoolType, family: Family): number => {
  const { fullRadiusM, barrelRadiusM, widthM } = SPOOL_SHAPES[type]
  const { densityKgPerM3, fill } = FAMILY_SHEETS[family]
  return ring(fullRadiusM, barrelRadiusM) * widthM * PACKING * densityKgPerM3 * fill
}

/** Radius of the wire on a spool that holds so much, m; never outside barrel and full. */
export function woundRadiusM(type: SpoolType, family: Family, wireKg: number): number {
  const { fullRadiusM, barrelRadiusM } = SPOOL_SHAPES[type]
  const share = Math.min(1, Math.max(0, wireKg / spoolHoldsKg(type, family)))
  return Math.sqrt(barrelRadiusM ** 2 + share * (fullRadiusM ** 2 - barrelRadiusM ** 2))
}

/** Inertia of the wound wire, kg m2: m (Ro^2 + Ri^2) / 2. The empty spool is light and left out. */
export const spoolInertiaKgM2 = (wireKg: number, outerM: number, innerM: number): number =>
  (wireKg * (outerM ** 2 + innerM ** 2)) / 2

/** Drag of the brake at the wire, N: torque over radius. It grows as the spool empties. */
export const brakeDragN = (torqueNm: number, radiusM: number): number => torqueNm / radiusM

/**
 * Wire that runs off after the trigger is let go, m: r J w^2 / (2 T), from the energy of the turning spool.
 * @param speedMPerMin speed of the wire when it is let go
 */
export function runOnM(torqueNm: number, inertiaKgM2: number, radiusM: number, speedMPerMin: number): number {
  const turn = speedMPerMin / 60 / radiusM
  return (radiusM * inertiaKgM2 * turn ** 2) / (2 * torqueNm)
}

/** Run-on that lets no loop fall off, m; and the share of the grip that a nearly empty spool may take. common practice */
export const MOST_RUN_ON_M = 0.05
export const MOST_DRAG_SHARE = 0.25

export interface BrakeWindow {
  /** Least torque: a full spool stops within 50 mm at feed speed. */
  lowNm: number
  /** Most torque: the nearly empty spool drags a quarter of the grip; `null` where the grip is not known. */
  highNm: number | null
}

/** @param gripN grip of the rolls at the pressure that is set */
export function brakeWindow(
  type: SpoolType,
  family: Family,
  wireKg: number,
  speedMPerMin: number,
  gripN: number | null,
): BrakeWindow {
  const { barrelRadiusM } = SPOOL_SHAPES[type]
  const radiusM = woundRadiusM(type, family, wireKg)
  const inertia = spoolInertiaKgM2(wireKg, radiusM, barrelRadiusM)
  return {
    lowNm: runOnM(1, inertia, radiusM, speedMPerMin) / MOST_RUN_ON_M,
    highNm: gripN === null ? null : MOST_DRAG_SHARE * gripN * barrelRadiusM,
  }
}

/** What a brake does, full and nearly empty, at feed and at threading speed. */
export interface BrakeFigures {
  runOnFeedM: number
  runOnThreadingM: number
  dragNowN: number
  dragEmptyN: number
}

/** @param threadingMPerMin speed at which the wire is threaded */
export function brakeFigures(
  type: SpoolType,
  family: Family,
  wireKg: number,
  torqueNm: number,
  speedMPerMin: number,
  threadingMPerMin: number,
): BrakeFigures {
  const { barrelRadiusM } = SPOOL_SHAPES[type]
  const radiusM = woundRadiusM(type, family, wireKg)
  const inertia = spoolInertiaKgM2(wireKg, radiusM, barrelRadiusM)
  const runOn = (speed: number) => runOnM(torqueNm, inertia, radiusM, speed)
  return {
    runOnFeedM: runOn(speedMPerMin),
    runOnThreadingM: runOn(threadingMPerMin),
    dragNowN: brakeDragN(torqueNm, radiusM),
    dragEmptyN: brakeDragN(torqueNm, barrelRadiusM),
  }
}
