import { saysSame, type Content } from '../keep/fields.ts'
import { follow, shownContent, type Kept, type Writer } from '../keep/versions.ts'
import type { Key } from '../record/contents.ts'
import { entriesOf } from '../record/entries.ts'
import { entriesShown, recordsOf, type RunEntries, type Shop, type State } from '../record/state.ts'

const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T

/**
 * What is kept once a shop is as it is given: a version for each record that says something else now, and for each that is
 * gone; all others stay untouched.
 * @param by who writes, and when
 * @param newId a name for a test weld, which has none of its own
 */
export function stateWith(state: State, shop: Shop, by: Writer, newId: () => string): State {
  let made = Date.parse(by.at)
  const written = (kept: Kept | undefined, content: Content | null): Kept | undefined =>
    saysSame(shownContent(kept), content) ? kept : follow(kept, content, by, (made += 0.001))
  const records = new Map<Key, Kept>()
  const now = recordsOf(plain(shop))
  for (const key of new Set([...state.records.keys(), ...now.keys()])) {
    const kept = written(state.records.get(key), now.get(key) ?? null)
    if (kept) records.set(key, kept)
  }
  const entries = new Map<string, RunEntries>(state.entries)
  for (const run of shop.runs) {
    const before = state.entries.get(run.id) ?? new Map<string, Kept>()
    const said = entriesOf(plain(run), entriesShown(before), Date.parse(by.at), newId)
    const of = new Map<string, Kept>()
    for (const id of new Set([...before.keys(), ...said.keys()])) {
      const content = said.get(id)
      const kept = written(before.get(id), content ? (plain(content) as unknown as Content) : null)
      if (kept) of.set(id, kept)
    }
    if (of.size) entries.set(run.id, of)
  }
  return { records, entries }
}
