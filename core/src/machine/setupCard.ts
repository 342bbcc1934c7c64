import { z } from 'zod'
import { MATERIALS, POSITIONS } from '../terms/terms.ts'
import { fittedSchema } from './fitted/fitted.ts'
import { ranWellSchema } from './request.ts'

/** One wire on one machine, as it hangs on the machine’s door and is handed to another device. */
export const setupCardSchema = z.object({
  /** When it was written. */
  at: z.iso.datetime(),
  machine: z.string().min(1).max(100),
  fitted: fittedSchema,
  /** Where the pressure knob stands, by this machine’s own scale. */
  mark: z.number().min(-1000).max(1000).optional(),
  /** What it ran well at, and on what. */
  ran: ranWellSchema.optional(),
  material: z.enum(MATERIALS).optional(),
  thicknessMm: z.number().min(0.3).max(200).optional(),
  position: z.enum(POSITIONS).optional(),
  note: z.string().max(200).optional(),
})
export type SetupCard = z.infer<typeof setupCardSchema>
