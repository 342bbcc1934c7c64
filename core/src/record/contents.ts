import { z } from 'zod'
import { validate } from '../base/check.ts'
import type { Read } from '../base/problem.ts'
import type { Content } from '../keep/fields.ts'
import { chartSchema } from '../machine/chart.ts'
import { machineSchema, type Machine } from '../machine/machine.ts'
import { partSchema, type Part } from '../machine/store.ts'
import { ENTRY_FIELDS } from './entries.ts'
import { keptPlanSchema } from './keptPlan.ts'
import { runSchema } from './run.ts'
import { settingsSchema } from './settings.ts'

/** Records of a shop, each kept for itself. A chart belongs to the machine or the wire of its id, a plan to its run. */
export const KINDS = [
  'shop',
  'settings',
  'machine',
  'part',
  'wire',
  'cylinder',
  'chart',
  'run',
  'plan',
] as const
export type Kind = (typeof KINDS)[number]

/** Names and ids: the longest there are. */
const MOST_ID = 200
export const idSchema = z.string().min(1).max(MOST_ID)

const entryFields = Object.fromEntries([...ENTRY_FIELDS, 'planned'].map((key) => [key, true])) as Record<
  (typeof ENTRY_FIELDS)[number] | 'planned',
  true
>
export const CONTENT_SCHEMAS = {
  shop: z.object({ name: z.string().min(1).max(100) }),
  settings: settingsSchema,
  machine: machineSchema.omit({ chart: true }),
  part: partSchema.refine((part) => part.kind !== 'wire' && part.kind !== 'cylinder'),
  wire: partSchema.refine((part) => part.kind === 'wire'),
  cylinder: partSchema.refine((part) => part.kind === 'cylinder'),
  chart: z.object({ rows: chartSchema }),
  run: runSchema.omit(entryFields),
  plan: keptPlanSchema,
} as const satisfies Record<Kind, z.ZodType>

/** Reads what a record holds. */
export const readContent = (kind: Kind, content: unknown): Read<Content> =>
  validate(CONTENT_SCHEMAS[kind] as z.ZodType<Content>, content, kind)

/** `machine/gull` */
export type Key = `${Kind}/${string}`
export const keyOf = (kind: Kind, id: string): Key => `${kind}/${id}`
export function readKey(key: string): { kind: Kind; id: string } | undefined {
  const at = key.indexOf('/')
  const kind = KINDS.find((k) => k === key.slice(0, Math.max(0, at)))
  const id = key.slice(at + 1)
  return kind && id ? { kind, id } : undefined
}

export const kindOfPart = ({ kind }: Part): Kind => (kind === 'wire' || kind === 'cylinder' ? kind : 'part')

/** A record without its chart, and the chart beside it. */
const apartFromChart = (
  key: Key,
  id: string,
  { chart, ...rest }: Machine | Extract<Part, { kind: 'wire' }>,
) =>
  [[key, rest as Content], ...(chart?.length ? [[keyOf('chart', id), { rows: chart } as Content]] : [])] as [
    Key,
    Content,
  ][]

export const recordsOfMachine = (machine: Machine): [Key, Content][] =>
  apartFromChart(keyOf('machine', machine.id), machine.id, machine)
/** @throws RangeError for a part without an id */
export function recordsOfPart(part: Part): [Key, Content][] {
  if (part.id === undefined) throw new RangeError('a part is kept by its id')
  const key = keyOf(kindOfPart(part), part.id)
  return part.kind === 'wire' ? apartFromChart(key, part.id, part) : [[key, part as Content]]
}
/** What its records say, as the one thing they are. */
export const withChart = <T>(content: Content, chart: Content | null): T =>
  ({ ...content, ...(chart && { chart: chart.rows }) }) as T
