import { z } from 'zod'
import { wrong } from '../../base/check.ts'
import { say } from '../../base/codes.ts'
import { LINER_MATERIALS } from '../../terms/terms.ts'
import { condition, lengthM } from './common.ts'

export const inOrder = (range: { minMm: number; maxMm: number }) => range.minMm <= range.maxMm
export const reversed = wrong(say('request.rangeReversed'), ['minMm'])

/** A liner's printed range, mm; compared by trade size. */
const rangeMm = z.number().min(0.3).max(6)
export const linerShape = z.object({
  material: z.enum(LINER_MATERIALS),
  minMm: rangeMm,
  maxMm: rangeMm,
  lengthM: lengthM.optional(),
  ...condition,
})
export const linerSchema = linerShape.refine(inOrder, reversed)
