import type { Content } from '../../keep/fields.ts'
import { keptPlanSchema } from '../keptPlan.ts'

/** The steps of a run, as they were planned. */
export const planRecord = {
  schema: keptPlanSchema,
  field: {
    name: 'planned',
    of: ['run'],
    write: (plan: unknown) => plan as Content | undefined,
    read: (content: Content): unknown => content,
  },
} as const
