import { z } from 'zod'
import { atOnce } from '../base/atOnce.ts'
import { problemsOf } from '../base/check.ts'
import { say } from '../base/codes.ts'
import { problemAt, refuse, type Problem, type Read } from '../base/problem.ts'
import { vectorSchema } from '../keep/vector.ts'
import { shownContent, type Kept, type Version } from '../keep/versions.ts'
import { idSchema, keyOf, readKey, type Key } from '../record/contents.ts'
import { KINDS, recordRow, type Kind } from '../record/kinds/index.ts'
import { ENTRY_KINDS, ENTRY_SCHEMAS, kindOfEntry } from '../record/entries.ts'
import type { RunEntries, State } from '../record/state.ts'
import { migrating } from './migrate.ts'
import { partOf, type Chosen } from './partOf.ts'
import { openVersion1 } from './openVersion1.ts'
import { FILE_FORMAT, FILE_VERSION } from './version.ts'

const since = z.number().min(0).max(8.64e15)
/** More versions of one record beside each other than people make. */
const MOST_VERSIONS = 200
const versionsOf = (content: z.ZodType) =>
  z
    .array(
      z.object({
        clock: vectorSchema,
        at: z.iso.datetime(),
        content: content.nullable(),
        was: content.optional(),
        made: vectorSchema.optional(),
      }),
    )
    .min(1)
    .max(MOST_VERSIONS)

const keptRecord = <K extends Kind>(kind: K) =>
  z.object({ kind: z.literal(kind), id: idSchema, since, versions: versionsOf(recordRow(kind).schema) })
const RECORD_SCHEMAS = Object.fromEntries(KINDS.map((kind) => [kind, keptRecord(kind)])) as Record<
  Kind,
  ReturnType<typeof keptRecord>
>
const keptEntry = (kind: (typeof ENTRY_KINDS)[number]) =>
  z.object({
    run: idSchema,
    id: z.string().min(1).max(300).startsWith(`${kind}/`),
    since,
    versions: versionsOf(ENTRY_SCHEMAS[kind]),
  })
const ENTRIES = Object.fromEntries(ENTRY_KINDS.map((kind) => [kind, keptEntry(kind)])) as Record<
  (typeof ENTRY_KINDS)[number],
  ReturnType<typeof keptEntry>
>

/** It holds some things of a shop of this name, and says nothing of the rest. */
const partSchema = z.object({ of: z.string().max(200) })
/** Version 2 of the file: every record with its versions, and the entries beside the runs. */
export const shopFileSchema = z.object({
  format: z.literal(FILE_FORMAT),
  version: z.literal(FILE_VERSION),
  savedAt: z.iso.datetime(),
  part: partSchema.optional(),
  records: z.array(z.union(KINDS.map((kind) => RECORD_SCHEMAS[kind]))),
  entries: z.array(z.union(ENTRY_KINDS.map((kind) => ENTRIES[kind]))),
})

/** Something that could not be read, as it stood. */
export interface Aside {
  where: string
  record: unknown
  problems: Problem[]
}
export interface Incoming {
  state: State
  savedAt: string | undefined
  /** The name of the shop that it is part of; such a file takes the place of nothing. */
  partOf?: string
  /** What it comes without. Empty when everything was read. */
  aside: Aside[]
}

const headSchema = z.object({ kind: z.enum(KINDS), id: idSchema })
/** Reads one kept record. */
export function readRecord(raw: unknown): Read<{ key: Key; kept: Kept }> {
  const head = headSchema.safeParse(raw)
  if (!head.success) return { ok: false, problems: problemsOf(head.error) }
  const { kind, id } = head.data
  const record = RECORD_SCHEMAS[kind].safeParse(raw, { reportInput: true })
  if (!record.success) return { ok: false, problems: problemsOf(record.error, `${kind}/${id}`) }
  const kept = { since: record.data.since, versions: record.data.versions as readonly Version[] }
  const other = otherId(kind, id, kept)
  if (other !== undefined)
    return refuse(`${kind}/${id}`, say('file.otherId', id.slice(0, 100), other.slice(0, 100)))
  return { ok: true, value: { key: keyOf(kind, id), kept } }
}
/** The id that the words of a record say it has, where that is another’s: they would be written over his. */
function otherId(kind: Kind, id: string, { versions }: Kept): string | undefined {
  if (!recordRow(kind).list) return undefined
  const said = versions.flatMap(({ content, was }) => [content?.id, was?.id])
  return said.find((one): one is string => typeof one === 'string' && one !== id)
}
/** Where a record stands on the page: two kinds that share a list share its ids. */
const placeOf = ({ kind, id }: { kind: Kind; id: string }): string => `${recordRow(kind).list ?? kind}/${id}`
/** Reads one kept entry. */
export function readEntry(raw: unknown): Read<{ run: string; id: string; kept: Kept }> {
  if (isUsualEntry(raw))
    return {
      ok: true,
      value: { run: raw.run, id: raw.id, kept: { since: raw.since, versions: raw.versions } },
    }
  const id =
    typeof raw === 'object' && raw !== null && 'id' in raw && typeof raw.id === 'string' ? raw.id : ''
  const kind = kindOfEntry(id)
  if (!kind) return refuse('entries', say('file.unknownEntry'))
  const entry = ENTRIES[kind].safeParse(raw, { reportInput: true })
  if (!entry.success) return { ok: false, problems: problemsOf(entry.error, `entries.${id.slice(0, 60)}`) }
  const { run, since, versions } = entry.data
  return { ok: true, value: { run, id, kept: { since, versions: versions as readonly Version[] } } }
}

interface UsualEntry {
  run: string
  id: string
  since: number
  versions: Version[]
}
const ISO = /^\d{4}-(?:0[1-9]|1[0-2])-(?:0[1-9]|1\d|2[0-8])T(?:[01]\d|2[0-3]):[0-5]\d:[0-5]\d(?:\.\d+)?Z$/
const isText = (value: unknown, most: number): value is string =>
  typeof value === 'string' && value.length > 0 && value.length <= most
const within = (value: unknown, most: number) => typeof value === 'number' && value >= 0 && value <= most
const onlyKeys = (value: object, keys: readonly string[]) => {
  for (const key in value) if (!keys.includes(key)) return false
  return true
}
/**
 * A step done, written once by one device: nearly every entry of a long record. What this lets pass its schema lets
 * pass unchanged (a test); anything else is left to the schema.
 */
export function isUsualEntry(raw: unknown): raw is UsualEntry {
  if (typeof raw !== 'object' || raw === null) return false
  const { run, id, since, versions } = raw as Partial<Record<string, unknown>>
  if (!isText(run, 200) || !isText(id, 300) || !id.startsWith('done/') || !within(since, 8.64e15))
    return false
  if (!Array.isArray(versions) || versions.length !== 1 || !onlyKeys(raw, ['run', 'id', 'since', 'versions']))
    return false
  const version = versions[0] as unknown
  if (typeof version !== 'object' || version === null || !onlyKeys(version, ['clock', 'at', 'content']))
    return false
  const { clock, at, content } = version as Partial<Record<string, unknown>>
  if (typeof at !== 'string' || !ISO.test(at)) return false
  if (typeof clock !== 'object' || clock === null || Array.isArray(clock)) return false
  let devices = 0
  for (const device in clock) {
    const n = (clock as Record<string, unknown>)[device]
    if (!isText(device, 80) || !Number.isSafeInteger(n) || (n as number) < 1 || ++devices > 50) return false
  }
  if (typeof content !== 'object' || content === null || Array.isArray(content)) return false
  const { at: when, task, minutes } = content as Partial<Record<string, unknown>>
  return (
    onlyKeys(content, ['at', 'task', 'minutes']) &&
    within(when, 8.64e15) &&
    (minutes === undefined || within(minutes, 600)) &&
    (task === undefined || KNOWN_TASKS.has(task))
  )
}
const KNOWN_TASKS: ReadonlySet<unknown> = new Set(ENTRY_SCHEMAS.done.shape.task.unwrap().options)

/** Rows read between two words on how far it is. */
const ROWS_A_WORD = 500

const listsSchema = z.object({ records: z.array(z.unknown()), entries: z.array(z.unknown()) })
/**
 * Reads a whole file before anything is changed. Not JSON, another program's file and a newer version are refused; a
 * record that cannot be read comes back beside the rest as it stood, and the rest is whole.
 * @yields how much of it is read, 0 to 1
 */
export function* readingFile(text: string, unnamed: string): Generator<number, Read<Incoming>> {
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch {
    return refuse('', say('file.notJson'))
  }
  yield 0.1
  const head = z.object({ format: z.literal(FILE_FORMAT), version: z.number().int().min(1) }).safeParse(raw)
  if (!head.success) return refuse('format', say('file.notOurs'))
  const { version } = head.data
  if (version > FILE_VERSION) return refuse('version', say('file.newer', version, FILE_VERSION))
  const saved = z.object({ savedAt: z.iso.datetime() }).safeParse(raw)
  const savedAt = saved.success ? saved.data.savedAt : undefined
  if (version < FILE_VERSION) {
    const opened = openVersion1(text, unnamed)
    if (!opened.ok) return opened
    const state = yield* migrating(opened.value.shop, savedAt ?? '2026-01-01T00:00:00.000Z')
    return { ok: true, value: { state, savedAt, aside: opened.value.aside } }
  }
  const lists = listsSchema.safeParse(raw)
  if (!lists.success) return { ok: false, problems: problemsOf(lists.error) }
  const aside: Aside[] = []
  const records = new Map<Key, Kept>()
  const places = new Set<string>()
  const entries = new Map<string, Map<string, Kept>>()
  const total = lists.data.records.length + lists.data.entries.length
  let rows = 0
  for (const one of lists.data.records) {
    if (++rows % ROWS_A_WORD === 0) yield 0.1 + (0.9 * rows) / total
    const read = readRecord(one)
    if (!read.ok) {
      aside.push({ where: 'records', record: one, problems: read.problems })
      continue
    }
    const { key, kept } = read.value
    const place = placeOf(readKey(key)!)
    if (records.has(key) || (shownContent(kept) && places.has(place))) aside.push(twice('records', one, key))
    else records.set(key, kept)
    if (shownContent(kept)) places.add(place)
  }
  for (const one of lists.data.entries) {
    if (++rows % ROWS_A_WORD === 0) yield 0.1 + (0.9 * rows) / total
    const read = readEntry(one)
    if (!read.ok) {
      aside.push({ where: 'entries', record: one, problems: read.problems })
      continue
    }
    const { run, id, kept } = read.value
    let of = entries.get(run)
    if (!of) entries.set(run, (of = new Map()))
    if (of.has(id)) aside.push(twice('entries', one, `${run}/${id}`))
    else of.set(id, kept)
  }
  // Whatever it says of its shop: what is marked as part of one takes the place of nothing.
  const part = Object.hasOwn(raw as object, 'part')
    ? (z.object({ part: partSchema }).safeParse(raw).data?.part ?? { of: '?' })
    : undefined
  return {
    ok: true,
    value: { state: { records, entries }, savedAt, aside, ...(part && { partOf: part.of }) },
  }
}
const twice = (where: string, record: unknown, id: string): Aside => ({
  where,
  record,
  problems: [problemAt(where, say('file.sameId', id.slice(0, 100)))],
})
/** The same at once. */
export const readShopFile = (text: string, unnamed = '-'): Read<Incoming> =>
  atOnce(readingFile(text, unnamed))

const byKey = ([a]: readonly [string, unknown], [b]: readonly [string, unknown]) => (a < b ? -1 : 1)
/**
 * All that is kept as text, a record a line.
 * @param savedAt ISO time, passed in
 * @param part what of it, and the name of the shop that this is part of; left out, all
 */
export function writeShopFile(whole: State, savedAt: string, part?: { of: string; chosen: Chosen }): string {
  const { records, entries } = part ? partOf(whole, part.chosen) : whole
  const lines = (all: unknown[]) => `[\n${all.map((one) => JSON.stringify(one)).join(',\n')}\n]`
  const record = ([key, kept]: [Key, Kept]) => {
    const at = key.indexOf('/')
    return { kind: key.slice(0, at), id: key.slice(at + 1), ...kept }
  }
  const entry = ([run, of]: [string, RunEntries]) =>
    [...of].sort(byKey).map(([id, kept]) => ({ run, id, ...kept }))
  return `{"format":"${FILE_FORMAT}","version":${FILE_VERSION},"savedAt":${JSON.stringify(savedAt)},${part ? `"part":${JSON.stringify({ of: part.of })},` : ''}
"records":${lines([...records].sort(byKey).map(record))},
"entries":${lines([...entries].sort(byKey).flatMap(entry))}}
`
}
