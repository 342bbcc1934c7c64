import type { Change } from '../keep/takeBack.ts'
import { saysSame, type Content } from '../keep/fields.ts'
import { apart, follow, shownContent, takeOver, type Kept, type Writer } from '../keep/versions.ts'
import { readKey, type Key } from '../record/contents.ts'
import { entryContent } from '../record/entries.ts'
import { LISTS, recordRow, type Kind, type ListName } from '../record/kinds/index.ts'
import { mergeStates, type State } from '../record/state.ts'

/** `entry/<run>/<entry>`: an entry beside the records. */
export type EntryKey = `entry/${string}`
export const entryKey = (run: string, id: string): EntryKey => `entry/${encodeURIComponent(run)}/${id}`
export function readEntryKey(key: string): { run: string; id: string } | undefined {
  const match = /^entry\/([^/]+)\/(.+)$/s.exec(key)
  return match ? { run: decodeURIComponent(match[1]!), id: match[2]! } : undefined
}

/** What comes in: beside what is there, or in its place. */
export const IMPORTS = ['merge', 'replace'] as const
export type ImportHow = (typeof IMPORTS)[number]

/** The shop after an import. In place of what is there: what is not in the file is removed, and can be put back. */
export function imported(now: State, file: State, how: ImportHow, by: Writer): State {
  const merged = mergeStates(now, file)
  if (how === 'merge') return merged
  const settle = (was: Kept | undefined, merged: Kept, theirs: Kept | undefined): Kept => {
    const content = shownContent(theirs)
    if (!was || (apart(merged).length === 0 && saysSame(shownContent(merged), content))) return merged
    return theirs ? takeOver(was, theirs, by) : follow(merged, content, by, merged.since)
  }
  return {
    records: new Map(
      [...merged.records].map(([key, kept]) => [
        key,
        settle(now.records.get(key), kept, file.records.get(key)),
      ]),
    ),
    entries: new Map(
      [...merged.entries].map(([run, of]) => [
        run,
        new Map(
          [...of].map(([id, kept]) => [
            id,
            settle(now.entries.get(run)?.get(id), kept, file.entries.get(run)?.get(id)),
          ]),
        ),
      ]),
    ),
  }
}

/** What of one list an import adds, changes and removes, and what a person must then pick. */
export interface Difference {
  what: ListName | 'entries' | 'settings'
  added: number
  changed: number
  removed: number
  apart: number
}
/** Where a record is counted: with the things it is one of, or stands beside. */
function countedWith(kind: Kind): Difference['what'] {
  const { list, field } = recordRow(kind)
  const of = list ?? (field && recordRow(field.of[0] as Kind).list)
  return (of as ListName | undefined) ?? 'settings'
}

/** Where two states differ: every record that changes, with what it was and what it becomes. */
export function changesBetween(now: State, then: State): Change<Key | EntryKey>[] {
  const changes: Change<Key | EntryKey>[] = []
  const look = (key: Key | EntryKey, before: Content | null, after: Content | null) => {
    if (!saysSame(before, after)) changes.push({ key, before, after })
  }
  for (const key of new Set([...now.records.keys(), ...then.records.keys()])) {
    const [a, b] = [now.records.get(key), then.records.get(key)]
    if (a !== b) look(key, shownContent(a), shownContent(b))
  }
  for (const run of new Set([...now.entries.keys(), ...then.entries.keys()])) {
    const [a, b] = [now.entries.get(run), then.entries.get(run)]
    if (a === b) continue
    for (const id of new Set([...(a?.keys() ?? []), ...(b?.keys() ?? [])])) {
      const [x, y] = [a?.get(id), b?.get(id)]
      if (x !== y) look(entryKey(run, id), entryContent(id, x), entryContent(id, y))
    }
  }
  return changes
}

const apartBefore = (kept: Kept | undefined) => kept !== undefined && apart(kept).length > 0

/** The differences list by list, for a person to look at before anything is changed. */
export function compareStates(now: State, then: State): Difference[] {
  const rows = ([...LISTS, 'entries', 'settings'] as const).map((what) => ({
    what,
    added: 0,
    changed: 0,
    removed: 0,
    apart: 0,
  }))
  const row = (what: Difference['what']) => rows.find((r) => r.what === what)!
  const count = (row: Difference, before: Content | null, after: Content | null) => {
    if (before === null) row.added += after === null ? 0 : 1
    else if (after === null) row.removed++
    else if (!saysSame(before, after)) row.changed++
  }
  for (const key of new Set([...now.records.keys(), ...then.records.keys()])) {
    const [a, b] = [now.records.get(key), then.records.get(key)]
    if (a === b) continue
    const list = row(countedWith(readKey(key)!.kind))
    count(list, shownContent(a), shownContent(b))
    if (b && apart(b).length && !apartBefore(a)) list.apart++
  }
  // Counted and not listed: there are many of them.
  const lines = row('entries')
  for (const [run, of] of then.entries) {
    const old = now.entries.get(run)
    if (old === of) continue
    for (const [id, kept] of of) {
      const before = old?.get(id)
      if (before !== kept) count(lines, entryContent(id, before), entryContent(id, kept))
    }
  }
  for (const [run, of] of now.entries)
    for (const [id, kept] of of)
      if (!then.entries.get(run)?.has(id)) count(lines, entryContent(id, kept), null)
  return rows
}
