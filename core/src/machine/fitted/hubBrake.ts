import { z } from 'zod'

export const hubBrakeSchema = z.enum(['set', 'loose', 'tight'])
