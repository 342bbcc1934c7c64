/**
 * Asks seeded requests of a core whose words are pretended, and prints every word of an answer that stayed English:
 * run by the laws in a copy whose wording was rewritten.
 */
import { asked } from '../../server/test/asked.ts'
import { answer } from '../../server/src/answer.ts'
import { changeoverAnswer, changeoverRequestSchema, planChangeover } from '../../core/src/index.ts'
import { english } from '../pseudo.mjs'

/** What is said in an answer: sentences, not ids and not what was sent. */
const said = (body: Record<string, unknown>): string[] => {
  const list = (key: string) => (body[key] as Record<string, unknown>[] | undefined) ?? []
  const start = (body.start ?? {}) as Record<string, unknown>
  const texts: unknown[] = [
    ...list('findings').flatMap((f) => [f.why, f.consequence, ...(f.alsoDo as string[])]),
    ...list('gather').map((g) => g.part),
    ...((body.tools as string[] | undefined) ?? []),
    ...list('steps').flatMap((s) => [s.text, ...(s.hazards as string[])]),
    ...list('problems').flatMap((p) => [p.message, p.wayOut]),
    ...((body.notes as string[] | undefined) ?? []),
    start.row,
    ...((start.notes as string[] | undefined) ?? []),
    ...['currentA', 'voltageV', 'wireSpeedMPerMin', 'gasFlowLPerMin', 'tipToWorkMm'].map(
      (key) => (start[key] as { origin?: string } | null | undefined)?.origin,
    ),
    ...((body.wire as { notes?: string[] } | undefined)?.notes ?? []),
  ]
  return texts.filter((text): text is string => typeof text === 'string')
}

/** Words that were sent: what is quoted from a request is the user's own. */
const own = (body: unknown) => new Set(JSON.stringify(body).match(/[A-Za-z]{3,}/g) ?? [])
const left = new Map<string, string>()
for (const [question, body] of asked(Number(process.env.SHARE ?? 0.25))) {
  const sent = own(body)
  const texts: string[] = []
  const given = answer({ question, body: new TextEncoder().encode(JSON.stringify(body)) })
  if (typeof given === 'string') continue
  texts.push(...said(JSON.parse(given.body) as Record<string, unknown>))
  const request = question === 'changeover' ? changeoverRequestSchema.safeParse(body) : undefined
  const plan = request?.success ? planChangeover(request.data) : undefined
  if (plan?.ok)
    texts.push(...said(changeoverAnswer(plan.value, 'inch') as unknown as Record<string, unknown>))
  for (const text of texts)
    // Ids that may be sent are listed as they are, and what was typed is quoted.
    for (const word of english(text.replace(/: [\w-]+(?:, [\w-]+)*\.$|“[^”]*”/g, ''))) {
      const key = given.status === 200 || !sent.has(word) ? word : ''
      if (key && !left.has(key)) left.set(key, text)
    }
}
for (const [word, text] of left) console.log(`${word}: ${text.slice(0, 160)}`)
