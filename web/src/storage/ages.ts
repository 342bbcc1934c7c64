import { z } from 'zod'
import { KEPT_DAYS } from '@pepper-knot/core/ledger'

const DAY_MS = 86_400_000
/** Longest time that counts between two looks, days: a clock may have been put on meanwhile. */
const MOST_DAYS = 7

/**
 * How long this store has had what was removed. A clock that is put on or back makes nothing older: counted is what
 * passes between two looks, and of a long pause a week.
 */
const agesSchema = z.object({
  /** The clock at the last look, ms. */
  wall: z.number(),
  /** All that was counted so far, ms. */
  age: z.number().min(0),
  /** That count, when each was first seen to be removed. */
  from: z.record(z.string(), z.number()),
})
export type Ages = z.infer<typeof agesSchema>
export const AGES = 'ages'

export function readAges(raw: unknown, now: number): Ages {
  const read = agesSchema.safeParse(raw)
  return read.success ? read.data : { wall: now, age: 0, from: {} }
}
/** At the next look. @param gone everything that is removed now; what is not is forgotten */
export function grownTo(ages: Ages, now: number, gone: Iterable<string>): Ages {
  const age = ages.age + Math.min(Math.max(0, now - ages.wall), MOST_DAYS * DAY_MS)
  const from = [...gone].map((key): [string, number] => [key, ages.from[key] ?? age])
  return { wall: now, age, from: Object.fromEntries(from) }
}
/** What was kept long enough. */
export const oldIn = ({ age, from }: Ages): string[] =>
  Object.keys(from).filter((key) => age - from[key]! > KEPT_DAYS * DAY_MS)
