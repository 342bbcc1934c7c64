import { FAMILY_SHEETS } from '../families/index.ts'
import { arcGasParts } from '../gas/arcGas.ts'
import type { Family, Transfer } from '../terms/terms.ts'

/**
 * Transition current of a wire under a gas, A; between listed sizes in a straight line. `null`: no spray under this
 * gas (CO2, too little argon), or no figure known
 * @param gas as `arcGasOf` gives it
 */
export function transitionCurrentA(family: Family, diameterMm: number, gas: string): number | null {
  const { sprayFromA, spraysLean } = FAMILY_SHEETS[family]
  const { group, lean } = arcGasParts(gas)
  const named = lean && !spraysLean ? undefined : sprayFromA[group]
  const row = (named && 'like' in named ? sprayFromA[named.like] : named) as
    Readonly<Record<number, number>> | undefined
  if (!row) return null
  const sizes = Object.keys(row)
    .map(Number)
    .sort((a, b) => a - b)
  const upper = sizes.find((mm) => mm >= diameterMm)
  const lower = sizes.findLast((mm) => mm <= diameterMm)
  if (upper === undefined || lower === undefined) return row[(upper ?? lower)!]!
  if (upper === lower) return row[upper]!
  return row[lower]! + ((row[upper]! - row[lower]!) * (diameterMm - lower)) / (upper - lower)
}

/** Largest current at which a wire still short-circuits, A. published: AWS C5.6 range, recalled from memory */
export const SHORT_ARC_TO_A: Readonly<Record<number, number>> = {
  0.6: 100,
  0.8: 150,
  0.9: 175,
  1.0: 200,
  1.2: 225,
}
/**
 * The same, vertical and overhead, where the puddle of a spray runs away. published: AWS C5.6 range (0.8, 0.9, 1.2),
 * recalled from memory; the others common practice, no source
 */
export const SHORT_ARC_UPRIGHT_TO_A: Readonly<Record<number, number>> = {
  0.6: 85,
  0.8: 125,
  0.9: 150,
  1.0: 165,
  1.2: 175,
}

/** How the metal crosses at a current. @param gas as `arcGasOf` gives it; `null` without */
export function transferAt(
  family: Family,
  diameterMm: number,
  gas: string | null,
  currentA: number,
): Transfer {
  const { shortBelowSpray, process } = FAMILY_SHEETS[family]
  if (process.startsWith('FCAW')) return 'slag'
  const spray = gas === null ? null : transitionCurrentA(family, diameterMm, gas)
  if (spray !== null && currentA >= spray) return 'spray'
  if (shortBelowSpray) return 'short-arc'
  return currentA <= (SHORT_ARC_TO_A[diameterMm] ?? 225) ? 'short-arc' : 'globular'
}
