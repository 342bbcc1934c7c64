import type { z } from 'zod'
import type { Problem, Read } from '../problem.ts'
import { requestText } from '../wording/problems.ts'

/** Problems that are listed; what goes beyond is counted. */
const MOST_PROBLEMS = 50
/** Characters of one problem's message, of which a part is what was typed. */
const LONGEST_MESSAGE = 400

/** Zod's issues as problems with a dotted path, `machine.fitted.contactTip.stamp`: the first fifty, and how many more. */
export function problemsOf(error: z.ZodError, under = ''): Problem[] {
  const { issues } = error
  const listed = issues.slice(0, MOST_PROBLEMS).map((issue) => ({
    path: [under, ...issue.path.map((p) => String(p).slice(0, 60))].filter(Boolean).join('.').slice(0, 200),
    message: issue.message.slice(0, LONGEST_MESSAGE),
  }))
  const more = issues.length - listed.length
  return more > 0 ? [...listed, { path: under, message: requestText.moreProblems(more) }] : listed
}

/** Values in a request: a store of 5,000 parts with everything said of each. */
const MOST_VALUES = 150_000

/** Whether a parsed body holds more values than any shop has; looked at once, however deep it goes. */
export function tooMuch(body: unknown, most = MOST_VALUES): boolean {
  const left: unknown[] = [body]
  let seen = 0
  while (left.length) {
    const value = left.pop()
    if (++seen > most) return true
    if (typeof value !== 'object' || value === null) continue
    const inside = Object.values(value)
    if (seen + left.length + inside.length > most) return true
    for (const one of inside) left.push(one)
  }
  return false
}

/** Reads anything from outside against a schema. @returns the value, or every problem with its path */
export function validate<S extends z.ZodType>(schema: S, value: unknown, under = ''): Read<z.output<S>> {
  const result = schema.safeParse(value)
  return result.success
    ? { ok: true, value: result.data }
    : { ok: false, problems: problemsOf(result.error, under) }
}
