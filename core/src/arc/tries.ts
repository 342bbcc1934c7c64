import { z } from 'zod'

/** What the arc does, heard and felt at the gun. */
export const ARC_REPORTS = ['steady', 'stubbing', 'long-arc', 'burnback'] as const
export type ArcReport = (typeof ARC_REPORTS)[number]

/** What the bead shows, seen once it has cooled. */
export const BEADS = [
  'good',
  'cold',
  'hot',
  'undercut',
  'spattered',
  'burnt-through',
  'porous',
  'worm-tracks',
  'not-fused',
] as const
export type Bead = (typeof BEADS)[number]

/** A spot to hold the parts, or a run. */
export const WELDS = ['bead', 'tack'] as const
export type WeldKind = (typeof WELDS)[number]

/**
 * One test weld: volts 5 to 60, wire speed 0.1 to 100 m/min, the machine's own marks where it has no figures, and
 * what was heard, felt and seen.
 */
export const trySchema = z.object({
  voltageV: z.number().min(5).max(60),
  wireSpeedMPerMin: z.number().min(0.1).max(100),
  /** Mark of the volt tap it was made on. */
  tap: z.string().max(20).optional(),
  /** Where the unscaled feed dial stood. */
  dial: z.number().min(-1000).max(1000).optional(),
  weld: z.enum(WELDS),
  arc: z.enum(ARC_REPORTS),
  /** Nothing after a burnback, which leaves no bead. */
  bead: z.enum(BEADS).nullable(),
  /** Made by the simulated arc: practice, which teaches nothing about the machine. */
  simulated: z.boolean().optional(),
})
export type Try = z.infer<typeof trySchema>

/** A weld to go on with: steady to the ear and good to the eye. */
export const isGood = (t: Pick<Try, 'arc' | 'bead'>): boolean => t.arc === 'steady' && t.bead === 'good'

/** A tack wants so many volts more than a bead. common practice, no source: 17 V where the bead was good at 16.5 */
export const TACK_MORE_V = 0.5
export const forWeld = (weld: WeldKind): number => (weld === 'tack' ? TACK_MORE_V : 0)
/** A change smaller than this is not worth a weld: volts, share of wire speed. */
export const LEAST_VOLTS = 0.3
export const LEAST_SPEED = 0.04

/** Whether two wire speeds, m/min, are too near each other to be told apart. */
export const sameSpeed = (a: number, b: number): boolean => Math.abs(a / b - 1) < LEAST_SPEED

type Knobs = Pick<Try, 'voltageV' | 'wireSpeedMPerMin' | 'weld'>
/** Whether two tries were made at about the same settings, bead or tack. */
export const sameSettings = (a: Knobs, b: Knobs): boolean =>
  Math.abs(a.voltageV - forWeld(a.weld) - (b.voltageV - forWeld(b.weld))) < LEAST_VOLTS &&
  sameSpeed(a.wireSpeedMPerMin, b.wireSpeedMPerMin)

/** Two good ones in a row at the same settings: dialled in. */
export function isDialledIn(tries: readonly Try[]): boolean {
  const [before, last] = tries.slice(-2)
  return (
    before !== undefined && last !== undefined && isGood(before) && isGood(last) && sameSettings(before, last)
  )
}

/**
 * Whether the last try says what one before it made impossible at any setting: burnt back at no fewer volts and no
 * more wire it stubbed a moment ago, or the other way round. Then it is the feed. common practice, no source
 */
export function feedContradicts(tries: readonly Try[]): boolean {
  const last = tries.at(-1)
  if (!last) return false
  const atOnce = (hot: Try, cold: Try) =>
    hot.arc === 'burnback' &&
    cold.arc === 'stubbing' &&
    hot.voltageV - forWeld(hot.weld) < cold.voltageV - forWeld(cold.weld) + LEAST_VOLTS &&
    hot.wireSpeedMPerMin > cold.wireSpeedMPerMin * (1 - LEAST_SPEED)
  return tries.slice(-1 - LOOKED_BACK, -1).some((t) => atOnce(last, t) || atOnce(t, last))
}
/** So many tries are remembered as the same feed: what is older may have been mended since. */
const LOOKED_BACK = 2

/** The settings to keep: the last good try of a real machine, beads before tacks. */
export const goodTry = (tries: readonly Try[]): Try | undefined => {
  const real = tries.filter((t) => isGood(t) && !t.simulated)
  return real.findLast((t) => t.weld === 'bead') ?? real.at(-1)
}

/** Beads that go with what was heard; burnback leaves none. common practice, no source */
const TOGETHER: Record<Exclude<ArcReport, 'burnback'>, readonly Bead[]> = {
  steady: ['good', 'cold', 'hot', 'burnt-through', 'porous', 'worm-tracks', 'not-fused'],
  stubbing: ['cold', 'spattered', 'porous', 'not-fused'],
  'long-arc': ['undercut', 'spattered', 'hot', 'burnt-through', 'porous', 'worm-tracks'],
}
/** Whether ear and eye say what seldom goes together: worth a second look, which costs no weld. */
export const seldomTogether = (t: Pick<Try, 'arc' | 'bead'>): boolean =>
  t.arc !== 'burnback' && t.bead !== null && !TOGETHER[t.arc].includes(t.bead)
