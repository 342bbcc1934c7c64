import { z } from 'zod'
import { GUIDE_MATERIALS } from '../../terms/terms.ts'
import { condition } from './common.ts'

/** What leads the wire into the rolls, or on to the liner. */
export const guideSchema = z.object({
  material: z.enum(GUIDE_MATERIALS),
  gapMm: z.number().min(0).max(200).optional(),
  ...condition,
})
