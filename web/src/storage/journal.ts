import { z } from 'zod'
import { BOX_NAMES, type Boxes } from './boxes.ts'

/** One value to write, or without one to take out. */
const putSchema = z.object({ box: z.enum(BOX_NAMES), key: z.string().min(1), value: z.unknown().optional() })
export type Put = z.infer<typeof putSchema>
const journalSchema = z.object({ puts: z.array(putSchema) })
export const JOURNAL = 'journal'

/** Writes as many at once as a browser takes without choking. */
const AT_ONCE = 100

async function apply(boxes: Boxes, puts: readonly Put[]): Promise<void> {
  for (let i = 0; i < puts.length; i += AT_ONCE)
    await Promise.all(
      puts
        .slice(i, i + AT_ONCE)
        .map(({ box, key, value }) =>
          value === undefined ? boxes[box].remove(key) : boxes[box].set(key, value),
        ),
    )
}

/**
 * Writes a batch: all of it to the journal, then each to its place, then the journal is cleared. However it is cut
 * off, the store holds all of it or nothing once `finishLeft` has run.
 * @throws whatever the browser says; before the journal stood, nothing was written
 */
export async function writeBatch(boxes: Boxes, puts: readonly Put[]): Promise<void> {
  await boxes.meta.set(JOURNAL, { puts })
  await apply(boxes, puts)
  await boxes.meta.remove(JOURNAL)
}

/**
 * Finishes a batch that was cut off.
 * @param aside lays aside what stands there and is no journal
 */
export async function finishLeft(boxes: Boxes, aside: (what: unknown) => Promise<void>): Promise<void> {
  const left = await boxes.meta.get(JOURNAL)
  if (left === null || left === undefined) return
  const journal = journalSchema.safeParse(left)
  if (journal.success) await apply(boxes, journal.data.puts)
  else await aside(left)
  await boxes.meta.remove(JOURNAL)
}
