import { runSchema } from '../record/run.ts'
import { z } from 'zod'
import { HEAT_CONVENTIONS } from '../arc/limits.ts'
import { USUAL_LEAD_DAYS } from '../machine/leadTime.ts'
import { machineSchema } from '../machine/machine.ts'
import { storeSchema } from '../machine/store.ts'
import { problemsOf } from '../base/check.ts'
import { practiceSchema } from '../practice/practice.ts'
import { refuse, type Read } from '../base/problem.ts'
import { say } from '../base/codes.ts'
import { FILE_FORMAT, FILE_VERSION } from './version.ts'

export const settingsSchema = z.object({
  units: z.enum(['metric', 'inch']).default('metric'),
  theme: z.enum(['system', 'light', 'dark']).default('system'),
  readAloud: z.boolean().default(true),
  practice: practiceSchema.default(practiceSchema.parse({})),
  /** Days an ordered part usually takes. */
  leadDays: z.number().int().min(0).max(365).default(USUAL_LEAD_DAYS),
  /** By which convention heat input is named first. */
  heatConvention: z.enum(HEAT_CONVENTIONS).default('en-1011'),
})
export type Settings = z.infer<typeof settingsSchema>

export const shopSchema = z.object({
  name: z.string().min(1).max(100),
  settings: settingsSchema,
  machines: z.array(machineSchema).max(200),
  store: storeSchema,
  runs: z.array(runSchema).max(5000),
})
export type Shop = z.infer<typeof shopSchema>

export const shopFileSchema = shopSchema.extend({
  format: z.literal(FILE_FORMAT),
  version: z.literal(FILE_VERSION),
  savedAt: z.iso.datetime(),
})
export type ShopFile = z.infer<typeof shopFileSchema>

/**
 * Reads a whole file before anything is changed. Not JSON, another program's file, a newer version and values out
 * of range each come back with what is wrong and where.
 */
export function readShopFile(text: string): Read<ShopFile> {
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch {
    return refuse('', say('file.notJson'))
  }
  const head = z.object({ format: z.string(), version: z.number() }).safeParse(raw)
  if (!head.success || head.data.format !== FILE_FORMAT) return refuse('format', say('file.notOurs'))
  if (head.data.version > FILE_VERSION)
    return refuse('version', say('file.newer', head.data.version, FILE_VERSION))
  const file = shopFileSchema.safeParse(raw)
  if (!file.success) return { ok: false, problems: problemsOf(file.error) }
  const twice = [
    ...repeated(file.data.machines.map((m) => m.id)),
    ...repeated(file.data.runs.map((r) => r.id)),
  ]
  return twice.length ? refuse('', say('file.sameId', twice[0]!)) : { ok: true, value: file.data }
}

/** The shop of a file, without the file's own head. */
export const shopOf = ({ format: _format, version: _version, savedAt: _savedAt, ...shop }: ShopFile): Shop =>
  shop

/** A record as text, its fields in the order of the alphabet: in which order they were written is no difference. */
const inOrder = (record: unknown): string =>
  JSON.stringify(record, (_key, value: unknown) =>
    typeof value === 'object' && value !== null && !Array.isArray(value)
      ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
      : value,
  )

const repeated = (ids: string[]) => ids.filter((id, i) => ids.indexOf(id) !== i)

export interface Difference {
  what: 'machines' | 'store' | 'runs'
  added: number
  changed: number
  removed: number
}

/** What an import would change, list by list. */
export function compareShops(now: Shop, then: Shop): Difference[] {
  const by = (
    what: Difference['what'],
    a: readonly { id?: string | undefined }[],
    b: readonly { id?: string | undefined }[],
  ): Difference => {
    const old = new Map(a.map((x) => [x.id ?? '', inOrder(x)]))
    const fresh = new Map(b.map((x) => [x.id ?? '', inOrder(x)]))
    return {
      what,
      added: [...fresh.keys()].filter((id) => !old.has(id)).length,
      changed: [...fresh].filter(([id, text]) => old.has(id) && old.get(id) !== text).length,
      removed: [...old.keys()].filter((id) => !fresh.has(id)).length,
    }
  }
  return [
    by('machines', now.machines, then.machines),
    by('store', now.store, then.store),
    by('runs', now.runs, then.runs),
  ]
}
