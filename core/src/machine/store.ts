import { z } from 'zod'
import { mixtureSchema } from '../gas/mixtureSchema.ts'
import { SPOOL_TYPES } from '../wire/spool.ts'
import { chartSchema } from './chart.ts'
import { condition, lengthM, ratingSchema, stampSchema } from './fitted/common.ts'
import { tipSchema } from './fitted/contactTip.ts'
import { activeIsAGroove, rollsShape, withGrooves } from './fitted/driveRolls.ts'
import { guideSchema } from './fitted/guide.ts'
import { GUN_KINDS, gunSchema } from './fitted/gun.ts'
import { inOrder, linerSchema, linerShape, reversed } from './fitted/liner.ts'
import { NOZZLE_KINDS, nozzleSchema } from './fitted/nozzle.ts'
import { handShape } from './fitted/wire.ts'

const stock = {
  id: z.string().max(100).optional(),
  count: z.number().int().min(0).max(1_000_000).default(1),
  drawer: z.string().max(60).optional(),
  note: z.string().max(200).optional(),
  /** At this count or below it is time to buy. */
  lowAt: z.number().int().min(0).max(10000).optional(),
  /** Days from order to drawer, where the shop knows better than its usual. */
  leadDays: z.number().int().min(0).max(365).optional(),
  /** What one costs here, in the shop's currency. */
  price: z.number().min(0).max(1_000_000).optional(),
}
/** A part in the store: the station it belongs to, in the words of `fitted`, and how many. */
export const plainPartSchema = z.discriminatedUnion('kind', [
  guideSchema.extend({ kind: z.literal('inletGuide'), ...stock }),
  guideSchema.extend({ kind: z.literal('outletGuide'), ...stock }),
  rollsShape.extend({ kind: z.literal('driveRolls'), ...stock }).superRefine(activeIsAGroove),
  linerShape.extend({ kind: z.literal('liner'), ...stock }).refine(inOrder, reversed),
  // A push-pull gun's own rolls and second liner are kept under the gun.
  gunSchema.partial({ kind: true }).extend({
    ...rollsShape.partial().shape,
    ...linerShape.partial().shape,
    kind: z.literal('gun'),
    part: z.enum(['whole', 'rolls', 'innerLiner', 'oRing']).default('whole'),
    type: z.enum(GUN_KINDS).optional(),
    /** What was in and on a whole gun when it was laid aside. */
    liner: linerSchema.optional(),
    contactTip: tipSchema.optional(),
    nozzle: nozzleSchema.optional(),
    ...stock,
  }),
  tipSchema.extend({ kind: z.literal('contactTip'), ...stock }),
  z.object({
    kind: z.literal('nozzle'),
    type: z.enum(NOZZLE_KINDS).default('gas'),
    boreMm: z.number().min(5).max(50).optional(),
    ...condition,
    ...stock,
  }),
  z.object({ kind: z.literal('adapter'), spool: z.enum(SPOOL_TYPES).optional(), ...stock }),
  z.object({
    kind: z.literal('regulator'),
    gas: z.string().max(40).optional(),
    /** The thread or form of the cylinder valve it goes on, as its standard names it. */
    outlet: z.string().max(40).optional(),
    ...stock,
  }),
  // What stands beside the wire's way.
  z.object({ kind: z.literal('workClamp'), ratingA: ratingSchema.optional(), ...condition, ...stock }),
  z.object({
    kind: z.literal('solenoid'),
    coilV: z.number().min(5).max(690).optional(),
    ...condition,
    ...stock,
  }),
  z.object({
    kind: z.literal('hose'),
    gas: z.string().max(40).optional(),
    lengthM: lengthM.optional(),
    ...condition,
    ...stock,
  }),
  z.object({ kind: z.literal('clip'), ...stock }),
  z.object({ kind: z.literal('oRing'), ...stock }),
  z.object({ kind: z.literal('sleeve'), stamp: stampSchema.optional(), ...stock }),
  z.object({ kind: z.literal('hubHardware'), spool: z.enum(SPOOL_TYPES).optional(), ...stock }),
  z.object({ kind: z.literal('cylinder'), gas: mixtureSchema, ...stock }),
  z.object({
    kind: z.literal('wire'),
    label: z.string().max(500),
    /** A wire no label describes: then the label is only its name. */
    byHand: handShape.optional(),
    massKg: z.number().min(0).max(1000).optional(),
    spoolType: z.enum(SPOOL_TYPES).optional(),
    /** When its seal was broken. */
    opened: z.iso.date().optional(),
    /** Whether it lies sealed, in a dry cabinet or with a desiccant since. */
    storedDry: z.boolean().optional(),
    /** Turns on the outside that are to come off before it is fed. */
    rustyTurns: z.number().int().min(0).max(1000).optional(),
    /** What its data sheet says, as the shop entered it. */
    chart: chartSchema.optional(),
    ...condition,
    ...stock,
  }),
])
export const partSchema = z.preprocess(withGrooves, plainPartSchema)
export type Part = z.infer<typeof partSchema>
export type PartKind = Part['kind']
export const PART_KINDS = plainPartSchema.options.map(({ shape }) => shape.kind.value) as [
  PartKind,
  ...PartKind[],
]
export const storeSchema = z.array(partSchema).max(5000)
