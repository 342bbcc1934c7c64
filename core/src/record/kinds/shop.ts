import { z } from 'zod'

export const shopRecord = { schema: z.object({ name: z.string().min(1).max(100) }) } as const
