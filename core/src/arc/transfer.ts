import type { Family } from '../wire/families.ts'

export const TRANSFERS = ['short-arc', 'globular', 'spray', 'slag'] as const
/** How the metal crosses. `slag` is cored wire, whose slag and not the current makes the mode. */
export type Transfer = (typeof TRANSFERS)[number]

/**
 * Current at which globular turns to spray, A, by trade size. published: AWS Welding Handbook vol. 2 (O2 mixtures,
 * argon) and handbook tables (CO2 mixtures), recalled from memory.
 */
const TRANSITION_A: Readonly<Record<string, Readonly<Record<number, number>>>> = {
  'solid-steel M13': { 0.8: 150, 0.9: 165, 1.2: 220, 1.6: 275 },
  'solid-steel M20': { 0.9: 175, 1.2: 225, 1.6: 290 },
  'solid-steel M21': { 0.9: 195, 1.2: 255, 1.6: 345 },
  'solid-stainless M13': { 0.9: 170, 1.2: 225, 1.6: 285 },
  'aluminium I1': { 0.8: 95, 1.2: 135, 1.6: 180 },
  'silicon-bronze I1': { 0.9: 165, 1.2: 205, 1.6: 270 },
}

/**
 * Transition current of a wire under a gas, A; between listed sizes in a straight line. `null`: no spray under this
 * gas (CO2), or no figure known.
 * @param designation ISO 14175
 */
export function transitionCurrentA(family: Family, diameterMm: number, designation: string): number | null {
  const row =
    TRANSITION_A[`${family} ${designation}`] ??
    (family === 'solid-steel' && designation === 'M12' ? TRANSITION_A['solid-steel M13'] : undefined) ??
    (family === 'solid-stainless' && designation === 'M12'
      ? TRANSITION_A['solid-stainless M13']
      : undefined) ??
    (family === 'aluminium' && designation === 'I3' ? TRANSITION_A['aluminium I1'] : undefined)
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

/** How the metal crosses at a current. */
export function transferAt(
  family: Family,
  diameterMm: number,
  designation: string | null,
  currentA: number,
): Transfer {
  if (family.startsWith('flux-cored')) return 'slag'
  const spray = designation === null ? null : transitionCurrentA(family, diameterMm, designation)
  if (spray !== null && currentA >= spray) return 'spray'
  if (family === 'aluminium') return 'short-arc'
  return currentA <= (SHORT_ARC_TO_A[diameterMm] ?? 225) ? 'short-arc' : 'globular'
}
