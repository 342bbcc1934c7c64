import { shownContent, type Kept } from '../keep/versions.ts'
import { readKey, type Key } from '../record/contents.ts'
import { besideOf, recordRow, type Kind, type ListName } from '../record/kinds/index.ts'
import type { RunEntries, State } from '../record/state.ts'

/** Things of a shop, each by its list and its id. */
export type Chosen = readonly { list: ListName; id: string }[]

/** Lists whose lines tell what was done: they go along with the machine or the job that they say they are about. */
const TELLING: ReadonlySet<ListName | undefined> = new Set<ListName>(['runs', 'log'])

/** Every text that stands somewhere in what is kept, in any of its versions. */
function textsIn(value: unknown, into: Set<string>): Set<string> {
  if (typeof value === 'string') into.add(value)
  else if (typeof value === 'object' && value !== null)
    for (const one of Object.values(value)) textsIn(one, into)
  return into
}
const saidBy = (kept: Kept, entries: RunEntries | undefined, beside: readonly (Kept | undefined)[]) => {
  const said = textsIn(
    kept.versions.map(({ content }) => content),
    new Set(),
  )
  for (const one of beside) if (one) textsIn(one.versions, said)
  for (const one of entries?.values() ?? []) textsIn(one.versions, said)
  return said
}

/**
 * What others need of a shop to go on with some of it: what was chosen, all that it names by its id and all that this
 * names in turn, and what was written down of a chosen machine or job. Name and settings of the shop stay.
 */
export function partOf(state: State, chosen: Chosen): State {
  const things = new Map<string, { key: Key; list: ListName }[]>()
  for (const key of state.records.keys()) {
    const { kind, id } = readKey(key)!
    const { list } = recordRow(kind)
    if (list) things.set(id, [...(things.get(id) ?? []), { key, list: list as ListName }])
  }
  const names = (key: Key) => {
    const { kind, id } = readKey(key)!
    const beside = besideOf(kind).map((other: Kind) => state.records.get(`${other}/${id}`))
    return saidBy(state.records.get(key)!, kind === 'run' ? state.entries.get(id) : undefined, beside)
  }
  const taken = new Set<Key>()
  const open: Key[] = chosen.flatMap(({ list, id }) =>
    (things.get(id) ?? []).filter((thing) => thing.list === list).map(({ key }) => key),
  )
  const about = new Set(chosen.map(({ id }) => id))
  for (const { key, list } of [...things.values()].flat()) {
    if (!TELLING.has(list)) continue
    const { machineId, runId } = shownContent(state.records.get(key)) ?? {}
    if (about.has(machineId as string) || about.has(runId as string)) open.push(key)
  }
  for (let key = open.pop(); key !== undefined; key = open.pop()) {
    if (taken.has(key)) continue
    taken.add(key)
    for (const text of names(key)) open.push(...(things.get(text) ?? []).map((thing) => thing.key))
  }
  const records = new Map<Key, Kept>()
  const entries = new Map<string, RunEntries>()
  for (const [key, kept] of state.records) {
    const { kind, id } = readKey(key)!
    const of = recordRow(kind).field?.of as readonly Kind[] | undefined
    if (taken.has(key) || of?.some((other) => taken.has(`${other}/${id}`))) records.set(key, kept)
    if (kind === 'run' && taken.has(key) && state.entries.has(id)) entries.set(id, state.entries.get(id)!)
  }
  return { records, entries }
}
