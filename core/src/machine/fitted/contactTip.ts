import { z } from 'zod'
import { condition, stampSchema } from './common.ts'

export const tipSchema = z.object({ stamp: stampSchema, aluminiumBore: z.boolean().optional(), ...condition })
