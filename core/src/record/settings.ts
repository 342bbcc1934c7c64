import { z } from 'zod'
import { HEAT_CONVENTIONS } from '../arc/limits.ts'
import { USUAL_LEAD_DAYS } from '../machine/leadTime.ts'
import { practiceSchema } from '../practice/practice.ts'

export const settingsSchema = z.object({
  units: z.enum(['metric', 'inch']).default('metric'),
  theme: z.enum(['system', 'light', 'dark']).default('system'),
  readAloud: z.boolean().default(true),
  /** Letters and signs alone do something; left out: they do. */
  singleKeys: z.boolean().optional(),
  /** The key of a pedal, taught once; as the browser names it. */
  pedalKey: z.string().min(1).max(40).optional(),
  practice: practiceSchema.default(practiceSchema.parse({})),
  /** Days an ordered part usually takes. */
  leadDays: z.number().int().min(0).max(365).default(USUAL_LEAD_DAYS),
  /** ISO 4217 code of the money sums are said in; left out: bare figures. */
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/)
    .optional(),
  /** By which convention heat input is named first. */
  heatConvention: z.enum(HEAT_CONVENTIONS).default('en-1011'),
})
export type Settings = z.infer<typeof settingsSchema>
