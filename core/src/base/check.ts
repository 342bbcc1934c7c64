import type { z } from 'zod'
import { say, type Said } from './codes.ts'
import { editDistance, nearestWord } from './nearest.ts'
import { problemAt, type Problem, type Read } from './problem.ts'

/** Problems that are listed; what goes beyond is counted. */
const MOST_PROBLEMS = 50

type Issue = z.core.$ZodIssue

/** What a refinement found, for `refine`. @example z.number().refine(isSize, wrong(say('request.notASize'))) */
export const wrong = (said: Said, path: string[] = []) => ({ params: { said }, path })
/** The same for `superRefine`. */
export const addWrong = (context: z.RefinementCtx, said: Said, path: (string | number)[] = []) =>
  context.addIssue({ code: 'custom', params: { said }, path })

/** Letters of a word that is compared, and shown again. */
const MOST_LETTERS = 60
const shortened = (word: unknown) => String(word).slice(0, MOST_LETTERS)
/** The known word nearest to one that is not, where it is near: a slip or two. Nothing where the input is no word. */
function nearestOf(issue: Issue): string | undefined {
  if (issue.code !== 'invalid_value' || typeof issue.input !== 'string') return undefined
  const word = shortened(issue.input)
  const near = nearestWord(word, issue.values.map(String))
  const most = isLong(issue.values) ? SLIPS : NEAR * word.length
  return editDistance(word.toLowerCase(), near.toLowerCase()) <= most ? near : undefined
}
/** Among so many words one that is further off is likely to mean another. */
const isLong = (values: readonly unknown[]) => values.length >= 25
const SLIPS = 2
const NEAR = 0.4

/** An issue as a code and its facts; what the schema's own words would say is never shown. */
export function saidOf(issue: Issue): Said {
  if (issue.code === 'custom' && issue.params?.said) return issue.params.said as Said
  if ('input' in issue && issue.input === undefined) return say('schema.missing')
  switch (issue.code) {
    case 'invalid_type':
      return say('schema.type', issue.expected)
    case 'invalid_value': {
      const near = nearestOf(issue)
      const values = issue.values.map(String)
      return near === undefined
        ? say('schema.oneOf', values)
        : say('schema.unknownWord', shortened(issue.input), near)
    }
    case 'too_big':
      return say('schema.atMost', issue.origin, Number(issue.maximum), issue.inclusive ?? true)
    case 'too_small':
      return say('schema.atLeast', issue.origin, Number(issue.minimum), issue.inclusive ?? true)
    case 'invalid_format':
      return say('schema.format', issue.format)
    default:
      return say('schema.unread')
  }
}

/** Issues as problems with a dotted path, `machine.fitted.contactTip.stamp`: the first fifty, and how many more. */
export function problemsOf({ issues }: { issues: readonly Issue[] }, under = ''): Problem[] {
  const listed = issues.slice(0, MOST_PROBLEMS).map((issue) => {
    const parts = [under, ...issue.path.map((p) => String(p).slice(0, 60))]
    const near = nearestOf(issue)
    return {
      ...problemAt(parts.filter(Boolean).join('.').slice(0, 200), saidOf(issue)),
      ...(near !== undefined && { suggestion: near }),
    }
  })
  const more = issues.length - listed.length
  return more > 0 ? [...listed, problemAt(under, say('request.moreProblems', more))] : listed
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
  const result = schema.safeParse(value, { reportInput: true })
  return result.success
    ? { ok: true, value: result.data }
    : { ok: false, problems: problemsOf(result.error, under) }
}
