import { FAMILY_SHEETS } from '../families/index.ts'
import { FUMES, fumesOf, type Fume } from '../metals/fume.ts'
import type { Joined } from '../metals/joint.ts'
import type { Wire } from '../wire/wire.ts'

/** What the air wants, by wire and metal; the gravest first. */
export const FUME_REMINDERS = [...FUMES, 'self-shielded', 'cored', 'co2', 'inert', 'always'] as const
export type FumeReminder = (typeof FUME_REMINDERS)[number]

/**
 * Reminders for a wire on a metal, the gravest first. @param gas as `arcGasOf` gives it; `null` without
 */
export function fumeReminders(
  wire: Pick<Wire, 'classification' | 'family' | 'standard' | 'strength'>,
  job: Joined,
  gas: string | null,
): FumeReminder[] {
  const { fume } = FAMILY_SHEETS[wire.family]
  const also: Record<Exclude<FumeReminder, Fume>, boolean> = {
    'self-shielded': fume === 'self-shielded',
    cored: fume === 'cored',
    co2: gas === 'C1',
    inert: gas !== null && gas !== 'C1',
    always: true,
  }
  const [held, besides] = [fumesOf(wire, job), Object.keys(also) as (keyof typeof also)[]]
  // A wire that shields itself says its manganese and fluorides in one sentence.
  const said = held.filter(
    (name) => !((also['self-shielded'] || also.cored) && ['manganese', 'fluorides'].includes(name)),
  )
  return [...said, ...besides.filter((name) => also[name])]
}
