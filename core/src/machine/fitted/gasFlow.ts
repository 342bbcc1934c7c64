import { z } from 'zod'

/** What the float shows, L/min. */
export const gasFlowSchema = z.number().min(0).max(200)
