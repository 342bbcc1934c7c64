import { z } from 'zod'
import { machineSchema } from '../machine/machine.ts'
import { jobSchema } from '../machine/request.ts'
import { STATIONS } from '../machine/stations.ts'
import { storeSchema } from '../machine/store.ts'
import { wireInputSchema } from '../machine/fitted/wire.ts'
import { practiceSchema } from '../practice/practice.ts'
import { CAUSES } from './causes.ts'
import { addWrong } from '../base/check.ts'
import { say } from '../base/codes.ts'
import { CHECKS, OUTCOMES, outcomesOf } from './checks.ts'
import { LEADS, PHASES, SINCE, SYMPTOMS } from './symptoms.ts'

/** More than there are to say, and to look at twice. */
const MOST = 200

/** One look made: what it showed. */
export const checkedSchema = z
  .object({ id: z.enum(CHECKS), outcome: z.enum(OUTCOMES) })
  .superRefine(({ id, outcome }, ctx) => {
    const may = outcomesOf(id)
    if (!may.includes(outcome)) addWrong(ctx, say('trouble.outcome', outcome, may), ['outcome'])
  })
export type Checked = z.infer<typeof checkedSchema>

/** What is said of a trouble, beside the machine; all but the symptoms may be left out, and is then unknown. */
export const toldSchema = z.object({
  /** Settings in use: volts, m/min, tip to work mm. */
  setting: z
    .object({
      voltageV: z.number().min(5).max(60).optional(),
      wireSpeedMPerMin: z.number().min(0.1).max(100).optional(),
      tipToWorkMm: z.number().min(0).max(150).optional(),
    })
    .optional(),
  at: z.enum(PHASES).optional(),
  lead: z.enum(LEADS).optional(),
  since: z.enum(SINCE).optional(),
  lastChange: z.array(z.enum(STATIONS)).max(20).optional(),
  history: z
    .object({
      daysSinceLinerBlowOut: z.number().min(0).max(100_000).optional(),
      tipHours: z.number().min(0).max(100_000).optional(),
      spoolOpenMonths: z.number().min(0).max(2000).optional(),
    })
    .optional(),
  /** It comes and goes. */
  comesAndGoes: z.boolean().optional(),
  symptoms: z.array(z.enum(SYMPTOMS)).min(1).max(MOST),
  checks: z.array(checkedSchema).max(MOST).optional(),
  /** Causes that were cured, and the trouble stayed. */
  cured: z.array(z.enum(CAUSES)).max(MOST).optional(),
})
export type Told = z.infer<typeof toldSchema>

/** A question to the trouble finder. */
export const troubleRequestSchema = toldSchema.extend({
  machine: machineSchema,
  /** Left out: the wire on the machine. */
  wire: wireInputSchema.optional(),
  job: jobSchema.optional(),
  store: storeSchema.optional(),
  practice: practiceSchema.optional(),
  /** What was at fault here before, and how often. */
  finds: z
    .array(z.object({ cause: z.enum(CAUSES), count: z.number().int().min(1).max(100_000) }))
    .max(MOST)
    .optional(),
})
export type TroubleRequest = z.infer<typeof troubleRequestSchema>
export type Finds = NonNullable<TroubleRequest['finds']>
