import { z } from 'zod'
import { condition } from './common.ts'

export const NOZZLE_KINDS = ['gas', 'gasless-cap', 'none'] as const
export const nozzleSchema = z.object({
  kind: z.enum(NOZZLE_KINDS),
  boreMm: z.number().min(5).max(50).optional(),
  ...condition,
})
