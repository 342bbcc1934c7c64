import { FAMILY_SHEETS } from '../families/index.ts'
import type { Family, Material } from '../terms/terms.ts'

/** What the air wants, by wire and by what is on the metal; the gravest first. */
export const FUME_REMINDERS = [
  'galvanised',
  'chromium',
  'self-shielded',
  'cored',
  'aluminium',
  'copper',
  'co2',
  'inert',
  'always',
] as const
export type FumeReminder = (typeof FUME_REMINDERS)[number]

/**
 * Reminders for a wire on a metal, the gravest first. @param gas as `arcGasOf` gives it; `null` without
 */
export function fumeReminders(family: Family, material: Material, gas: string | null): FumeReminder[] {
  const { fume } = FAMILY_SHEETS[family]
  const has: Record<FumeReminder, boolean> = {
    galvanised: material === 'galvanised-steel',
    chromium: fume === 'chromium' || material === 'stainless-steel',
    'self-shielded': fume === 'self-shielded',
    cored: fume === 'cored',
    aluminium: fume === 'aluminium',
    copper: fume === 'copper' || material === 'copper-alloy',
    co2: gas === 'C1',
    inert: gas !== null && gas !== 'C1',
    always: true,
  }
  return FUME_REMINDERS.filter((name) => has[name])
}
