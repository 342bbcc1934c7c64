import { z } from 'zod'
import { addWrong, wrong } from '../../base/check.ts'
import { say } from '../../base/codes.ts'
import { diameterOfMm, LONGEST_STAMP, readStampMm } from '../../wire/diameters.ts'

export const CONDITIONS = ['new', 'good', 'worn', 'dirty', 'kinked', 'damaged'] as const
export const conditionSchema = z.enum(CONDITIONS)

/** A stamp in either system, one size or two. */
export const stampSchema = z
  .union([z.string().max(LONGEST_STAMP), z.number().transform(String)])
  .superRefine((text, context) => {
    const stamp = readStampMm(text)
    if (!stamp.ok) addWrong(context, stamp.problems[0]!)
  })
/** A trade size in mm. */
export const sizeMm = z
  .number()
  .refine((mm) => diameterOfMm(mm) !== undefined, wrong(say('request.notASize')))
export const lengthM = z.number().positive().max(100)
/** What a gun or clamp is rated for, A. */
export const ratingSchema = z.number().positive().max(2000)
export const condition = { condition: conditionSchema.optional() }
