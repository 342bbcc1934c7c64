import type { z } from 'zod'
import type { Problem, Read } from '../problem.ts'

/** Zod's issues as problems with a dotted path: `machine.fitted.contactTip.stamp`. */
export const problemsOf = (error: z.ZodError, under = ''): Problem[] =>
  error.issues.map((issue) => ({
    path: [under, ...issue.path.map(String)].filter(Boolean).join('.'),
    message: issue.message,
  }))

/** Reads anything from outside against a schema. @returns the value, or every problem with its path */
export function validate<S extends z.ZodType>(schema: S, value: unknown, under = ''): Read<z.output<S>> {
  const result = schema.safeParse(value)
  return result.success
    ? { ok: true, value: result.data }
    : { ok: false, problems: problemsOf(result.error, under) }
}
