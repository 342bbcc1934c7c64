import type { Family } from '../wire/families.ts'
import type { Transfer } from './transfer.ts'

/** How a family melts: v = alpha I (1.2 / d)^p + beta L I^2 (1.2 / d)^4, v in mm/s, I in A, L and d in mm. */
interface BurnOff {
  /** mm/(A s) at 1.2 mm. */
  alpha: number
  /** 1/(A^2 s) at 1.2 mm. */
  beta: number
  /** How alpha falls with the diameter: 2 by section. */
  power: number
  /** Share either way that the handbook rows lie within. */
  band: number
  source: string
}

/** Electrode extension from tip to arc, mm: about 7 for short arc, 10 for spray, 15 for cored wire. common practice */
export const EXTENSION_MM = { short: 7, spray: 10, cored: 15 } as const

const NORRISH = 'published: Norrish, Advanced Welding Processes, recalled from memory'
/**
 * Fitted to the handbook rows that the tests list; what lies outside the band is named there.
 * Self-shielded wire: rows of one chart recalled with low confidence, hence the wide band. Bronze and metal-cored: no
 * rows known, worked from the nearest family.
 */
export const BURN_OFF: Record<Family, BurnOff> = {
  'solid-steel': { alpha: 0.3, beta: 5e-5, power: 2, band: 0.2, source: NORRISH },
  'solid-stainless': { alpha: 0.3, beta: 5e-5, power: 2, band: 0.2, source: NORRISH },
  'metal-cored': {
    alpha: 0.36,
    beta: 6e-5,
    power: 2,
    band: 0.3,
    source: 'model: between solid and flux-cored, no rows known',
  },
  'flux-cored-self-shielded': {
    alpha: 0.313,
    beta: 0,
    power: 1.23,
    band: 0.25,
    source: 'handbook rows, recalled from memory with low confidence',
  },
  'flux-cored-gas-shielded': {
    alpha: 0.385,
    beta: 8e-5,
    power: 2,
    band: 0.2,
    source: 'fitted to E71T-1 rows, recalled from memory',
  },
  aluminium: { alpha: 0.75, beta: 0, power: 2, band: 0.2, source: NORRISH },
  'silicon-bronze': {
    alpha: 0.38,
    beta: 2e-5,
    power: 2,
    band: 0.3,
    source: 'model: by heat content from steel, no rows known',
  },
}

/** Diameters the rows cover, mm; outside, the band is half as wide again. */
const ROWS_MM: Record<Family, readonly [number, number]> = {
  'solid-steel': [0.58, 1.6],
  'solid-stainless': [0.76, 1.2],
  'metal-cored': [1.2, 1.6],
  'flux-cored-self-shielded': [0.76, 1.8],
  'flux-cored-gas-shielded': [1.14, 1.6],
  aluminium: [0.76, 1.6],
  'silicon-bronze': [0.8, 1.2],
}
export const burnOffBand = (family: Family, exactMm: number): number => {
  const [from, to] = ROWS_MM[family]
  return BURN_OFF[family].band * (exactMm >= from - 0.05 && exactMm <= to + 0.05 ? 1 : 1.5)
}

const terms = (family: Family, exactMm: number, extensionMm: number) => {
  const { alpha, beta, power } = BURN_OFF[family]
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

/** Electrode extension usual for a wire as its metal crosses, mm. */
export function usualExtensionMm(family: Family, transfer: Transfer): number {
  if (family.startsWith('flux-cored') || family === 'metal-cored') return EXTENSION_MM.cored
  return transfer === 'spray' ? EXTENSION_MM.spray : EXTENSION_MM.short
}
