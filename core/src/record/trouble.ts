import { z } from 'zod'
import { CAUSES } from '../trouble/causes.ts'
import { toldSchema } from '../trouble/request.ts'
import { outcomeSchema } from './outcome.ts'
import { SYMPTOMS } from '../trouble/symptoms.ts'

/** Symptoms, looks and cures of one trouble: more than a day has room for. */
const MOST = 200

/** One trouble under way, as it is kept between two touches; its cure is the run’s own list. */
export const troubleKeptSchema = z.object({
  /** What was said and looked at, in the order it was answered. */
  told: toldSchema.extend({ symptoms: z.array(z.enum(SYMPTOMS)).max(MOST) }),
  /** What is seen was said: from then on it is looked for. */
  asked: z.boolean().optional(),
  /** The change that it came in the middle of. */
  from: z.string().max(100).optional(),
  /** The cause that is being cured, and whether its list was done. */
  curing: z.enum(CAUSES).optional(),
  cured: z.boolean().optional(),
  /** What its cures have made of machine and store so far. */
  work: outcomeSchema.optional(),
  /** Cures that helped, with the minutes until then. */
  helped: z
    .array(z.object({ cause: z.enum(CAUSES), minutes: z.number().min(0).max(100_000) }))
    .max(MOST)
    .optional(),
})
export type TroubleKept = z.infer<typeof troubleKeptSchema>
