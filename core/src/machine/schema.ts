import { z } from 'zod'
import {
  FAMILIES,
  GROOVE_PROFILES,
  GUIDE_MATERIALS,
  LINER_MATERIALS,
  MATERIALS,
  POLARITIES,
  POSITIONS,
} from '../wire/families.ts'
import { diameterOfMm, LONGEST_STAMP, readStampMm } from '../wire/diameters.ts'
import { SPOOL_TYPES } from '../wire/spool.ts'
import { STATIONS } from './stations.ts'
import { UPKEEP, upkeepDatesSchema } from './upkeep.ts'
import { practiceSchema } from '../practice/practice.ts'
import { WIRE_GAS_GROUPS } from '../gas/designation.ts'
import { requestText } from '../wording/problems.ts'

/**
 * The words of the contract. Everything fitted may be left out (not looked at) or `null` (looked, nothing there).
 * Unknown keys are dropped; a known key that cannot be read is a problem with its path.
 */
export const CONDITIONS = ['new', 'good', 'worn', 'dirty', 'kinked', 'damaged'] as const
export const GUN_KINDS = ['push', 'push-pull', 'spool-gun'] as const
export const NOZZLE_KINDS = ['gas', 'gasless-cap', 'none'] as const
export const POLARITY_CHANGES = ['studs', 'plugs', 'switch', 'fixed'] as const
export const LEAVES = ['top', 'bottom'] as const

export const conditionSchema = z.enum(CONDITIONS)

/** A stamp in either system, one size or two. */
export const stampSchema = z
  .union([z.string().max(LONGEST_STAMP), z.number().transform(String)])
  .superRefine((text, context) => {
    const stamp = readStampMm(text)
    if (!stamp.ok) context.addIssue({ code: 'custom', message: stamp.problems[0]!.message })
  })
/** A trade size in mm. */
const sizeMm = z
  .number()
  .refine((mm) => diameterOfMm(mm) !== undefined, { error: 'Not a wire size in millimetres.' })
const lengthM = z.number().positive().max(100)
const condition = { condition: conditionSchema.optional() }

export const GASES = ['Ar', 'CO2', 'O2', 'He', 'H2', 'N2'] as const
export const mixtureSchema = z
  .partialRecord(z.enum(GASES), z.number().min(0).max(100))
  .superRefine((mixture, context) => {
    const sum = Object.values(mixture).reduce((a, b) => a + b, 0)
    if (Math.abs(sum - 100) > 0.5)
      context.addIssue({ code: 'custom', message: requestText.mixtureSum(Math.round(sum * 10) / 10) })
  })
export type Mixture = z.infer<typeof mixtureSchema>

const activeIsAGroove = (rolls: { grooves: string[]; active?: string }, context: z.RefinementCtx) => {
  const sizes = (stamp: string) => {
    const mm = readStampMm(stamp)
    return mm.ok ? mm.value : []
  }
  if (
    rolls.active !== undefined &&
    !rolls.grooves.some((g) => g === rolls.active || sizes(g).some((mm) => sizes(rolls.active!).includes(mm)))
  )
    context.addIssue({ code: 'custom', path: ['active'], message: requestText.grooveNotListed(rolls.active) })
}
const inOrder = (range: { minMm: number; maxMm: number }) => range.minMm <= range.maxMm
const reversed = { path: ['minMm'], error: requestText.rangeReversed() }

export const guideSchema = z.object({
  material: z.enum(GUIDE_MATERIALS),
  gapMm: z.number().min(0).max(200).optional(),
  ...condition,
})
const rollsShape = z.object({
  profile: z.enum(GROOVE_PROFILES),
  grooves: z.array(stampSchema).min(1).max(4),
  active: stampSchema.optional(),
  ...condition,
})
export const rollsSchema = rollsShape.superRefine(activeIsAGroove)
/** A liner's printed range, mm; compared by trade size. */
const rangeMm = z.number().min(0.3).max(6)
const linerShape = z.object({
  material: z.enum(LINER_MATERIALS),
  minMm: rangeMm,
  maxMm: rangeMm,
  lengthM: lengthM.optional(),
  ...condition,
})
export const linerSchema = linerShape.refine(inOrder, reversed)
export const gunSchema = z.object({
  kind: z.enum(GUN_KINDS),
  lengthM: lengthM.optional(),
  rolls: rollsSchema.nullable().optional(),
  innerLiner: linerSchema.nullable().optional(),
  oRing: conditionSchema.optional(),
  linerTrim: z.enum(['collet', 'gun-end', 'long']).optional(),
  ...condition,
})
export const tipSchema = z.object({ stamp: stampSchema, aluminiumBore: z.boolean().optional(), ...condition })
export const nozzleSchema = z.object({
  kind: z.enum(NOZZLE_KINDS),
  boreMm: z.number().min(5).max(50).optional(),
  ...condition,
})
export const spoolSchema = z.object({
  type: z.enum(SPOOL_TYPES).optional(),
  wireKg: z.number().min(0).max(1000).optional(),
  pinEngaged: z.boolean().optional(),
  leaves: z.enum(LEAVES).optional(),
  adapter: z.boolean().optional(),
  ...condition,
})

/** Enough of a wire to plan with: a label, or family and size by hand. */
export const wireSpoolSchema = z.object({
  type: z.enum(SPOOL_TYPES).optional(),
  massKg: z.number().positive().max(1000).optional(),
})
export const wireLabelSchema = z.object({
  label: z.string().max(500),
  spool: wireSpoolSchema.optional(),
  condition: conditionSchema.optional(),
})
/** Groups of ISO 14175, as the box gives them. */
const gasGroups = z
  .array(
    z
      .string()
      .max(20)
      .transform((text) => text.trim().toUpperCase())
      .refine((group) => WIRE_GAS_GROUPS.includes(group), { error: requestText.gasGroup() }),
  )
  .max(20)
  .transform((groups) => [...new Set(groups)])
const handShape = z.object({
  family: z.enum(FAMILIES),
  diameterMm: sizeMm,
  polarity: z
    .union([z.array(z.enum(POLARITIES)).min(1).max(10), z.enum(POLARITIES).transform((p) => [p])])
    .optional(),
  gas: z.preprocess((value: unknown) => {
    if (value === null) return []
    if (typeof value !== 'object' || Array.isArray(value)) return value
    const { needed, designations = [] } = value as { needed?: unknown; designations?: unknown }
    if (needed !== undefined && typeof needed !== 'boolean') return value
    return needed === false ? [] : designations
  }, gasGroups.optional()),
})
export const wireByHandSchema = handShape.extend({
  spool: wireSpoolSchema.optional(),
  condition: conditionSchema.optional(),
})
export const wireInputSchema = z.unknown().transform((value, context) => {
  const hasLabel =
    typeof value === 'object' && value !== null && 'label' in value && value.label !== undefined
  const result = hasLabel ? wireLabelSchema.safeParse(value) : wireByHandSchema.safeParse(value)
  if (result.success) return result.data
  if (
    !hasLabel &&
    (typeof value !== 'object' || value === null || !('family' in value || 'diameterMm' in value))
  )
    context.addIssue({ code: 'custom', message: requestText.labelOrByHand() })
  else
    for (const issue of result.error.issues)
      context.addIssue({ code: 'custom', path: issue.path, message: issue.message })
  return z.NEVER
})
export type WireInput = z.infer<typeof wireLabelSchema> | z.infer<typeof wireByHandSchema>

export const fittedSchema = z.object({
  wire: wireInputSchema.nullable().optional(),
  spool: spoolSchema.nullable().optional(),
  hubBrake: z.enum(['set', 'loose', 'tight']).nullable().optional(),
  inletGuide: guideSchema.nullable().optional(),
  driveRolls: rollsSchema.nullable().optional(),
  rollPressure: z
    .object({ mark: z.number().min(-1000).max(1000).nullable().optional() })
    .nullable()
    .optional(),
  outletGuide: guideSchema.nullable().optional(),
  liner: linerSchema.nullable().optional(),
  gun: gunSchema.nullable().optional(),
  contactTip: tipSchema.nullable().optional(),
  nozzle: nozzleSchema.nullable().optional(),
  polarity: z.enum(POLARITIES).nullable().optional(),
  gas: mixtureSchema.nullable().optional(),
  gasFlowLPerMin: z.number().min(0).max(200).nullable().optional(),
  conditions: z
    .object({
      studs: z.enum([...CONDITIONS, 'loose', 'tight']).optional(),
      workClamp: z.enum(CONDITIONS).optional(),
      /** Wire knotted at the rolls: it is freed before the change. */
      birdnest: z.boolean().optional(),
      earthPin: z
        .union([
          z.enum([...CONDITIONS, 'missing', 'present']),
          z.boolean().transform((there) => (there ? ('present' as const) : ('missing' as const))),
        ])
        .optional(),
    })
    .optional(),
})
export type Fitted = z.infer<typeof fittedSchema>

/** How a machine is set: volts and speed, taps, one knob for both, or a pulse with its trim. */
export const CONTROLS = ['volts-and-speed', 'taps', 'one-knob', 'pulsed'] as const

/**
 * One line of a shop's own settings: a machine's door chart or a wire's data sheet. Figures, or the machine's own
 * marks where it has no figures.
 */
export const chartRowSchema = z
  .object({
    classification: z.string().min(1).max(60).optional(),
    family: z.enum(FAMILIES).optional(),
    sizeMm,
    thicknessMm: z.number().min(0.3).max(200),
    position: z.enum(POSITIONS).optional(),
    gas: mixtureSchema.optional(),
    voltageV: z.number().min(5).max(60).optional(),
    tap: z.string().min(1).max(20).optional(),
    knob: z.number().min(-1000).max(1000).optional(),
    wireSpeedMPerMin: z.number().min(0.1).max(100).optional(),
    dial: z.number().min(-1000).max(1000).optional(),
  })
  .refine((row) => row.classification !== undefined || row.family !== undefined, {
    path: ['classification'],
    error: requestText.chartWire(),
  })
  .refine(
    (row) => [row.voltageV, row.tap, row.knob, row.wireSpeedMPerMin, row.dial].some((v) => v !== undefined),
    {
      path: ['voltageV'],
      error: requestText.chartFigures(),
    },
  )
export type ChartRow = z.infer<typeof chartRowSchema>
export const chartSchema = z.array(chartRowSchema).max(500)

export const machineSchema = z.object({
  id: z.string().min(1).max(100),
  name: z.string().min(1).max(100),
  note: z.string().max(200).optional(),
  output: z
    .object({
      minA: z.number().min(0).max(2000).optional(),
      maxA: z.number().positive().max(2000).optional(),
      dutyPercent: z.number().min(0).max(100).optional(),
      dutyAtA: z.number().min(0).max(2000).optional(),
      /** Volts it can be set to, where known. */
      minV: z.number().min(5).max(60).optional(),
      maxV: z.number().min(5).max(60).optional(),
    })
    .optional(),
  wireSpeedMPerMin: z
    .object({ min: z.number().min(0).max(100), max: z.number().positive().max(100) })
    .optional(),
  supply: z
    .object({
      voltageV: z.number().min(50).max(1000).optional(),
      phases: z.union([z.literal(1), z.literal(3)]).optional(),
      breakerA: z.number().positive().max(1000).optional(),
      cordLengthM: z.number().min(0).max(500).optional(),
      cordMm2: z.number().positive().max(200).optional(),
    })
    .optional(),
  wireEntry: z.enum(LEAVES).optional(),
  spools: z.array(z.enum(SPOOL_TYPES)).max(50).optional(),
  polarityChange: z.enum(POLARITY_CHANGES).optional(),
  gasGear: z.boolean().optional(),
  rollPairs: z.number().int().min(1).max(4).optional(),
  matchedTopRolls: z.boolean().optional(),
  scale: z.object({ min: z.number(), max: z.number() }).nullable().optional(),
  workingGroove: z.enum(['inner', 'outer', 'turn', 'depth']).optional(),
  reverseThreads: z
    .array(z.enum(['spoolRetainer', 'rollRetainer', 'gunRollRetainer']))
    .max(20)
    .optional(),
  jogButton: z.boolean().optional(),
  hubLocator: z.enum(['pin', 'tab', 'none']).optional(),
  inletBeforeSpool: z.boolean().optional(),
  voltTaps: z
    .union([z.number().int().min(1).max(100), z.array(z.union([z.string().max(40), z.number()])).max(100)])
    .optional(),
  /** A wire-speed dial with marks of its own instead of a speed, and what was run out in a timed run at some of them. */
  feedDial: z
    .object({
      min: z.number().min(-1000).max(1000),
      max: z.number().min(-1000).max(1000),
      runOuts: z
        .array(
          z.object({ dial: z.number().min(-1000).max(1000), wireSpeedMPerMin: z.number().min(0.1).max(100) }),
        )
        .max(50)
        .default([]),
    })
    .nullable()
    .optional(),
  control: z.enum(CONTROLS).optional(),
  /** The chart in its door, as the shop entered it. */
  chart: chartSchema.optional(),
  /** When the open machine was last looked after, ISO dates. */
  upkeep: upkeepDatesSchema.optional(),
  /** Stations whose parts are only assumed, not yet looked at. */
  assumed: z.array(z.enum(STATIONS)).max(20).optional(),
  fitted: fittedSchema.default({}),
})
export type Machine = z.infer<typeof machineSchema>

const stock = {
  id: z.string().max(100).optional(),
  count: z.number().int().min(0).max(1_000_000).default(1),
  drawer: z.string().max(60).optional(),
  note: z.string().max(200).optional(),
  /** At this count or below it is time to buy. */
  lowAt: z.number().int().min(0).max(10000).optional(),
  /** Days from order to drawer, where the shop knows better than its usual. */
  leadDays: z.number().int().min(0).max(365).optional(),
}
/** A part in the store: the station it belongs to, in the words of `fitted`, and how many. */
export const partSchema = z.discriminatedUnion('kind', [
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
  z.object({ kind: z.literal('regulator'), gas: z.string().max(40).optional(), ...stock }),
  z.object({ kind: z.literal('cylinder'), gas: mixtureSchema, ...stock }),
  z.object({
    kind: z.literal('wire'),
    label: z.string().max(500),
    /** A wire no label describes: then the label is only its name. */
    byHand: handShape.optional(),
    massKg: z.number().min(0).max(1000).optional(),
    spoolType: z.enum(SPOOL_TYPES).optional(),
    /** What its data sheet says, as the shop entered it. */
    chart: chartSchema.optional(),
    ...condition,
    ...stock,
  }),
])
export type Part = z.infer<typeof partSchema>
export type PartKind = Part['kind']
export const storeSchema = z.array(partSchema).max(5000)

export const jobSchema = z.object({
  material: z.enum(MATERIALS),
  thicknessMm: z.number().min(0.3).max(200),
  position: z.enum(POSITIONS).optional(),
  draughtMPerS: z.number().min(0).max(50).optional(),
})
export type Job = z.infer<typeof jobSchema>

/** More tasks than there are, ours or a later version's. */
const MOST_TASK_MINUTES = 500

export const changeoverRequestSchema = z.object({
  machine: machineSchema,
  wire: wireInputSchema,
  job: jobSchema,
  store: storeSchema.optional(),
  practice: practiceSchema.optional(),
  /** What ran well here last time with this wire on such metal. */
  ranWell: z
    .object({
      voltageV: z.number().min(5).max(60),
      wireSpeedMPerMin: z.number().min(0.1).max(100),
      tap: z.string().max(20).optional(),
      dial: z.number().min(-1000).max(1000).optional(),
    })
    .optional(),
  /** Upkeep to be done with it. */
  upkeep: z.array(z.enum(UPKEEP)).max(10).optional(),
  /** Minutes a task takes here, from the shop's own log. */
  minutes: z
    .record(z.string().max(40), z.number().positive().max(600))
    .refine((record) => Object.keys(record).length <= MOST_TASK_MINUTES, {
      error: requestText.tooManyTasks(),
    })
    .optional(),
})
export type ChangeoverRequest = z.infer<typeof changeoverRequestSchema>
