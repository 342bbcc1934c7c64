import { machineSchema } from '../machine/machine.ts'
import { partSchema } from '../machine/store.ts'
import { problemsOf } from '../base/check.ts'
import { problemAt, type Problem, type Read } from '../base/problem.ts'
import { say } from '../base/codes.ts'
import { z } from 'zod'
import { olderRunSchema } from '../record/run.ts'
import { settingsSchema } from '../record/settings.ts'
import { FILE_FORMAT } from './version.ts'
import { readVersion1, shopOfVersion1, type Shop1 } from './version1.ts'

/** The lists of a shop whose records stand each for itself. */
const LISTS = { machines: machineSchema, store: partSchema, runs: olderRunSchema } as const
type List = keyof typeof LISTS

/** One record that could not be read, as it stood. */
export interface Aside1 {
  where: List | 'settings' | 'name'
  record: unknown
  problems: Problem[]
}
export interface Opened {
  shop: Shop1
  /** What the shop opens without. Empty when everything was read. */
  aside: Aside1[]
}

const headSchema = z.object({ format: z.literal(FILE_FORMAT), version: z.number().int().min(1) })

/**
 * Opens what was kept: whole where everything can be read, else without the records that cannot, which come back
 * beside it as they stood. A record with an id that another already has is one of them. Nothing is refused for one
 * bad record; refused is only what is no shop at all, or of a newer version.
 * @param text what was kept
 * @param unnamed what a shop without a readable name is called
 */
export function openVersion1(text: string, unnamed: string): Read<Opened> {
  const whole = readVersion1(text)
  if (whole.ok) return { ok: true, value: { shop: shopOfVersion1(whole.value), aside: [] } }
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch {
    return whole
  }
  const head = headSchema.safeParse(raw)
  if (!head.success || head.data.version > 1) return whole
  const kept = raw as Record<string, unknown>
  const aside: Aside1[] = []
  const setAside = (where: Aside1['where'], record: unknown, problems: Problem[]) =>
    void aside.push({ where, record, problems })

  const list = <L extends List>(where: L): z.infer<(typeof LISTS)[L]>[] => {
    const records = kept[where]
    if (records === undefined) return []
    if (!Array.isArray(records)) {
      setAside(where, records, [problemAt(where, say('file.notAList'))])
      return []
    }
    const ids = new Set<string>()
    return records.flatMap((record: unknown, i) => {
      const read = LISTS[where].safeParse(record)
      if (!read.success) {
        setAside(where, record, problemsOf(read.error, `${where}.${i}`))
        return []
      }
      const { id } = read.data as { id?: string }
      if (id !== undefined && ids.has(id)) {
        setAside(where, record, [problemAt(`${where}.${i}.id`, say('file.sameId', id))])
        return []
      }
      if (id !== undefined) ids.add(id)
      return [read.data as z.infer<(typeof LISTS)[L]>]
    })
  }
  const machines = list('machines')
  const store = list('store')
  const runs = list('runs')

  const name = typeof kept.name === 'string' ? kept.name.trim().slice(0, 100) : ''
  if (name === '') setAside('name', kept.name, [problemAt('name', say('file.noName'))])
  // Each setting for itself: one that cannot be read is as at the beginning.
  const said = z.record(z.string(), z.unknown()).safeParse(kept.settings)
  const readable = Object.fromEntries(
    Object.entries(said.success ? said.data : {}).filter(([key, value]) => {
      const one = settingsSchema.safeParse({ [key]: value })
      if (!one.success) setAside('settings', { [key]: value }, problemsOf(one.error, 'settings'))
      return one.success
    }),
  )
  return {
    ok: true,
    value: {
      shop: { name: name || unnamed, settings: settingsSchema.parse(readable), machines, store, runs },
      aside,
    },
  }
}
