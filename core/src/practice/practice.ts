import { z } from 'zod'

/**
 * The schools: where good welders differ, one choice each. A shop sets its practice once.
 * Each default is the first of its list but for the ones that say otherwise. common practice
 */
export const practiceSchema = z.object({
  /** Wire left in the gun: metres x price against minutes x rate decides by default. */
  wireInGun: z.enum(['by-money', 'rewind', 'scrap', 'keep-as-filler']).default('by-money'),
  /** Curl needs nothing but a piece of wood and tells push and slip at once. */
  pressureTest: z.enum(['curl', 'back-off', 'scale']).default('curl'),
  /** A catch at full speed knots the wire; soft wire is threaded slowly all the way. */
  threadingSpeed: z.enum(['slow-then-fast', 'slow', 'full']).default('slow-then-fast'),
  /** A cap keeps spatter off the diffuser and lets the tip be seen. */
  nozzleWithGasless: z.enum(['cap-if-owned', 'gas-nozzle', 'bare']).default('cap-if-owned'),
  /** The right bore with the right name, if there is one in the drawer. */
  aluminiumTip: z.enum(['aluminium-bore', 'one-size-up']).default('aluminium-bore'),
  /** A steel coil serves every steel in range; soft wire always has a liner of its own. */
  linerOnSizeChange: z.enum(['keep-in-range', 'one-per-family']).default('keep-in-range'),
  /** A straight lead of about 3 m pushes 5xxx wire; longer wants push-pull or a spool gun. */
  aluminiumByPush: z.enum(['to-3-m', 'never']).default('to-3-m'),
  metalCoredRolls: z.enum(['smooth', 'fine-knurl']).default('smooth'),
  /** Money, for the wire left in the gun: labour an hour and wire a kilogram, in any one currency. */
  labourPerHour: z.number().min(0).max(10000).default(45),
  wirePerKg: z.number().min(0).max(10000).optional(),
})
export type Practice = z.infer<typeof practiceSchema>

export const DEFAULT_PRACTICE: Practice = practiceSchema.parse({})
