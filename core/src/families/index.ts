import type { Family } from '../terms/terms.ts'
import { ALUMINIUM } from './aluminium.ts'
import { FLUX_CORED_GAS_SHIELDED } from './flux-cored-gas-shielded.ts'
import { FLUX_CORED_SELF_SHIELDED } from './flux-cored-self-shielded.ts'
import { METAL_CORED } from './metal-cored.ts'
import { SILICON_BRONZE } from './silicon-bronze.ts'
import { SOLID_STAINLESS } from './solid-stainless.ts'
import { SOLID_STEEL } from './solid-steel.ts'
import type { FamilySheet } from './sheet.ts'

/** One sheet a family; the compiler names what a new one lacks. */
export const FAMILY_SHEETS: Record<Family, FamilySheet> = {
  'solid-steel': SOLID_STEEL,
  'solid-stainless': SOLID_STAINLESS,
  'metal-cored': METAL_CORED,
  'flux-cored-self-shielded': FLUX_CORED_SELF_SHIELDED,
  'flux-cored-gas-shielded': FLUX_CORED_GAS_SHIELDED,
  aluminium: ALUMINIUM,
  'silicon-bronze': SILICON_BRONZE,
}
export type { BurnOff, FamilyFeed, FamilySheet, Triple } from './sheet.ts'
