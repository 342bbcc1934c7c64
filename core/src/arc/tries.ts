import { z } from 'zod'

/** What the arc does, heard and felt at the gun. */
export const ARC_REPORTS = ['steady', 'stubbing', 'long-arc', 'burnback'] as const
export type ArcReport = (typeof ARC_REPORTS)[number]

/** What the bead shows, seen once it has cooled. */
export const BEADS = ['good', 'cold', 'hot', 'undercut', 'spattered', 'burnt-through', 'porous'] as const
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

/** Two good ones in a row: dialled in. */
export const isDialledIn = (tries: readonly Try[]): boolean =>
  tries.length >= 2 && tries.slice(-2).every(isGood)

/** The settings to keep: the last good try of a real machine, beads before tacks. */
export const goodTry = (tries: readonly Try[]): Try | undefined => {
  const real = tries.filter((t) => isGood(t) && !t.simulated)
  return real.findLast((t) => t.weld === 'bead') ?? real.at(-1)
}

/** Beads that go with what was heard; burnback leaves none. common practice, no source */
const TOGETHER: Record<Exclude<ArcReport, 'burnback'>, readonly Bead[]> = {
  steady: ['good', 'cold', 'hot', 'burnt-through', 'porous'],
  stubbing: ['cold', 'spattered', 'porous'],
  'long-arc': ['undercut', 'spattered', 'hot', 'burnt-through', 'porous'],
}
/** Whether ear and eye say what seldom goes together: worth a second look, which costs no weld. */
export const seldomTogether = (t: Pick<Try, 'arc' | 'bead'>): boolean =>
  t.arc !== 'burnback' && t.bead !== null && !TOGETHER[t.arc].includes(t.bead)
