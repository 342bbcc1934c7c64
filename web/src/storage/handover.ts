import { z } from 'zod'

const answerSchema = z.object({ code: z.string().regex(/^\d{6}$/), until: z.iso.datetime() })
const problemsSchema = z.object({ problems: z.array(z.object({ message: z.string() })).min(1) })
const HANDOVER = '/api/v1/handover'

/** What the server says is wrong, or nothing where it did not answer. */
async function refusal(response: Response): Promise<Error> {
  const read = problemsSchema.safeParse(await response.json().catch(() => undefined))
  return new Error(read.success ? read.data.problems[0]!.message : '')
}
/** Hands a file to the server. @throws Error with what the server says, or an empty one where it is not reached */
export async function handOver(file: Blob): Promise<{ code: string; until: string }> {
  const response = await fetch(HANDOVER, { method: 'POST', body: file }).catch(() => undefined)
  if (!response) throw new Error('')
  if (!response.ok) throw await refusal(response)
  const read = answerSchema.safeParse(await response.json())
  if (!read.success) throw new Error('')
  return read.data
}
/** Takes the file of a code. @throws Error like `handOver` */
export async function takeOver(code: string): Promise<Blob> {
  const response = await fetch(`${HANDOVER}?code=${code}`).catch(() => undefined)
  if (!response) throw new Error('')
  if (!response.ok) throw await refusal(response)
  return response.blob()
}
/** Says that it is here, also where the page is left at once: the server forgets it. */
export const tookOver = (code: string): Promise<unknown> =>
  fetch(`${HANDOVER}?code=${code}`, { method: 'DELETE', keepalive: true }).catch(() => undefined)
