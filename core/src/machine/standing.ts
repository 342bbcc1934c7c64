import { z } from 'zod'

/** What may be left undone when work ends in the middle, in the order it is said. */
export const OPEN_ENDS = [
  /** A tag hangs on the switch. */
  'tagged',
  /** The wire of the spool on the hub is not in the gun. */
  'not-threaded',
  /** A cut piece of wire lies in the gun. */
  'cut-in-gun',
  /** Threaded into the rolls, and not fed through. */
  'not-fed',
  'gun-off',
  'gun-not-connected',
  /** The water hoses of its gun. */
  'hoses-off',
  'gun-rolls-open',
  'liner-not-trimmed',
  'guide-out',
  'tip-off',
  'nozzle-off',
  'adapter-on-hub',
  'brake-not-set',
  'pressure-not-set',
  'not-trimmed',
  'case-open',
  'solenoid-not-wired',
  'hose-not-fitted',
  'click-not-tried',
  /** Pressure may stand between the shut valve and the solenoid. */
  'not-drained',
  'not-leak-checked',
  'not-purged',
  'flow-not-set',
  'fire-not-watched',
] as const
export type OpenEnd = (typeof OPEN_ENDS)[number]

export const WIRE_ENDS = ['in-rolls', 'in-hand', 'tucked', 'free', 'none'] as const

/** How a machine was left in the middle; what is left out is as after a finished job. */
export const standingSchema = z.object({
  plugged: z.boolean().optional(),
  on: z.boolean().optional(),
  arm: z.enum(['open', 'closed']).optional(),
  /** Where the loose end at the spool is. */
  wireEnd: z.enum(WIRE_ENDS).optional(),
  /** The cylinder's valve. */
  valve: z.enum(['open', 'shut']).optional(),
  clamp: z.enum(['on', 'off']).optional(),
  openEnds: z.array(z.enum(OPEN_ENDS)).max(50).optional(),
})
export type MachineStanding = z.infer<typeof standingSchema>

/** Whether a machine was left with an end open. */
export const leftWith = (standing: MachineStanding | undefined, end: OpenEnd): boolean =>
  standing?.openEnds?.includes(end) ?? false

/** What of the wire lies in the gun: hanging together with the spool, cut off from it, or none. */
export function wireInGunOf(
  standing: MachineStanding | undefined,
  wireOn: boolean,
): 'whole' | 'piece' | 'none' {
  if (leftWith(standing, 'cut-in-gun')) return 'piece'
  return wireOn && !leftWith(standing, 'not-threaded') ? 'whole' : 'none'
}

/** A spool that has run out: what wire there is lies in the gun, and no end of it hangs at the spool. */
export const ranOut = (spool: { wireKg?: number | undefined } | null | undefined): boolean =>
  spool?.wireKg === 0

/** A hand is at the wire, or ought to be. */
const inNoRolls = (end: MachineStanding['wireEnd']): boolean => end === 'in-hand' || end === 'free'

/**
 * The same said without contradiction, at its most dangerous: nobody holds a wire in a machine that is on, an open case
 * is unplugged, a wire that hangs together with the spool is in the rolls, and one under an open arm is loose.
 */
export function coherent(standing: MachineStanding, wireOn: boolean): MachineStanding {
  const inGun = wireInGunOf(standing, wireOn)
  const rest = wireOn ? 'tucked' : 'none'
  const said = standing.wireEnd
  const threaded = standing.arm === 'open' ? ('free' as const) : ('in-rolls' as const)
  const wireEnd =
    inGun === 'whole'
      ? inNoRolls(said)
        ? said
        : threaded
      : said === 'in-hand' || (said === 'free' && wireOn)
        ? said
        : rest
  return {
    ...standing,
    ...(leftWith(standing, 'case-open') && { plugged: false }),
    ...(inNoRolls(wireEnd) && { on: false }),
    ...((said !== undefined || wireEnd === 'free') && { wireEnd }),
  }
}

/**
 * Something is to be finished before the next arc. @param gasNeeded the wire that is on wants gas: its valve is not
 * left shut
 */
export const isOpen = (standing: MachineStanding | undefined, gasNeeded = true): boolean =>
  standing !== undefined &&
  (standing.plugged === false ||
    standing.on === false ||
    standing.arm === 'open' ||
    standing.clamp === 'off' ||
    standing.wireEnd === 'in-hand' ||
    standing.wireEnd === 'free' ||
    (gasNeeded && standing.valve === 'shut') ||
    (standing.openEnds?.length ?? 0) > 0)
