import { machineSchema } from '../machine/machine.ts'
import { partSchema } from '../machine/store.ts'
import { problemsOf } from '../base/check.ts'
import { problemAt, type Problem, type Read } from '../base/problem.ts'
import { say } from '../base/codes.ts'
import { z } from 'zod'
import { FILE_FORMAT, FILE_VERSION } from './version.ts'
import { readShopFile, settingsSchema, shopOf, type Shop } from './file.ts'
import { runSchema } from '../record/run.ts'

/** The lists of a shop whose records stand each for itself. */
const LISTS = { machines: machineSchema, store: partSchema, runs: runSchema } as const
type List = keyof typeof LISTS
export const SHOP_LISTS = Object.keys(LISTS) as List[]

/** One record that could not be read, as it stood. */
export interface Aside {
  where: List | 'settings' | 'name'
  record: unknown
  problems: Problem[]
}
export interface Opened {
  shop: Shop
  /** What the shop opens without. Empty when everything was read. */
  aside: Aside[]
}

const headSchema = z.object({ format: z.literal(FILE_FORMAT), version: z.number() })

/**
 * Opens what was kept: whole where everything can be read, else without the records that cannot, which come back
 * beside it as they stood. A record with an id that another already has is one of them. Nothing is refused for one
 * bad record; refused is only what is no shop at all, or of a newer version.
 * @param text what was kept
 * @param unnamed what a shop without a readable name is called
 */
export function openKept(text: string, unnamed: string): Read<Opened> {
  const whole = readShopFile(text)
  if (whole.ok) return { ok: true, value: { shop: shopOf(whole.value), aside: [] } }
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch {
    return whole
  }
  const head = headSchema.safeParse(raw)
  if (!head.success || head.data.version > FILE_VERSION) return whole
  const kept = raw as Record<string, unknown>
  const aside: Aside[] = []
  const setAside = (where: Aside['where'], record: unknown, problems: Problem[]) =>
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

/** A record that cannot be kept as it stands: the shop's file would be refused for it. */
export interface Unkept {
  where: List | 'settings' | 'name'
  id?: string
  problems: Problem[]
}

/**
 * Makes of a shop what can be written: what the schema takes as it is, of a record that it does not take the last
 * version that could be written, or nothing where there was none. Remembers by its text what it has looked at, so
 * that a touch costs one record's reading.
 * @param unnamed what a shop is called that never had a name
 */
export function keeper(unnamed: string): (shop: Shop) => { shop: Shop; unkept: Unkept[] } {
  const good = new Set<string>()
  /** As text: what lives on the page goes on changing. */
  const last: Record<List, Map<string, string>> = { machines: new Map(), store: new Map(), runs: new Map() }
  let lastName = ''
  let lastSettings = settingsSchema.parse({})
  return (shop) => {
    const unkept: Unkept[] = []
    const seen = new Set<string>()
    const list = <L extends List>(where: L): Shop[L] => {
      const before = last[where]
      const now = new Map<string, string>()
      const kept = (shop[where] as { id?: string }[]).flatMap((record) => {
        const text = JSON.stringify(record)
        const known = `${where} ${text}`
        const read = good.has(known) ? undefined : LISTS[where].safeParse(JSON.parse(text))
        const id = record.id ?? ''
        if (read && !read.success) {
          unkept.push({ where, id, problems: problemsOf(read.error) })
          const older = before.get(id)
          if (older === undefined) return []
          now.set(id, older)
          return [JSON.parse(older) as typeof record]
        }
        seen.add(known)
        now.set(id, text)
        return [record]
      })
      last[where] = now
      return kept as Shop[L]
    }
    const machines = list('machines')
    const store = list('store')
    const runs = list('runs')
    good.clear()
    for (const one of seen) good.add(one)

    const name = shop.name.trim().slice(0, 100)
    if (name === '') unkept.push({ where: 'name', problems: [problemAt('name', say('file.noName'))] })
    else lastName = name
    const settings = settingsSchema.safeParse(JSON.parse(JSON.stringify(shop.settings)))
    if (settings.success) lastSettings = settings.data
    else unkept.push({ where: 'settings', problems: problemsOf(settings.error) })
    return { shop: { name: lastName || unnamed, settings: lastSettings, machines, store, runs }, unkept }
  }
}
