import { chartRecord } from './chart.ts'
import { cylinderRecord } from './cylinder.ts'
import { logRecord } from './log.ts'
import { machineRecord } from './machine.ts'
import { metalRecord } from './metal.ts'
import { partRecord } from './part.ts'
import { planRecord } from './plan.ts'
import type { RecordKind } from './recordKind.ts'
import { runRecord } from './run.ts'
import { settingsRecord } from './settings.ts'
import { shopRecord } from './shop.ts'
import { wireRecord } from './wire.ts'

/** Records of a shop, each kept for itself: a file a kind. */
export const RECORD_KINDS = {
  shop: shopRecord,
  settings: settingsRecord,
  machine: machineRecord,
  part: partRecord,
  wire: wireRecord,
  cylinder: cylinderRecord,
  chart: chartRecord,
  metal: metalRecord,
  log: logRecord,
  run: runRecord,
  plan: planRecord,
} as const
export type Kind = keyof typeof RECORD_KINDS
export const KINDS = Object.keys(RECORD_KINDS) as Kind[]
/** The row of a kind, whatever it holds. */
export const recordRow = (kind: Kind): RecordKind<never> => RECORD_KINDS[kind] as RecordKind<never>

type Rows = (typeof RECORD_KINDS)[Kind]
/** Lists of a shop. */
export type ListName = Extract<Rows, { list: string }>['list']
type Thing<L extends ListName> = NonNullable<Extract<Rows, { list: L }>['thing']>
/** Every shop has the first three; a list of a later kind may not be there yet. */
type First = 'machines' | 'store' | 'runs'
export type Lists = { [L in First]: Thing<L>[] } & { [L in Exclude<ListName, First>]?: Thing<L>[] }
/** What stands in a list. */
export type ThingIn<L extends ListName> = NonNullable<Lists[L]>[number]
/** The lists there are, in the order of their kinds. */
export const LISTS = [...new Set(KINDS.flatMap((kind) => recordRow(kind).list ?? []))] as ListName[]
/** No things at all. */
export const emptyLists = (): Lists => Object.fromEntries(LISTS.map((list) => [list, []])) as unknown as Lists
/** Asked for every thing that is read or written: worked out once. */
const IN_LIST = Object.fromEntries(
  LISTS.map((list) => [list, KINDS.filter((kind) => recordRow(kind).list === list)]),
) as Record<ListName, Kind[]>
const BESIDE = Object.fromEntries(
  KINDS.map((kind) => [kind, KINDS.filter((other) => recordRow(other).field?.of.includes(kind))]),
) as Record<Kind, Kind[]>
/** Kinds that are things of a list. */
export const kindsIn = (list: ListName): readonly Kind[] => IN_LIST[list]
/** Kinds that keep one field of things of this kind beside them. */
export const besideOf = (kind: Kind): readonly Kind[] => BESIDE[kind]
