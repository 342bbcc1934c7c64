import { z } from 'zod'
import { CONDITIONS } from './common.ts'

/** What is seen of cables, clamp, plug and wire beside the stations' own parts. */
export const conditionsSchema = z.object({
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
