import { olderRunSchema } from '../record/run.ts'
import { settingsSchema } from '../record/settings.ts'
import { z } from 'zod'
import { machineSchema } from '../machine/machine.ts'
import { storeSchema } from '../machine/store.ts'
import { problemsOf } from '../base/check.ts'
import { refuse, type Read } from '../base/problem.ts'
import { say } from '../base/codes.ts'
import { FILE_FORMAT } from './version.ts'

/** Version 1 of the file, and of what a browser kept: the whole shop as one text. It is read, and written no more. */
const VERSION_1 = 1
export const shopSchema = z.object({
  name: z.string().min(1).max(100),
  settings: settingsSchema,
  machines: z.array(machineSchema).max(200),
  store: storeSchema,
  runs: z.array(olderRunSchema).max(5000),
})

export const version1Schema = shopSchema.extend({
  format: z.literal(FILE_FORMAT),
  version: z.literal(VERSION_1),
  savedAt: z.iso.datetime(),
})
export type Version1 = z.infer<typeof version1Schema>
/** A shop as version 1 has it. */
export type Shop1 = z.infer<typeof shopSchema>

/**
 * Reads a whole file before anything is changed. Not JSON, another program's file, a newer version and values out
 * of range each come back with what is wrong and where.
 */
export function readVersion1(text: string): Read<Version1> {
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch {
    return refuse('', say('file.notJson'))
  }
  const head = z.object({ format: z.string(), version: z.number() }).safeParse(raw)
  if (!head.success || head.data.format !== FILE_FORMAT) return refuse('format', say('file.notOurs'))
  if (head.data.version > VERSION_1) return refuse('version', say('file.newer', head.data.version, VERSION_1))
  const file = version1Schema.safeParse(raw)
  if (!file.success) return { ok: false, problems: problemsOf(file.error) }
  const twice = [
    ...repeated(file.data.machines.map((m) => m.id)),
    ...repeated(file.data.runs.map((r) => r.id)),
  ]
  return twice.length ? refuse('', say('file.sameId', twice[0]!)) : { ok: true, value: file.data }
}

/** The shop of a file, without the file's own head. */
export const shopOfVersion1 = ({
  format: _format,
  version: _version,
  savedAt: _savedAt,
  ...shop
}: Version1): Shop1 => shop

const repeated = (ids: string[]) => ids.filter((id, i) => ids.indexOf(id) !== i)
