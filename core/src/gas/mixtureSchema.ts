import { z } from 'zod'
import { say } from '../base/codes.ts'
import { addWrong } from '../base/check.ts'

export const GASES = ['Ar', 'CO2', 'O2', 'He', 'H2', 'N2'] as const
export const mixtureSchema = z
  .partialRecord(z.enum(GASES), z.number().min(0).max(100))
  .superRefine((mixture, context) => {
    const sum = Object.values(mixture).reduce((a, b) => a + b, 0)
    if (Math.abs(sum - 100) > 0.5) addWrong(context, say('request.mixtureSum', Math.round(sum * 10) / 10))
  })
export type Mixture = z.infer<typeof mixtureSchema>

/** What meters are usually made for. */
export const ARGON: Mixture = { Ar: 100 }
