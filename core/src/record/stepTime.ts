import { z } from 'zod'
import { TASKS } from '../steps/step.ts'

/** How long one step took, walking not counted. */
export const stepTimeSchema = z.object({
  /** Which step of the plan it was; an older record does not say. */
  step: z.string().max(100).optional(),
  task: z.enum(TASKS),
  minutes: z.number().min(0).max(600),
})
export type StepTime = z.infer<typeof stepTimeSchema>
