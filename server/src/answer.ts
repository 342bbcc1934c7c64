import { answers } from '@pepper-knot/core/english'
import { planChangeover, PlanRefused } from '@pepper-knot/core/jobs'
import { askedChangeoverSchema, decodeRequestSchema, suggestRequestSchema } from '@pepper-knot/core/machine'
import { problemAt, say, tooMuch, validate, type Problem } from '@pepper-knot/core/trade'
import {
  findTrouble,
  planCure,
  troubleRequestSchema,
  type CurePlan,
  type Trouble,
  type TroubleRequest,
} from '@pepper-knot/core/trouble'
import { readLabel, suggestWires } from '@pepper-knot/core/wire'

/** What can be asked for with a body. */
export const QUESTIONS = ['decode', 'suggest', 'changeover', 'trouble'] as const
export type Question = (typeof QUESTIONS)[number]

export interface Asked {
  question: Question
  /** The body as it came, UTF-8 text of JSON. */
  body: Uint8Array
  /** Leave what takes long undone, and say so. */
  lightOnly?: boolean
}

export interface Answer {
  status: number
  /** JSON. */
  body: string
}
/** Not answered: it is work for those who have time. */
export const HEAVY = 'heavy'

/** The API speaks English, and counts in metric units. */
const words = answers('metric')

const ok = (value: unknown): Answer => ({ status: 200, body: JSON.stringify(value) })
const refused = (problems: Problem[], status = 422): Answer => ({
  status,
  body: JSON.stringify({ problems: words.problems(problems) }),
})

/**
 * Answers one request from its bytes: the reading, the planning and the writing, so that all of it can be done away
 * from the thread that takes requests. Nothing a client sends makes it throw.
 * @returns the answer, or `HEAVY` when only light work was wanted and this is not
 */
export function answer({ question, body, lightOnly }: Asked): Answer | typeof HEAVY {
  let value: unknown
  try {
    value = body.length === 0 ? {} : JSON.parse(new TextDecoder().decode(body))
  } catch {
    return refused([problemAt('', say('request.notJson'))])
  }
  if (tooMuch(value)) return refused([problemAt('', say('request.tooMuch'))])
  if (question === 'decode') return decode(value)
  if (question === 'trouble') return trouble(value)
  return question === 'suggest' ? suggest(value) : changeover(value, lightOnly ?? false)
}

function decode(value: unknown): Answer {
  const body = validate(decodeRequestSchema, value)
  if (!body.ok) return refused(body.problems)
  const label = readLabel(body.value.label)
  return label.ok ? ok(words.decode(label.value)) : refused(label.problems)
}

function suggest(value: unknown): Answer {
  const body = validate(suggestRequestSchema, value)
  return body.ok ? ok(words.suggest(suggestWires(body.value))) : refused(body.problems)
}

function trouble(value: unknown): Answer {
  const body = validate(troubleRequestSchema, value)
  if (!body.ok) return refused(body.problems)
  const found = findTrouble(body.value)
  if (!found.ok) return refused(found.problems)
  return ok(words.trouble(found.value, cureOf(found.value, body.value.symptoms)))
}
/** A cure whose list could not be proved is said in words only. */
function cureOf({ context, found }: Trouble, symptoms: TroubleRequest['symptoms']): CurePlan | null {
  try {
    return found && planCure(context, found.cause, symptoms)
  } catch (error) {
    if (!(error instanceof PlanRefused)) throw error
    console.error(error.message)
    return null
  }
}

function changeover(value: unknown, lightOnly: boolean): Answer | typeof HEAVY {
  const body = validate(askedChangeoverSchema, value)
  if (!body.ok) return refused(body.problems)
  if (lightOnly && body.value.practice?.people === 2) return HEAVY
  try {
    const plan = planChangeover(body.value)
    return plan.ok ? ok(words.changeover(plan.value)) : refused(plan.problems)
  } catch (error) {
    if (!(error instanceof PlanRefused)) throw error
    console.error(error.message)
    return refused([problemAt('', say('request.notProved'))])
  }
}
