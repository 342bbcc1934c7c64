import { z } from 'zod'
import type { Content } from '@pepper-knot/core/ledger'
import type { JobKind, Run } from '@pepper-knot/core/record'

/** What the list says of a run that was signed off: none of them has to be opened for it. */
export interface Past {
  id: string
  /** ISO time. */
  at: string
  kind: JobKind
  label: string
  machine?: string
  mark?: number
}
/** There are thousands: each is looked at by hand. */
const isPast = (one: unknown): one is Past => {
  if (typeof one !== 'object' || one === null) return false
  const { id, at, kind, label, machine, mark } = one as Record<keyof Past, unknown>
  return (
    [id, at, kind, label].every((text) => typeof text === 'string') &&
    Number.isFinite(Date.parse(at as string)) &&
    (machine === undefined || typeof machine === 'string') &&
    (mark === undefined || typeof mark === 'number')
  )
}
/** Runs that no screen opens with: those that were signed off, the last one first, and those that were removed. */
const pastRunsSchema = z.object({
  signed: z.custom<Past[]>((rows) => Array.isArray(rows) && rows.every(isPast)),
  removed: z.array(z.string()),
})
export type PastRuns = z.infer<typeof pastRunsSchema>
export const PAST = 'past'

/** Nothing where it is not signed off. */
export function pastOf(content: Content | null): Past[] {
  const run = content as unknown as Run | null
  if (run?.signedOffAt === undefined) return []
  const { machine, mark } = run.outcome ?? {}
  return [
    {
      id: run.id,
      at: run.signedOffAt,
      kind: run.kind,
      label: run.label,
      ...(machine !== undefined && { machine }),
      ...(typeof mark === 'number' && { mark }),
    },
  ]
}
const inOrder = (rows: readonly Past[]): Past[] =>
  [...rows].sort((a, b) => (a.at === b.at ? (a.id < b.id ? -1 : 1) : a.at < b.at ? 1 : -1))
export function readPast(raw: unknown): PastRuns | undefined {
  const read = pastRunsSchema.safeParse(raw)
  return read.success ? read.data : undefined
}
/** The lists with these runs as they are now. @param runs by id; `null`: removed */
export function pastWith(
  { signed, removed }: PastRuns,
  runs: readonly { id: string; is: Content | null; wasThere: boolean }[],
): PastRuns {
  const ids = new Set(runs.map(({ id }) => id))
  return {
    signed: inOrder([...signed.filter(({ id }) => !ids.has(id)), ...runs.flatMap(({ is }) => pastOf(is))]),
    removed: [
      ...removed.filter((id) => !ids.has(id)),
      ...runs.flatMap(({ id, is, wasThere }) => (is === null && wasThere ? [id] : [])),
    ],
  }
}
