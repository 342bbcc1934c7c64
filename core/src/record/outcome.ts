import { z } from 'zod'
import { trySchema } from '../arc/tries.ts'
import { CAUSES } from '../trouble/causes.ts'
import { fittedSchema } from '../machine/fitted/fitted.ts'
import { wireInputSchema } from '../machine/fitted/wire.ts'
import { STATIONS, VERDICTS } from '../machine/stations.ts'
import { partSchema } from '../machine/store.ts'
import { stepTimeSchema } from './stepTime.ts'

/** More parts than one change can move. */
export const MOST_PARTS = 200
export const MOST_FINDINGS = 100

/** What a signed-off change was: the machine before and after, what it used, how it ran; never the whole store. */
export const outcomeSchema = z.object({
  /** What the machine was called then. */
  machine: z.string().max(100),
  wire: wireInputSchema.optional(),
  /** Broken off before its end. */
  stopped: z.boolean().optional(),
  /** Causes of a trouble that were found, with the minutes until each was cured. */
  troubles: z
    .array(z.object({ cause: z.enum(CAUSES), minutes: z.number().min(0).max(100_000) }))
    .max(MOST_PARTS)
    .optional(),
  before: fittedSchema,
  end: fittedSchema,
  findings: z
    .array(
      z.object({
        station: z.enum(STATIONS),
        verdict: z.enum(VERDICTS),
        rule: z.string().max(100),
        /** Left as it was by choice. */
        kept: z.literal(true).optional(),
      }),
    )
    .max(MOST_FINDINGS),
  used: z.array(partSchema).max(MOST_PARTS),
  returned: z.array(partSchema).max(MOST_PARTS),
  scrapped: z.array(partSchema).max(MOST_PARTS),
  /** Minutes by step. */
  minutes: z.array(stepTimeSchema).max(500),
  /** Settings of the last good test weld on the real machine. */
  ran: trySchema.optional(),
  /** Settings it set out from, where they are known. */
  start: z.record(z.string().max(40), z.json()).optional(),
  /** The pressure mark, where it passed its test or nobody wrote how the test went. */
  mark: z.number().min(-1000).max(1000).optional(),
  /** Middle of the window that the pressure mark was found in, N of roll force. */
  centreN: z.number().positive().max(10_000).optional(),
})
export type RunOutcome = z.infer<typeof outcomeSchema>
