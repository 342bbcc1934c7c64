import type { Family } from '../terms/terms.ts'
import { kgPerMetre, type SpoolType } from '../wire/spool.ts'
import { spoolHoldsKg, SPOOL_SHAPES } from './brake.ts'

/** Metres of wire in a kilogram: 1 / (density x area x fill). @param exactMm greater than 0 */
export const metresPerKg = (family: Family, exactMm: number): number => 1 / kgPerMetre(family, exactMm)

/** Inches of wire in a pound, as handbooks list them. */
export const inchesPerPound = (family: Family, exactMm: number): number =>
  (metresPerKg(family, exactMm) * 0.45359237) / 0.0254

/**
 * Wire left on a spool from how thick it lies on the barrel.
 * @param thicknessMm from barrel to the outside of the wire, mm; more than a full spool counts as full
 */
export function kgFromThickness(type: SpoolType, family: Family, thicknessMm: number): number {
  if (!(thicknessMm >= 0)) throw new RangeError(`not a thickness: ${thicknessMm}`)
  const { fullRadiusM, barrelRadiusM } = SPOOL_SHAPES[type]
  const outer = Math.min(fullRadiusM, barrelRadiusM + thicknessMm / 1000)
  const share = (outer ** 2 - barrelRadiusM ** 2) / (fullRadiusM ** 2 - barrelRadiusM ** 2)
  return share * spoolHoldsKg(type, family)
}

export interface WireLeft {
  metres: number
  /** Minutes of arc to an empty spool. */
  minutes: number
  money: number
}

/** How far what is on the spool goes. @param speedMPerMin wire speed, greater than 0 */
export function wireLeft(
  family: Family,
  exactMm: number,
  wireKg: number,
  speedMPerMin: number,
  pricePerKg: number,
): WireLeft {
  const metres = wireKg * metresPerKg(family, exactMm)
  return { metres, minutes: metres / speedMPerMin, money: wireKg * pricePerKg }
}
