import { FAMILY_SHEETS } from '../families/index.ts'
import type { Family } from '../terms/terms.ts'
import type { Transfer } from '../terms/terms.ts'

/** Electrode extension from tip to arc, mm: about 7 for short arc, 10 for spray, 15 for cored wire. common practice */
export const EXTENSION_MM = { short: 7, spray: 10, cored: 15 } as const

export const burnOffBand = (family: Family, exactMm: number): number => {
  const { rowsMm, band } = FAMILY_SHEETS[family].burnOff
  const [from, to] = rowsMm
  return band * (exactMm >= from - 0.05 && exactMm <= to + 0.05 ? 1 : 1.5)
}

const terms = (family: Family, exactMm: number, extensionMm: number) => {
  const { alpha, beta, power } = FAMILY_SHEETS[family].burnOff
  const thin = 1.2 / exactMm
  return { a: alpha * thin ** power, b: beta * extensionMm * thin ** 4 }
}

/**
 * Wire speed that a current melts, m/min (Lesnewich's form).
 * @param extensionMm from tip to arc, not to the work
 * @throws RangeError unless diameter and current are more than nought
 */
export function wireSpeedMPerMin(
  family: Family,
  exactMm: number,
  currentA: number,
  extensionMm: number,
): number {
  if (!(exactMm > 0) || !(currentA > 0)) throw new RangeError('a wire and a current are more than nought')
  const { a, b } = terms(family, exactMm, extensionMm)
  return (a * currentA + b * currentA ** 2) * 0.06
}

/** Current that melts a wire speed, A: the inverse. */
export function currentOfSpeedA(
  family: Family,
  exactMm: number,
  speedMPerMin: number,
  extensionMm: number,
): number {
  if (!(exactMm > 0) || !(speedMPerMin > 0)) throw new RangeError('a wire and a speed are more than nought')
  const { a, b } = terms(family, exactMm, extensionMm)
  const v = speedMPerMin / 0.06
  return b === 0 ? v / a : (Math.sqrt(a * a + 4 * b * v) - a) / (2 * b)
}

/** What of the distance from tip to work is arc, mm. common practice, no source */
const ARC_LENGTH_MM = 3
/** Electrode extension at a distance from tip to work, mm: what is shown, less the arc. */
export const extensionAtMm = (tipToWorkMm: number): number => Math.max(3, tipToWorkMm - ARC_LENGTH_MM)

/** Electrode extension usual for a wire as its metal crosses, mm. */
export function usualExtensionMm(family: Family, transfer: Transfer): number {
  if (FAMILY_SHEETS[family].tubular) return EXTENSION_MM.cored
  return transfer === 'spray' ? EXTENSION_MM.spray : EXTENSION_MM.short
}
