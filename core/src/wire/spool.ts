import type { Family } from '../terms/terms.ts'
import { FAMILY_SHEETS } from '../families/index.ts'

export const SPOOL_TYPES = ['S100', 'S200', 'S300', 'B300', 'BS300', 'coil', 'drum'] as const
export type SpoolType = (typeof SPOOL_TYPES)[number]

export interface Spool {
  /** `null` when neither the label nor the mass tells. */
  type: SpoolType | null
  massKg: number | null
}

/**
 * The spool that a mass of wire usually comes on. common practice: 0.5-1 kg (1-2 lb) S100, about 5 kg (10-12 lb)
 * S200, 15 kg (33 lb) S300, more than a spool holds a drum. Aluminium is a third of the weight, so a 300 mm
 * spool of it holds 6-7 kg.
 */
export function spoolForMass(massKg: number | null): SpoolType | null {
  if (massKg === null) return null
  if (massKg <= 1.1) return 'S100'
  if (massKg <= 5.9) return 'S200'
  return massKg <= 30 ? 'S300' : 'drum'
}

/** Mass of a metre of wire, kg: area x density x fill. @param exactMm greater than 0 */
export const kgPerMetre = (family: Family, exactMm: number): number =>
  ((Math.PI * exactMm ** 2) / 4) * 1e-6 * FAMILY_SHEETS[family].densityKgPerM3 * FAMILY_SHEETS[family].fill
