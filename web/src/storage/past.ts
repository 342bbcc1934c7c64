import { z } from 'zod'
import type { Content } from '@pepper-knot/core/ledger'
import { logLine, type Run } from '@pepper-knot/core/record'
import type { Boxes, Put } from './boxes.ts'

/** What the list says of a run that was signed off: none of them has to be opened for it. */
export type Past = NonNullable<ReturnType<typeof logLine>>
const isOptional = (value: unknown, type: string) => value === undefined || typeof value === type
/** There are thousands: each is looked at by hand. */
const isPast = (one: unknown): one is Past => {
  if (typeof one !== 'object' || one === null) return false
  const {
    id,
    at,
    kind,
    label,
    machineId,
    machine,
    mark,
    wire,
    material,
    thicknessMm,
    ran,
    minutes,
    planned,
    note,
    causes,
    fitted,
    by,
  } = one as Record<keyof Past, unknown>
  const { voltageV, wireSpeedMPerMin } = (ran ?? {}) as Record<string, unknown>
  return (
    [id, at, kind, label, machineId].every((text) => typeof text === 'string') &&
    Number.isFinite(Date.parse(at as string)) &&
    [machine, material, by, note].every((text) => isOptional(text, 'string')) &&
    [mark, thicknessMm, minutes, planned].every((n) => isOptional(n, 'number')) &&
    (wire === undefined || typeof (wire as { diameterMm?: unknown }).diameterMm === 'number') &&
    (ran === undefined || (typeof voltageV === 'number' && typeof wireSpeedMPerMin === 'number')) &&
    [causes, fitted].every((list) => list === undefined || Array.isArray(list))
  )
}
/** Runs that no screen opens with: those that were signed off, the last one first, and those that were removed. */
const pastRunsSchema = z.object({
  signed: z.custom<Past[]>((rows) => Array.isArray(rows) && rows.every(isPast)),
  removed: z.array(z.string()),
})
export type PastRuns = z.infer<typeof pastRunsSchema>
/** The list of an earlier version said less; it is made anew under this name. */
export const PAST = 'past/4'

/** The last of them beside the whole list: what a screen shows first. */
const NEWEST = `${PAST}/newest`
const MOST_NEWEST = 100
/** Lists under their earlier names go once this one stands. */
export const OLDER_LISTS: readonly Put[] = ['past', 'past/2', 'past/3', 'past/3/newest'].map((key) => ({
  box: 'meta',
  key,
}))
export const pastPuts = (past: PastRuns): Put[] => [
  { box: 'meta', key: PAST, value: past },
  { box: 'meta', key: NEWEST, value: past.signed.slice(0, MOST_NEWEST) },
]
/** @returns nothing where the store has no such list yet */
export async function newestIn({ meta }: Pick<Boxes, 'meta'>): Promise<Past[] | undefined> {
  const raw = await meta.get(NEWEST)
  return Array.isArray(raw) && raw.every(isPast) ? raw : undefined
}

/** Nothing where it is not signed off. */
export function pastOf(content: Content | null): Past[] {
  const line = content && logLine(content as unknown as Run)
  return line ? [line] : []
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
