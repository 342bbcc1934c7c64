import type { Content } from '../keep/fields.ts'
import { apart, mergeKept, shownContent, type Kept } from '../keep/versions.ts'
import type { Machine } from '../machine/machine.ts'
import type { Part } from '../machine/store.ts'
import {
  keyOf,
  readKey,
  recordsOfMachine,
  recordsOfPart,
  withChart,
  type Key,
  type Kind,
} from './contents.ts'
import { entryShown, fieldsOf, runWith, type EntryContent, type RunFields } from './entries.ts'
import type { KeptPlan } from './keptPlan.ts'
import type { Run } from './run.ts'
import type { Settings } from './settings.ts'

/** The entries of one run, as they are kept. */
export type RunEntries = ReadonlyMap<string, Kept>
/** All that a shop keeps: its records, and the entries beside its runs. */
export interface State {
  records: ReadonlyMap<Key, Kept>
  entries: ReadonlyMap<string, RunEntries>
}
export const emptyState = (): State => ({ records: new Map(), entries: new Map() })

export interface Shop {
  name: string
  settings: Settings
  machines: Machine[]
  store: Part[]
  runs: Run[]
}

function mergeMaps<K>(a: ReadonlyMap<K, Kept>, b: ReadonlyMap<K, Kept>): ReadonlyMap<K, Kept> {
  const merged = new Map(a)
  for (const [key, kept] of b) {
    const other = merged.get(key)
    merged.set(key, other ? mergeKept(other, kept) : kept)
  }
  return merged
}
/** Two shops made one, in any order and as often as one likes; what both changed keeps both versions. */
export function mergeStates(a: State, b: State): State {
  const entries = new Map(a.entries)
  for (const [run, of] of b.entries) {
    const other = entries.get(run)
    entries.set(run, other ? mergeMaps(other, of) : of)
  }
  return { records: mergeMaps(a.records, b.records), entries }
}

/** Records of which two versions stand that say different things. */
export const apartIn = ({ records }: Pick<State, 'records'>): Key[] =>
  [...records].filter(([, kept]) => apart(kept).length > 0).map(([key]) => key)

/** Entries as they are shown, without the removed ones. */
export function entriesShown(entries: RunEntries | undefined): Map<string, EntryContent> {
  const shown = new Map<string, EntryContent>()
  for (const [id, kept] of entries ?? []) {
    const content = entryShown(id, kept)
    if (content !== null) shown.set(id, content)
  }
  return shown
}

/** Ids of a kind that are there, in the order they were made. */
export function idsOf(records: State['records'], kinds: readonly Kind[]): [Key, string][] {
  const found: [Key, string, number][] = []
  for (const [key, kept] of records) {
    const read = readKey(key)
    if (read && kinds.includes(read.kind) && shownContent(kept) !== null)
      found.push([key, read.id, kept.since])
  }
  return found.sort(([a, , x], [b, , y]) => x - y || (a < b ? -1 : 1)).map(([key, id]) => [key, id])
}

export const machineIn = (records: State['records'], id: string): Machine | undefined => {
  const content = shownContent(records.get(keyOf('machine', id)))
  return content === null
    ? undefined
    : withChart<Machine>(content, shownContent(records.get(keyOf('chart', id))))
}
export function partIn(records: State['records'], key: Key): Part | undefined {
  const content = shownContent(records.get(key))
  const read = readKey(key)
  if (content === null || !read) return undefined
  return withChart<Part>(
    content,
    read.kind === 'wire' ? shownContent(records.get(keyOf('chart', read.id))) : null,
  )
}
export function runIn(
  records: State['records'],
  id: string,
  entries: RunEntries | undefined,
): Run | undefined {
  const fields = shownContent(records.get(keyOf('run', id)))
  const plan = shownContent(records.get(keyOf('plan', id)))
  return fields === null
    ? undefined
    : runWith(fields as unknown as RunFields, entriesShown(entries), (plan as KeptPlan | null) ?? undefined)
}

/** The shop as it is shown. */
export function shopOf({ records, entries }: State, otherwise: Pick<Shop, 'name' | 'settings'>): Shop {
  const name = shownContent(records.get(keyOf('shop', 'shop')))?.name as string | undefined
  const settings = shownContent(records.get(keyOf('settings', 'settings'))) as Settings | null
  return {
    name: name ?? otherwise.name,
    settings: settings ?? otherwise.settings,
    machines: idsOf(records, ['machine']).map(([, id]) => machineIn(records, id)!),
    store: idsOf(records, ['part', 'wire', 'cylinder']).map(([key]) => partIn(records, key)!),
    runs: idsOf(records, ['run']).map(([, id]) => runIn(records, id, entries.get(id))!),
  }
}

/** All records of a shop by their key, entries left out. */
export function recordsOf(shop: Shop): Map<Key, Content> {
  return new Map<Key, Content>([
    [keyOf('shop', 'shop'), { name: shop.name }],
    [keyOf('settings', 'settings'), shop.settings as unknown as Content],
    ...shop.machines.flatMap(recordsOfMachine),
    ...shop.store.flatMap(recordsOfPart),
    ...shop.runs.flatMap(recordsOfRun),
  ])
}
export const recordsOfRun = (run: Run): [Key, Content][] => [
  [keyOf('run', run.id), fieldsOf(run) as unknown as Content],
  ...(run.planned ? ([[keyOf('plan', run.id), run.planned as Content]] as [Key, Content][]) : []),
]
