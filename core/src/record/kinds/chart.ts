import { z } from 'zod'
import { chartSchema } from '../../machine/chart.ts'

/** Rows of settings of a machine or a wire, kept beside it: long, and seldom changed. */
export const chartRecord = {
  schema: z.object({ rows: chartSchema }),
  field: {
    name: 'chart',
    of: ['machine', 'wire'],
    write: (rows: unknown) => (Array.isArray(rows) && rows.length ? { rows: rows as [] } : undefined),
    read: ({ rows }: Record<string, unknown>) => rows,
  },
} as const
