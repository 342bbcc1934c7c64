import { z } from 'zod'
import { TASKS } from '../steps/step.ts'

/** How long one step took, walking not counted. */
export const stepTimeSchema = z.object({
  task: z.enum(TASKS),
  minutes: z.number().min(0).max(600),
})
export type StepTime = z.infer<typeof stepTimeSchema>
