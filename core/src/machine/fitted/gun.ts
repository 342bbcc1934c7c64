import { z } from 'zod'
import { condition, conditionSchema, lengthM, ratingSchema } from './common.ts'
import { rollsSchema } from './driveRolls.ts'
import { linerSchema } from './liner.ts'

export const GUN_KINDS = ['push', 'push-pull', 'spool-gun'] as const
export const COOLINGS = ['air', 'water'] as const
export const gunSchema = z.object({
  kind: z.enum(GUN_KINDS),
  lengthM: lengthM.optional(),
  rolls: rollsSchema.nullable().optional(),
  innerLiner: linerSchema.nullable().optional(),
  oRing: conditionSchema.optional(),
  linerTrim: z.enum(['collet', 'gun-end', 'long']).optional(),
  ratingA: ratingSchema.optional(),
  cooling: z.enum(COOLINGS).optional(),
  /** Insulated guide at its end for a long extension, mm beyond the tip; 0 is none. */
  stickOutGuideMm: z.number().min(0).max(150).optional(),
  ...condition,
})
