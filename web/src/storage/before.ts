import {
  migrating,
  nameFor,
  openVersion1,
  shownContent,
  textOf,
  type Content,
  type Kept,
} from '@pepper-knot/core/ledger'
import { mergeStates, type Key, type State } from '@pepper-knot/core/record'
import { type Problem } from '@pepper-knot/core/trade'
import { z } from 'zod'
import type { Books } from './books.ts'
import type { Boxes } from './boxes.ts'
import { asideOfBefore, textOfBefore } from './former.ts'

type RunEntries = NonNullable<ReturnType<State['entries']['get']>>

/** What was last seen of the text that the version before this one keeps, record by record. */
const seenSchema = z.object({
  name: z.string(),
  /** The device its changes are counted for. */
  actor: z.string(),
  n: z.number().int().min(1),
  records: z.record(z.string(), z.object({ n: z.number(), name: z.string() })),
})
const SEEN = 'before'
/** In the place of a name: it was removed there. */
const GONE = 'gone'
const FIRST_AT = '2026-01-01T00:00:00.000Z'

export type Brought =
  | { state: 'none' | 'known' }
  | { state: 'brought'; aside: number }
  | { state: 'unreadable'; problems: Problem[]; text: string }

const pause = () => new Promise((done) => setTimeout(done))
async function unhurried<T>(work: Generator<number, T>): Promise<T> {
  let since = performance.now()
  for (;;) {
    const next = work.next()
    if (next.done) return next.value
    if (performance.now() - since > 40) {
      await pause()
      since = performance.now()
    }
  }
}

/**
 * Brings in what the version before this one kept as one text, and what an open tab of it has written since. Each of
 * its records counts as written by a device of its own: where nothing else was changed here it follows, where
 * something was both versions stand. The text itself is left as it is.
 */
export async function bringBefore(
  books: Books,
  boxes: Boxes,
  unnamed: string,
  newId: () => string,
): Promise<Brought> {
  const found = await textOfBefore()
  if (!found) return { state: 'none' }
  const known = seenSchema.safeParse(await boxes.meta.get(SEEN))
  const name = nameFor(found.text)
  if (known.success && known.data.name === name) return { state: 'known' }
  let opened = openVersion1(found.text, unnamed)
  let aside = 0
  if (!opened.ok) {
    // Half written: what stood there one touch before is the last good one. Never where it is of a newer version.
    const older = found.older === null ? undefined : openVersion1(found.older, unnamed)
    if (known.success || !older?.ok || opened.problems.some((p) => p.path === 'version'))
      return { state: 'unreadable', problems: opened.problems, text: found.text }
    await books.layAside('shop', found.text)
    opened = older
    aside = 1
  }
  if (opened.value.aside.length) {
    await books.layAside('shop', opened.value.aside)
    aside += opened.value.aside.length
  }
  if (!known.success) for (const [key, text] of await asideOfBefore()) await books.layAside(key, text)

  const before = known.success ? known.data.records : {}
  const n = known.success ? known.data.n + 1 : 1
  // Named by what it first said: two tabs that bring it in at once write the same.
  const actor = known.success ? known.data.actor : `before-${name}`
  const seen: z.infer<typeof seenSchema> = { name, actor, n, records: {} }
  const clockOf = (key: string, content: Content) => {
    const own = nameFor(textOf(content))
    const old = before[key]
    const at = old?.name === own ? old.n : n
    seen.records[key] = { n: at, name: own }
    return { [actor]: at }
  }
  const state = await unhurried(migrating(opened.value.shop, FIRST_AT, clockOf))
  // What that tab removed since.
  const gone = Object.keys(before).filter((key) => !(key in seen.records))
  const removed = (was: Content | null): Kept => ({
    since: 0,
    versions: [{ clock: { [actor]: n }, at: FIRST_AT, content: null, ...(was && { was }) }],
  })
  for (const key of gone) seen.records[key] = before[key]!.name === GONE ? before[key]! : { n, name: GONE }
  const withGone = (now: State): State => {
    const records = new Map(state.records)
    const entries = new Map([...state.entries].map(([run, of]) => [run, new Map(of)] as const))
    for (const key of gone) {
      if (before[key]!.name === GONE) continue
      const kept = now.records.get(key as Key)
      if (kept) {
        records.set(key as Key, { ...removed(shownContent(kept)), since: kept.since })
        continue
      }
      for (const [run, of] of now.entries) {
        if (!key.startsWith(`${run}/`)) continue
        const id = key.slice(run.length + 1)
        if (of.has(id)) {
          const into = entries.get(run) ?? new Map<string, Kept>()
          into.set(id, { ...removed(null), since: of.get(id)!.since })
          entries.set(run, into)
        }
      }
    }
    return { records, entries: entries as ReadonlyMap<string, RunEntries> }
  }
  await books.write((now) => mergeStates(now, withGone(now)), {
    id: newId(),
    also: [{ box: 'meta', key: SEEN, value: seen }],
    hold: true,
  })
  return { state: 'brought', aside }
}

/** What stands there now counts as seen: somebody chose to begin without it. */
export async function passOver(boxes: Boxes): Promise<void> {
  const found = await textOfBefore()
  if (!found) return
  const name = nameFor(found.text)
  const seen: z.infer<typeof seenSchema> = { name, actor: `before-${name}`, n: 1, records: {} }
  await boxes.write([{ box: 'meta', key: SEEN, value: seen }])
}
