import { z } from 'zod'

/**
 * The schools: where good welders differ, one choice each. A shop sets its practice once, and a changeover may
 * override it. The default stands first; `wording/schools.ts` says why. common practice
 */
const SCHOOLS = {
  /** Wire left in the gun: metres x price against minutes x rate decides by default. */
  wireInGun: z.enum(['by-money', 'rewind', 'scrap', 'keep-as-filler']),
  pressureTest: z.enum(['curl', 'back-off', 'scale']),
  /** Whether the rolls may slip before a jammed wire knots. */
  jammedWire: z.enum(['by-wire', 'never-slip', 'slip-first']),
  threadingSpeed: z.enum(['slow-then-fast', 'slow', 'full']),
  tipWhileThreading: z.enum(['off', 'on']),
  tipTightness: z.enum(['pliers', 'fingers']),
  nozzleWithGasless: z.enum(['cap-if-owned', 'gas-nozzle', 'bare']),
  aluminiumTip: z.enum(['aluminium-bore', 'one-size-up']),
  linerOnSizeChange: z.enum(['keep-in-range', 'one-per-family']),
  linerTrim: z.enum(['by-connector', 'flush', 'short-of-mark']),
  spoolDirection: z.enum(['as-the-rolls-lie', 'always-bottom']),
  oneWireForAll: z.enum(['by-thickness', 'one-for-all']),
  aluminiumByPush: z.enum(['to-3-m', 'never']),
  metalCoredRolls: z.enum(['smooth', 'fine-knurl']),
  flowSetting: z.enum(['computed', 'fixed']),
} as const
export type School = keyof typeof SCHOOLS
export const SCHOOL_IDS = Object.keys(SCHOOLS) as School[]
/** What a school may choose, its default first. */
export const schoolOptions = (school: School): readonly string[] => SCHOOLS[school].options

export const practiceSchema = z.object({
  wireInGun: SCHOOLS.wireInGun.default('by-money'),
  pressureTest: SCHOOLS.pressureTest.default('curl'),
  jammedWire: SCHOOLS.jammedWire.default('by-wire'),
  threadingSpeed: SCHOOLS.threadingSpeed.default('slow-then-fast'),
  tipWhileThreading: SCHOOLS.tipWhileThreading.default('off'),
  tipTightness: SCHOOLS.tipTightness.default('pliers'),
  nozzleWithGasless: SCHOOLS.nozzleWithGasless.default('cap-if-owned'),
  aluminiumTip: SCHOOLS.aluminiumTip.default('aluminium-bore'),
  linerOnSizeChange: SCHOOLS.linerOnSizeChange.default('keep-in-range'),
  linerTrim: SCHOOLS.linerTrim.default('by-connector'),
  spoolDirection: SCHOOLS.spoolDirection.default('as-the-rolls-lie'),
  oneWireForAll: SCHOOLS.oneWireForAll.default('by-thickness'),
  aluminiumByPush: SCHOOLS.aluminiumByPush.default('to-3-m'),
  metalCoredRolls: SCHOOLS.metalCoredRolls.default('smooth'),
  flowSetting: SCHOOLS.flowSetting.default('computed'),
  /** The shop's number where it sets one flow for all, L/min. */
  fixedFlowLPerMin: z.number().min(3).max(60).default(14),
  /** Who does the work: one, or one at the gun and one at the feeder. */
  people: z.union([z.literal(1), z.literal(2)]).default(1),
  /** Money, for the wire left in the gun: labour an hour and wire a kilogram, in any one currency. */
  labourPerHour: z.number().min(0).max(10000).default(45),
  wirePerKg: z.number().min(0).max(10000).optional(),
})
export type Practice = z.infer<typeof practiceSchema>

/** What one changeover does otherwise than the shop; nothing is filled in. */
export const practiceOverridesSchema = z
  .object({ ...SCHOOLS, people: z.union([z.literal(1), z.literal(2)]) })
  .partial()
export type PracticeOverrides = z.infer<typeof practiceOverridesSchema>

export const DEFAULT_PRACTICE: Practice = practiceSchema.parse({})
