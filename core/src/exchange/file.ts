import { z } from 'zod'
import { HEAT_CONVENTIONS } from '../arc/limits.ts'
import { trySchema } from '../arc/tries.ts'
import { CONVERSIONS } from '../changeover/conversion.ts'
import { USUAL_LEAD_DAYS } from '../changeover/orderList.ts'
import { stepTimeSchema } from '../log/minutes.ts'
import {
  changeoverRequestSchema,
  conditionSchema,
  gunSchema,
  jobSchema,
  machineSchema,
  storeSchema,
  wireInputSchema,
} from '../machine/schema.ts'
import { problemsOf } from '../machine/validate.ts'
import { UPKEEP } from '../machine/upkeep.ts'
import { practiceOverridesSchema, practiceSchema } from '../practice/practice.ts'
import { refuse, type Read } from '../problem.ts'
import { fileText } from '../wording/problems.ts'

/** Version of the file this program writes. Older ones migrate, newer ones are refused. */
export const FILE_VERSION = 1
export const FILE_FORMAT = 'pepperknot'

export const STAGES = ['decide', 'match', 'gather', 'swap', 'feed', 'dial-in', 'sign-off'] as const
/** Outcomes of a pressure test. */
export const PRESSURE_RESULTS = ['right', 'slips', 'too-tight', 'marks-wire'] as const
export type PressureResult = (typeof PRESSURE_RESULTS)[number]

export type Stage = (typeof STAGES)[number]

/** One changeover under way or signed off, as it is kept between two touches. */
export const runSchema = z.object({
  id: z.string().min(1).max(100),
  machineId: z.string().min(1).max(100),
  startedAt: z.iso.datetime(),
  stage: z.enum(STAGES),
  /** What was typed, read or not. */
  label: z.string().max(500),
  /** A wire no label describes. */
  byHand: wireInputSchema.optional(),
  /** What the new wire looks like, where somebody looked. */
  wireCondition: conditionSchema.optional(),
  job: jobSchema.partial(),
  /** What this change does otherwise than the shop. */
  practice: practiceOverridesSchema.optional(),
  /** Upkeep done while the machine is open. */
  upkeep: z.array(z.enum(UPKEEP)).max(10).optional(),
  /** Work on the machine itself instead of a change of wire, and the gun that goes on. */
  conversion: z.enum(CONVERSIONS).optional(),
  gun: gunSchema.optional(),
  /** Lines of the gather list that were ticked. */
  gathered: z.array(z.string().max(200)).max(200),
  /** What was planned when the run sheet began: from then on the plan stays as it is. */
  frozen: changeoverRequestSchema.optional(),
  swapStartedAt: z.iso.datetime().optional(),
  done: z.array(z.string().max(100)).max(200),
  /** How long the steps took, in the order they were done. */
  times: z.array(stepTimeSchema).max(500).optional(),
  pressureMark: z.number().min(-1000).max(1000).nullable().optional(),
  /** What the pressure test showed at that mark; only a mark that passed teaches the machine's scale. */
  pressureResult: z.enum(PRESSURE_RESULTS).optional(),
  /** Test welds, in the order they were made. */
  tries: z.array(trySchema).max(200).optional(),
  note: z.string().max(2000).optional(),
  signedOffAt: z.iso.datetime().optional(),
  minutesTaken: z.number().min(0).max(100_000).optional(),
})
export type Run = z.infer<typeof runSchema>

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

/** The whole shop as text. @param savedAt ISO time, passed in */
export const writeShopFile = (shop: Shop, savedAt: string): string =>
  `${JSON.stringify({ format: FILE_FORMAT, version: FILE_VERSION, savedAt, ...shop }, null, 2)}\n`

/**
 * Reads a whole file before anything is changed. Not JSON, another program's file, a newer version and values out
 * of range each come back with what is wrong and where.
 */
export function readShopFile(text: string): Read<ShopFile> {
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch {
    return refuse('', fileText.notJson())
  }
  const head = z.object({ format: z.string(), version: z.number() }).safeParse(raw)
  if (!head.success || head.data.format !== FILE_FORMAT) return refuse('format', fileText.notOurs())
  if (head.data.version > FILE_VERSION)
    return refuse('version', fileText.newer(head.data.version, FILE_VERSION))
  const file = shopFileSchema.safeParse(raw)
  if (!file.success) return { ok: false, problems: problemsOf(file.error) }
  const twice = [
    ...repeated(file.data.machines.map((m) => m.id)),
    ...repeated(file.data.runs.map((r) => r.id)),
  ]
  return twice.length ? refuse('', fileText.sameId(twice[0]!)) : { ok: true, value: file.data }
}

/** The shop of a file, without the file's own head. */
export const shopOf = ({ format: _format, version: _version, savedAt: _savedAt, ...shop }: ShopFile): Shop =>
  shop

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
    const old = new Map(a.map((x) => [x.id ?? '', JSON.stringify(x)]))
    const fresh = new Map(b.map((x) => [x.id ?? '', JSON.stringify(x)]))
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
