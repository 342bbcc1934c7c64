import { z } from 'zod'
import type { Content } from '@pepper-knot/core/ledger'
import type { JobKind, Run } from '@pepper-knot/core/record'

/** What the list says of a run that was signed off: none of them has to be opened for it. */
const pastSchema = z.object({
  id: z.string(),
  at: z.string(),
  kind: z.custom<JobKind>((kind) => typeof kind === 'string'),
  label: z.string(),
  machine: z.string().optional(),
  mark: z.number().optional(),
})
export type Past = z.infer<typeof pastSchema>
/** Runs that no screen opens with: those that were signed off, the last one first, and those that were removed. */
const pastRunsSchema = z.object({ signed: z.array(pastSchema), removed: z.array(z.string()) })
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
