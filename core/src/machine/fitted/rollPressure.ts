import { z } from 'zod'

/** The mark on the machine's own scale; `null` where it has none. */
export const rollPressureSchema = z.object({ mark: z.number().min(-1000).max(1000).nullable().optional() })
