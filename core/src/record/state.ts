import type { Content } from '../keep/fields.ts'
import { apart, mergeKept, shownContent, type Kept } from '../keep/versions.ts'
import { fieldsOfThing, keyOf, recordsOfThing, type Key } from './contents.ts'
import { entryShown, runWith, type Entries, type EntryContent, type RunFields } from './entries.ts'
import { KINDS, LISTS, kindsIn, type ListName, type Lists, type ThingIn } from './kinds/index.ts'
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

export interface Shop extends Lists {
  name: string
  settings: Settings
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

/** Ids of the things of each list that are there, in the order they were made. */
export function idsByList(records: State['records']): Record<ListName, string[]> {
  const found = new Map<string, [Key, string, number][]>(KINDS.map((kind) => [kind as string, []]))
  for (const [key, kept] of records) {
    const at = key.indexOf('/')
    if (shownContent(kept) !== null) found.get(key.slice(0, at))?.push([key, key.slice(at + 1), kept.since])
  }
  const inOrder = (list: ListName) =>
    kindsIn(list)
      .flatMap((kind) => found.get(kind)!)
      .sort(([a, , x], [b, , y]) => x - y || (a < b ? -1 : 1))
      .map(([, id]) => id)
  return Object.fromEntries(LISTS.map((list) => [list, inOrder(list)])) as Record<ListName, string[]>
}

/** A thing of a list, by what its records say. */
export function thingIn<L extends ListName>(
  records: State['records'],
  list: L,
  id: string,
  entries?: RunEntries,
): ThingIn<L> | undefined {
  const found = fieldsOfThing(list, id, (key) => shownContent(records.get(key)))
  if (!found) return undefined
  return (list === 'runs' ? runOf(found.fields, entriesShown(entries)) : found.fields) as ThingIn<L>
}
/** A run by the fields of its records and its entries. */
export function runOf({ planned, ...fields }: Record<string, unknown>, entries: Entries): Run {
  return runWith(fields as unknown as RunFields, entries, planned as KeptPlan | undefined)
}
/** The shop as it is shown. */
export function shopOf(state: State, otherwise: Pick<Shop, 'name' | 'settings'>): Shop {
  const { records, entries } = state
  const ids = idsByList(records)
  const name = shownContent(records.get(keyOf('shop', 'shop')))?.name as string | undefined
  const settings = shownContent(records.get(keyOf('settings', 'settings'))) as Settings | null
  return {
    name: name ?? otherwise.name,
    settings: settings ?? otherwise.settings,
    ...(Object.fromEntries(
      LISTS.map((list) => [list, ids[list].map((id) => thingIn(records, list, id, entries.get(id))!)]),
    ) as unknown as Lists),
  }
}

/** All records of a shop by their key, entries left out. */
export function recordsOf(shop: Shop): Map<Key, Content> {
  return new Map<Key, Content>([
    [keyOf('shop', 'shop'), { name: shop.name }],
    [keyOf('settings', 'settings'), shop.settings as unknown as Content],
    ...LISTS.flatMap((list) => (shop[list] ?? []).flatMap((thing) => recordsOfThing(list, thing as never))),
  ])
}
