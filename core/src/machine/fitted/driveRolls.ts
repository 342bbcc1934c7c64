import { z } from 'zod'
import { addWrong } from '../../base/check.ts'
import { say } from '../../base/codes.ts'
import { GROOVE_PROFILES } from '../../terms/terms.ts'
import { readStampMm } from '../../wire/diameters.ts'
import { condition, stampSchema } from './common.ts'

export const activeIsAGroove = (rolls: { grooves: string[]; active?: string }, context: z.RefinementCtx) => {
  const sizes = (stamp: string) => {
    const mm = readStampMm(stamp)
    return mm.ok ? mm.value : []
  }
  if (
    rolls.active !== undefined &&
    !rolls.grooves.some((g) => g === rolls.active || sizes(g).some((mm) => sizes(rolls.active!).includes(mm)))
  )
    addWrong(context, say('request.grooveNotListed', rolls.active), ['active'])
}

export const rollsShape = z.object({
  profile: z.enum(GROOVE_PROFILES),
  grooves: z.array(stampSchema).min(1).max(4),
  active: stampSchema.optional(),
  ...condition,
})
export const rollsSchema = rollsShape.superRefine(activeIsAGroove)
