import { z } from 'zod'

/** The circuit the machine hangs on; it stands beside `fitted` on the machine. */
export const supplySchema = z.object({
  voltageV: z.number().min(50).max(1000).optional(),
  phases: z.union([z.literal(1), z.literal(3)]).optional(),
  breakerA: z.number().positive().max(1000).optional(),
  cordLengthM: z.number().min(0).max(500).optional(),
  cordMm2: z.number().positive().max(200).optional(),
})
