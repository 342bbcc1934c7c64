import { toRaw, type Ref } from 'vue'
import { entryKey, readEntryKey, saysSame, type Content, type Version } from '@pepper-knot/core/ledger'
import {
  entriesOf,
  ENTRY_SCHEMAS,
  fieldsOfThing,
  keyOf,
  kindOfEntry,
  kindsIn,
  LISTS,
  readContent,
  readKey,
  recordsOfThing,
  runOf,
  thingsOfKey,
  type EntryContent,
  type Key,
  type Run,
  type Shop,
} from '@pepper-knot/core/record'
import { problemsOf, type Problem } from '@pepper-knot/core/trade'
import { asField, asKept, fieldwise, fieldwiseAsRead } from './kept.ts'
import type { AnyKey, PageChange } from '../storage/books.ts'

type KeptPlan = NonNullable<Run['planned']>
type Vector = Version['clock']

export type ListName = Exclude<keyof Shop, 'name' | 'settings'>
export type ThingIn<L extends ListName> = NonNullable<Shop[L]>[number]
/** One thing of the page: it is one record, or a few that belong together. */
export type ThingName = ReturnType<typeof thingsOfKey>[number]

/** Something that cannot be kept as it stands; the last version that could is kept in its place. */
export interface Unkept {
  where: ListName | 'settings' | 'name'
  id?: string
  problems: Problem[]
}

export interface PageGiven {
  /** What a record says, with all that was touched and not yet written. */
  content: (key: AnyKey) => Content | null
  /** What every record says at this moment, whatever is written afterwards. */
  asItStands: () => (key: AnyKey) => Content | null
  /** Its place in lists. */
  since: (key: Key) => number
  seen: (key: AnyKey) => Vector | undefined
  /** Entries there are beside a run. */
  entryIds: (run: string) => Iterable<string>
  newId: () => string
  touched: () => void
}

const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T

/**
 * What stands on the page, and the records it is made of. The stores tell which thing a command changed; what comes
 * from elsewhere is set field by field, so that nothing is lost of what is being typed.
 */
export function createPage(shop: Ref<Shop>, given: PageGiven) {
  /** What the page said of each record when it was last handed over. */
  const said = new Map<AnyKey, Content>()
  const keysOf = new Map<ThingName, Set<AnyKey>>()
  const plans = new Map<string, unknown>()
  const touched = new Set<ThingName>()
  /** Things of which nothing happened since the page was built: their records are taken down when something does. */
  const asBuilt = new Set<ThingName>()
  let built: (key: AnyKey) => Content | null = () => null
  const unkept = new Map<AnyKey, Unkept>()
  /** Told by the stores, which alone change what stands on the page: a thing of it says something else now. */
  const touch = (thing: ThingName) => {
    touched.add(thing)
    given.touched()
  }
  const there = (list: ListName, id: string): object | undefined =>
    toRaw((toRaw(shop.value[list]) as { id?: string }[]).find((item) => item.id === id))

  const listed = (thing: ThingName): { list: ListName; id: string } | undefined => {
    const at = thing.indexOf('/')
    return at < 0 ? undefined : { list: thing.slice(0, at) as ListName, id: thing.slice(at + 1) }
  }

  /** The records that a thing of the page now is. */
  function recordsNow(thing: ThingName): Map<AnyKey, Content> {
    if (thing === 'shop')
      return new Map([[keyOf('shop', 'shop'), { name: shop.value.name.trim().slice(0, 100) }]])
    if (thing === 'settings')
      return new Map([
        [keyOf('settings', 'settings'), plain(toRaw(shop.value.settings)) as unknown as Content],
      ])
    const { list, id } = listed(thing)!
    const raw = there(list, id)
    if (!raw) return new Map()
    if (list !== 'runs') return new Map(recordsOfThing(list, plain(raw) as ThingIn<typeof list>))
    const { planned, ...run } = raw as Run
    const found = new Map<AnyKey, Content>(recordsOfThing(list, plain(run) as Run))
    // A plan is never changed, only made anew: it is looked at when it is another.
    const key = keyOf('plan', id)
    if (planned) {
      const same = plans.get(id) === toRaw(planned) ? said.get(key) : undefined
      found.set(key, same ?? (plain(planned) as Content))
      plans.set(id, toRaw(planned))
    }
    const before = new Map<string, EntryContent>()
    for (const k of keysOf.get(thing) ?? []) {
      const entry = readEntryKey(k)
      const content = said.get(k)
      if (entry && content) before.set(entry.id, content as unknown as EntryContent)
    }
    for (const [entry, content] of entriesOf(plain(run) as Run, before, Date.now(), given.newId))
      found.set(entryKey(id, entry), plain(content) as unknown as Content)
    return found
  }

  const check = (key: AnyKey, content: Content) => {
    const entry = readEntryKey(key)
    if (!entry) return readContent(readKey(key)!.kind, content)
    const read = ENTRY_SCHEMAS[kindOfEntry(entry.id)!].safeParse(content)
    return read.success
      ? ({ ok: true, value: read.data as unknown as Content } as const)
      : ({ ok: false, problems: problemsOf(read.error) } as const)
  }
  const whose = (thing: ThingName): Omit<Unkept, 'problems'> => {
    const of = listed(thing)
    return of ? { where: of.list, id: of.id } : { where: thing === 'shop' ? 'name' : 'settings' }
  }

  /** All that was touched since it was last asked for, record by record. */
  function changes(): PageChange[] {
    const found: PageChange[] = []
    for (const thing of touched) {
      takeDownBuilt(thing)
      const now = recordsNow(thing)
      const keys = keysOf.get(thing) ?? new Set<AnyKey>()
      for (const [key, content] of now) {
        const before = said.get(key) ?? null
        if (saysSame(before, content)) {
          unkept.delete(key)
          continue
        }
        const read = check(key, content)
        if (!read.ok) {
          unkept.set(key, { ...whose(thing), problems: read.problems })
          continue
        }
        unkept.delete(key)
        said.set(key, read.value)
        keys.add(key)
        if (!saysSame(before, read.value))
          found.push({ key, before, after: read.value, seen: given.seen(key) })
      }
      for (const key of keys) {
        if (now.has(key)) continue
        const before = said.get(key)
        said.delete(key)
        unkept.delete(key)
        keys.delete(key)
        if (before) found.push({ key, before, after: null, seen: given.seen(key) })
      }
      if (keys.size) keysOf.set(thing, keys)
      else keysOf.delete(thing)
    }
    touched.clear()
    return found
  }

  /** What a thing of the page is by its records. @param whole false: its keys are enough */
  function made(
    thing: ThingName,
    whole = true,
    content = given.content,
  ): { value: ThingIn<ListName> | undefined; keys: AnyKey[]; since: number } {
    const { list, id } = listed(thing)!
    const found = fieldsOfThing(list, id, content)
    if (!found) return { value: undefined, keys: [], since: 0 }
    const { fields, keys } = found
    const since = given.since(keys[0])
    if (list !== 'runs')
      return {
        value: whole ? (plain(fields) as unknown as ThingIn<typeof list>) : undefined,
        keys,
        since,
      }
    const entries = new Map<string, EntryContent>()
    for (const entry of given.entryIds(id)) {
      const content = given.content(entryKey(id, entry))
      if (content) entries.set(entry, content as unknown as EntryContent)
    }
    const all = [...keys, ...[...entries.keys()].map((e) => entryKey(id, e))]
    if (!whole) return { value: undefined, keys: all, since }
    const { planned, ...own } = fields as { planned?: KeptPlan }
    const same = planned && saysSame(planned, said.get(keyOf('plan', id)))
    const plan = planned && (same ? (plans.get(id) as KeptPlan) : asKept(planned))
    if (plan) plans.set(id, plan)
    return { value: runOf({ ...own, planned: plan }, entries), keys: all, since }
  }

  /** What the page says is what was written: taken down, so that the next touch is found against it. */
  function takeDown(thing: ThingName, keys: readonly AnyKey[], content = given.content) {
    asBuilt.delete(thing)
    for (const old of keysOf.get(thing) ?? []) if (!keys.includes(old)) said.delete(old)
    if (keys.length) keysOf.set(thing, new Set(keys))
    else keysOf.delete(thing)
    for (const key of keys) said.set(key, content(key)!)
  }
  /** The same for what the page was built of, before anything of it changes. */
  function takeDownBuilt(thing: ThingName) {
    if (asBuilt.has(thing)) takeDown(thing, made(thing, false, built).keys, built)
  }

  function setThing(thing: ThingName) {
    if (thing === 'shop') {
      const name = given.content(keyOf('shop', 'shop'))?.name as string | undefined
      if (name !== undefined && name !== shop.value.name) shop.value.name = name
      takeDown(thing, name === undefined ? [] : [keyOf('shop', 'shop')])
      return
    }
    if (thing === 'settings') {
      const content = given.content(keyOf('settings', 'settings'))
      if (content) patch(shop.value.settings as unknown as Record<string, unknown>, plain(content))
      takeDown(thing, content ? [keyOf('settings', 'settings')] : [])
      return
    }
    takeDownBuilt(thing)
    const { list, id } = listed(thing)!
    // What cannot be kept as it stands is left on the page as somebody wrote it.
    if ([...(keysOf.get(thing) ?? [])].some((key) => unkept.has(key))) return
    const items = shop.value[list] as { id?: string }[]
    const at = items.findIndex((item) => item.id === id)
    const { value, keys, since } = made(thing)
    if (!value) {
      if (at >= 0) items.splice(at, 1)
    } else if (at >= 0 && list === 'runs')
      patch(items[at] as unknown as Record<string, unknown>, value as unknown as Record<string, unknown>)
    else if (at >= 0) {
      if (!saysSame(items[at], value)) items[at] = asKept(value)
    } else {
      const place = [since, keys[0]!] as const
      const before = items.findIndex((item) => later(placeOf(list, item.id ?? ''), place))
      items.splice(
        before < 0 ? items.length : before,
        0,
        list === 'runs' ? fieldwise(value as Run) : asKept(value),
      )
    }
    takeDown(thing, keys)
  }
  type Place = readonly [since: number, key: AnyKey]
  /** What was not written yet stands last; of two made at once the order is that of their names, as everywhere. */
  const placeOf = (list: ListName, id: string): Place => {
    const places = kindsIn(list).map((kind): Place => [given.since(keyOf(kind, id)), keyOf(kind, id)])
    return places.reduce((first, next) => (next[0] < first[0] ? next : first))
  }
  const later = ([a, x]: Place, [b, y]: Place) => (a === b ? Number.isFinite(a) && x > y : a > b)

  const thingsOf = (key: AnyKey): ThingName[] => {
    const entry = readEntryKey(key)
    return entry ? [`runs/${entry.run}`] : thingsOfKey(key as Key)
  }
  /** Sets on the page what stands in these records. @param listsRun whether a run belongs on the page */
  const receive = (keys: Iterable<AnyKey>, listsRun: (id: string) => boolean) => {
    const things = new Set([...keys].flatMap(thingsOf))
    for (const thing of things) {
      const of = listed(thing)
      if (of?.list === 'runs' && !there('runs', of.id) && !listsRun(of.id)) continue
      if (
        of &&
        of.list !== 'runs' &&
        !asBuilt.has(thing) &&
        !keysOf.has(thing) &&
        made(thing).value === undefined
      )
        continue
      setThing(thing)
    }
  }
  const allThings = (): ThingName[] => [
    'shop',
    'settings',
    ...LISTS.flatMap((list) =>
      (toRaw(toRaw(shop.value)[list]) ?? []).map(({ id }): ThingName => `${list}/${id ?? ''}`),
    ),
  ]
  /** Puts a whole shop on the page, as it stands in the records. @param shown when it was seen: what can wait is done then */
  const rebuild = (whole: Shop, shown: Promise<unknown>) => {
    said.clear()
    keysOf.clear()
    plans.clear()
    unkept.clear()
    touched.clear()
    asBuilt.clear()
    shop.value = { ...whole, runs: whole.runs.map((run) => fieldwiseAsRead(run, shown)) }
    built = given.asItStands()
    for (const thing of allThings()) {
      const of = listed(thing)
      if (of && of.list !== 'runs') asBuilt.add(thing)
      else if (of) takeDown(thing, made(thing, false).keys)
      else {
        const key = keyOf(thing as 'shop' | 'settings', thing)
        takeDown(thing, given.content(key) === null ? [] : [key])
      }
    }
    for (const { id, planned } of shop.value.runs) if (planned) plans.set(id, toRaw(planned))
  }
  /** Nothing of the page is in the store any more. */
  const forget = () => {
    said.clear()
    keysOf.clear()
    asBuilt.clear()
  }
  /** Everything on the page counts as touched: a shop that was never written. */
  const touchAll = () => {
    // What the page had before and has no more goes too.
    for (const thing of new Set([...allThings(), ...keysOf.keys(), ...asBuilt])) touch(thing)
  }
  return {
    touch,
    changes,
    receive,
    rebuild,
    touchAll,
    forget,
    pending: () => touched.size > 0,
    unkept: () => [...unkept.values()],
    /** What the page says of a record. */
    content: (key: AnyKey): Content | null => {
      thingsOf(key).forEach(takeDownBuilt)
      return said.get(key) ?? null
    },
  }
}

/** Sets the fields that differ and no other: what is bound to the rest is not touched. */
function patch(target: Record<string, unknown>, fresh: Record<string, unknown>) {
  for (const key of Object.keys(target)) if (!(key in fresh)) delete target[key]
  for (const [key, value] of Object.entries(fresh)) {
    const there = toRaw(target[key])
    if (there === value || saysSame(there, value)) continue
    target[key] = asField(value)
  }
}
