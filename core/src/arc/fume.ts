import type { Family, Material } from '../wire/families.ts'

/** What the air wants, by wire and by what is on the metal. */
export const FUME_REMINDERS = [
  'always',
  'galvanised',
  'chromium',
  'cored',
  'self-shielded',
  'aluminium',
  'copper',
  'co2',
  'inert',
] as const
export type FumeReminder = (typeof FUME_REMINDERS)[number]

/**
 * Reminders for a wire on a metal, the gravest first. @param designation ISO 14175 of the gas; `null` without
 */
export function fumeReminders(
  family: Family,
  material: Material,
  designation: string | null,
): FumeReminder[] {
  const has: Record<FumeReminder, boolean> = {
    galvanised: material === 'galvanised-steel',
    chromium: family === 'solid-stainless' || material === 'stainless-steel',
    'self-shielded': family === 'flux-cored-self-shielded',
    cored: family === 'flux-cored-gas-shielded' || family === 'metal-cored',
    aluminium: family === 'aluminium',
    copper: family === 'silicon-bronze' || material === 'copper-alloy',
    co2: designation === 'C1',
    inert: designation !== null && designation !== 'C1',
    always: true,
  }
  const order: FumeReminder[] = [
    'galvanised',
    'chromium',
    'self-shielded',
    'cored',
    'aluminium',
    'copper',
    'co2',
    'inert',
    'always',
  ]
  return order.filter((name) => has[name])
}
