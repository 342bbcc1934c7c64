import { z } from 'zod'
import { SPOOL_TYPES } from '../../wire/spool.ts'
import { condition } from './common.ts'

export const LEAVES = ['top', 'bottom'] as const
export const spoolSchema = z.object({
  type: z.enum(SPOOL_TYPES).optional(),
  wireKg: z.number().min(0).max(1000).optional(),
  pinEngaged: z.boolean().optional(),
  leaves: z.enum(LEAVES).optional(),
  adapter: z.boolean().optional(),
  ...condition,
})
