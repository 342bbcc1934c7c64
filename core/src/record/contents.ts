import { z } from 'zod'
import { validate } from '../base/check.ts'
import type { Read } from '../base/problem.ts'
import type { Content } from '../keep/fields.ts'
import { besideOf, KINDS, kindsIn, recordRow, type Kind, type ListName, type ThingIn } from './kinds/index.ts'

/** Names and ids: the longest there are. */
const MOST_ID = 200
export const idSchema = z.string().min(1).max(MOST_ID)

/** Reads what a record holds. */
export const readContent = (kind: Kind, content: unknown): Read<Content> =>
  validate(recordRow(kind).schema as z.ZodType<Content>, content, kind)

/** `machine/gull` */
export type Key = `${Kind}/${string}`
export const keyOf = (kind: Kind, id: string): Key => `${kind}/${id}`
const BY_NAME: ReadonlyMap<string, Kind> = new Map(KINDS.map((kind) => [kind, kind]))
export function readKey(key: string): { kind: Kind; id: string } | undefined {
  const at = key.indexOf('/')
  const kind = BY_NAME.get(key.slice(0, Math.max(0, at)))
  const id = key.slice(at + 1)
  return kind && id ? { kind, id } : undefined
}

/** Where a thing of the page stands: its list and its id; a thing that there is once by its kind alone. */
export type ThingName = `${ListName}/${string}` | 'shop' | 'settings'
/** The things that a record may be part of. */
export function thingsOfKey(key: Key): ThingName[] {
  const { kind, id } = readKey(key)!
  const { list, field } = recordRow(kind)
  if (list) return [`${list as ListName}/${id}`]
  if (!field) return [kind as 'shop' | 'settings']
  const lists = new Set(field.of.flatMap((of) => recordRow(of as Kind).list ?? []))
  return [...lists].map((of) => `${of as ListName}/${id}` as const)
}

/** The records that a thing is: its own, and one for each field that is kept beside it. @throws RangeError for one without an id */
export function recordsOfThing<L extends ListName>(list: L, thing: ThingIn<L>): [Key, Content][] {
  const kind = kindsIn(list).find((k) => recordRow(k).holds?.(thing as never) ?? true)
  const { id, ...rest } = { ...thing } as { id?: string } & Record<string, unknown>
  if (kind === undefined || id === undefined) throw new RangeError('a thing is kept by its id')
  const beside: [Key, Content][] = []
  for (const other of besideOf(kind)) {
    const { name, write } = recordRow(other).field!
    const content = write(rest[name])
    if (content) beside.push([keyOf(other, id), content])
    delete rest[name]
  }
  const own = { id, ...rest }
  return [[keyOf(kind, id), (recordRow(kind).own?.(own as never) ?? own) as Content], ...beside]
}

/** What a thing is by its records, and which those are; nothing where it is not there. @param content what a record says */
export function fieldsOfThing(
  list: ListName,
  id: string,
  content: (key: Key) => Content | null,
): { fields: Record<string, unknown>; keys: [Key, ...Key[]] } | undefined {
  const kind = kindsIn(list).find((k) => content(keyOf(k, id)) !== null)
  if (!kind) return undefined
  const key = keyOf(kind, id)
  const fields: Record<string, unknown> = { ...content(key) }
  const keys: [Key, ...Key[]] = [key]
  for (const other of besideOf(kind)) {
    const { name, read } = recordRow(other).field!
    const said = content(keyOf(other, id))
    if (said === null) continue
    fields[name] = read(said)
    keys.push(keyOf(other, id))
  }
  return { fields, keys }
}
