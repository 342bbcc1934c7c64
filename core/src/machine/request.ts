import { z } from 'zod'
import { addWrong, wrong } from '../base/check.ts'
import { say } from '../base/codes.ts'
import { ownMetalSchema } from '../metals/own.ts'
import { practiceSchema } from '../practice/practice.ts'
import { MATERIALS, POSITIONS, SERVICES } from '../terms/terms.ts'
import { wireInputSchema } from './fitted/wire.ts'
import { machineSchema } from './machine.ts'
import { storeSchema } from './store.ts'
import { STATIONS, USE_STATIONS } from './stations.ts'
import { UPKEEP } from './upkeep.ts'

export const jobSchema = z.object({
  material: z.enum(MATERIALS),
  thicknessMm: z.number().min(0.3).max(200),
  /** Parent metal as people name it, `6061`, `316L`, `P22`, `A572 Gr 50`; one that no row knows is kept as typed. */
  alloy: z.string().max(60).optional(),
  /** The other metal, where two are joined. */
  otherAlloy: z.string().max(60).optional(),
  /** What the joint must bear beside its load. */
  service: z.array(z.enum(SERVICES)).max(SERVICES.length).optional(),
  /** Extraction at the arc made for beryllium, and medical watch, stand. */
  surveillance: z.boolean().optional(),
  /** Metals by the shop’s own word, which comes before ours; read by their names in `alloy` and `otherAlloy`. */
  metals: z.array(ownMetalSchema).max(20).optional(),
  position: z.enum(POSITIONS).optional(),
  draughtMPerS: z.number().min(0).max(50).optional(),
})
export type Job = z.infer<typeof jobSchema>

/** More tasks than there are, ours or a later version's. */
const MOST_TASK_MINUTES = 500

/** What a box says. */
export const decodeRequestSchema = z.object({ label: z.string().max(500) })

/** What is to be welded, for `POST /api/v1/suggest`. */
export const suggestRequestSchema = jobSchema.extend({
  machine: machineSchema.optional(),
  store: storeSchema.optional(),
})

/** Settings that ran well: figures, and the machine's own marks where it has some. */
export const ranWellSchema = z.object({
  voltageV: z.number().min(5).max(60),
  wireSpeedMPerMin: z.number().min(0.1).max(100),
  tap: z.string().max(20).optional(),
  dial: z.number().min(-1000).max(1000).optional(),
})

export const changeoverRequestSchema = z.object({
  machine: machineSchema,
  /** Left out: the wire on the machine stays, and what is wrong for it is put right. */
  wire: wireInputSchema.optional(),
  /** Left out: nothing that hangs on the metal is worked out, and there are no settings to start from. */
  job: jobSchema.optional(),
  /** Stations left as they are by choice. */
  keep: z.array(z.enum(STATIONS)).max(20).optional(),
  /** Parts of the store that go on instead of the usual: their index in `store`, by station. */
  use: z.partialRecord(z.enum(USE_STATIONS), z.number().int().min(0).max(5000)).optional(),
  store: storeSchema.optional(),
  practice: practiceSchema.optional(),
  /** What ran well here last time with this wire on such metal. */
  ranWell: ranWellSchema.optional(),
  /** Upkeep to be done with it. */
  upkeep: z.array(z.enum(UPKEEP)).max(10).optional(),
  /** Minutes a task takes here, from the shop's own log. */
  minutes: z
    .record(z.string().max(40), z.number().positive().max(600))
    .refine((record) => Object.keys(record).length <= MOST_TASK_MINUTES, wrong(say('request.tooManyTasks')))
    .optional(),
})
export type ChangeoverRequest = z.infer<typeof changeoverRequestSchema>

/** The same as the API takes it: who names a wire says what is to be welded with it. */
export const askedChangeoverSchema = changeoverRequestSchema.superRefine((request, context) => {
  if (request.wire !== undefined && request.job === undefined)
    addWrong(context, say('request.jobNeeded'), ['job'])
})
