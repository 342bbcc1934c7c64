import { z } from 'zod'
import { trySchema } from '../arc/tries.ts'
import { saysSame, type Content } from '../keep/fields.ts'
import { shownContent, type Kept } from '../keep/versions.ts'
import { TASKS } from '../steps/step.ts'
import { correctionSchema, MOST_NOTE, PRESSURE_RESULTS, withJobKind, type JobKind, type Run } from './run.ts'

/**
 * What is written beside a run, each for itself: steps done with their time, lines gathered, test welds, the pressure
 * mark, the note. Two people who tick steps of one run write two entries, and never the same field.
 */
export const ENTRY_KINDS = ['done', 'gathered', 'try', 'time', 'mark', 'note', 'fix'] as const
export type EntryKind = (typeof ENTRY_KINDS)[number]

/** When it was written, ms since 1970: the order they are shown in. */
const at = z.number().min(0).max(8.64e15)
export const ENTRY_SCHEMAS = {
  done: z.object({ at, task: z.enum(TASKS).optional(), minutes: z.number().min(0).max(600).optional() }),
  gathered: z.object({ at }),
  try: trySchema.extend({ at }),
  /** Of a record that does not say which step it was. */
  time: z.object({ at, task: z.enum(TASKS), minutes: z.number().min(0).max(600) }),
  mark: z.object({
    at,
    mark: z.number().min(-1000).max(1000).nullable().optional(),
    result: z.enum(PRESSURE_RESULTS).optional(),
  }),
  note: z.object({ at, text: z.string().max(MOST_NOTE) }),
  /** What was seen of the machine while it was under way. */
  fix: correctionSchema.omit({ id: true, before: true }).extend({ at }),
} as const
export type EntryContent = { [K in EntryKind]: z.infer<(typeof ENTRY_SCHEMAS)[K]> }[EntryKind]

/** `done/spoolOff`: the kind of an entry stands before the first stroke of its id. */
export const kindOfEntry = (id: string): EntryKind | undefined => {
  const kind = id.slice(0, Math.max(0, id.indexOf('/')))
  return ENTRY_KINDS.find((k) => k === kind)
}

/** The fields of a run that are entries beside it. */
export const ENTRY_FIELDS = [
  'done',
  'gathered',
  'times',
  'tries',
  'pressureMark',
  'pressureResult',
  'note',
  'corrections',
] as const
/** A run without what stands beside it. */
export type RunFields = {
  [K in JobKind]: Omit<Run<K>, (typeof ENTRY_FIELDS)[number] | 'planned'>
}[JobKind]
/** The entries of a run, by id. */
export type Entries = ReadonlyMap<string, EntryContent>

export function fieldsOf(run: Run): RunFields {
  const { done: _d, gathered: _g, times: _t, tries: _r, note: _n, planned: _p, ...fields } = run
  const { pressureMark: _m, pressureResult: _s, corrections: _c, ...rest } = fields
  return rest
}

type Made<K extends EntryKind> = z.infer<(typeof ENTRY_SCHEMAS)[K]>
const inTime = <T extends { at: number }>(entries: readonly [string, T][]) =>
  [...entries].sort(([x, a], [y, b]) => a.at - b.at || (x < y ? -1 : 1))

/**
 * What of a run is entries, as it now stands. An entry that says what it said keeps its time.
 * @param before the entries it had
 * @param now ms since 1970, passed in; what is new is counted on from there
 * @param newId a name for a test weld, which has none of its own
 */
export function entriesOf(
  run: Run,
  before: Entries,
  now: number,
  newId: () => string,
): Map<string, EntryContent> {
  const entries = new Map<string, EntryContent>()
  let latest = now
  for (const { at } of before.values()) latest = Math.max(latest, at)
  const put = (id: string, content: Omit<EntryContent, 'at'>) => {
    const old = before.get(id)
    const same = old && saysSame({ ...old, at: 0 }, { ...content, at: 0 })
    entries.set(id, same ? old : ({ ...content, at: old?.at ?? ++latest } as EntryContent))
  }
  const timed = new Map(
    (run.times ?? []).flatMap((t) => (t.step === undefined ? [] : [[t.step, t] as const])),
  )
  /** What was seen before a step stands before it, whatever is written at once. */
  const fixes = (at: number) => {
    for (const { id, before: index, ...seen } of run.corrections ?? [])
      if (index === at || (at === run.done.length && index > at))
        put(`fix/${id}`, seen as Omit<EntryContent, 'at'>)
  }
  run.done.forEach((id, at) => {
    fixes(at)
    const time = timed.get(id)
    put(`done/${id}`, time ? { task: time.task, minutes: time.minutes } : {})
  })
  fixes(run.done.length)
  const loose = (run.times ?? []).filter((t) => t.step === undefined || !run.done.includes(t.step))
  loose.forEach(({ task, minutes }, i) => put(`time/${i}`, { task, minutes }))
  for (const line of run.gathered) put(`gathered/${line}`, {})

  // Test welds are only added at the end and taken away there: those that say the same are the same.
  const old = inTime([...before].filter((e): e is [string, Made<'try'>] => kindOfEntry(e[0]) === 'try'))
  const tries = run.tries ?? []
  let same = 0
  while (
    same < tries.length &&
    same < old.length &&
    saysSame({ ...tries[same], at: 0 }, { ...old[same]![1], at: 0 })
  )
    same++
  tries.forEach((made, i) => (i < same ? entries.set(...old[i]!) : put(`try/${newId()}`, made)))

  if (run.pressureMark !== undefined || run.pressureResult !== undefined)
    put('mark/mark', {
      ...(run.pressureMark !== undefined && { mark: run.pressureMark }),
      ...(run.pressureResult !== undefined && { result: run.pressureResult }),
    } as Omit<EntryContent, 'at'>)
  if (run.note) put('note/note', { text: run.note } as Omit<EntryContent, 'at'>)
  return entries
}

/** A run with what stands beside it, of whatever version its fields are. */
export function runWith(fields: RunFields, entries: Entries, planned?: Run['planned']): Run {
  const of = <K extends EntryKind>(kind: K) =>
    inTime([...entries].filter((e): e is [string, Made<K>] => kindOfEntry(e[0]) === kind))
  const name = (id: string) => id.slice(id.indexOf('/') + 1)
  const done = of('done')
  const times = [
    ...of('time').map(([, { task, minutes }]) => ({ task, minutes })),
    ...done.flatMap(([id, { task, minutes }]) =>
      task === undefined || minutes === undefined ? [] : [{ step: name(id), task, minutes }],
    ),
  ]
  const tries = of('try').map(([, { at: _at, ...made }]) => made)
  const mark = of('mark').at(-1)?.[1]
  const note = of('note').at(-1)?.[1].text
  const corrections = of('fix').map(([id, { at, ...seen }]) => ({
    id: name(id),
    before: done.filter(([, d]) => d.at < at).length,
    ...seen,
  }))
  return {
    ...withJobKind(fields),
    gathered: of('gathered').map(([id]) => name(id)),
    done: done.map(([id]) => name(id)),
    ...(times.length && { times }),
    ...(tries.length && { tries }),
    ...(mark?.mark !== undefined && { pressureMark: mark.mark }),
    ...(mark?.result !== undefined && { pressureResult: mark.result }),
    ...(note && { note }),
    ...(corrections.length && { corrections }),
    ...(planned && { planned }),
  }
}

/**
 * What an entry says where two wrote it without seeing each other: nobody is asked. A step that one of them did is
 * done, the later reading stands, and of two notes both.
 */
export function entryShown(id: string, kept: Kept): EntryContent | null {
  const said = kept.versions.flatMap(({ content }) =>
    content === null ? [] : [content as unknown as EntryContent],
  )
  const inOrder = [...said].sort((a, b) => a.at - b.at || (JSON.stringify(a) < JSON.stringify(b) ? -1 : 1))
  const last = inOrder.at(-1)
  if (!last || kept.versions.length === 1)
    return (shownContent(kept) as unknown as EntryContent | null) ?? null
  if (kindOfEntry(id) !== 'note') return kindOfEntry(id) === 'done' ? inOrder[0]! : last
  const texts = [...new Set(inOrder.map((n) => (n as Made<'note'>).text))]
  return { at: last.at, text: texts.join('\n').slice(0, MOST_NOTE) }
}

/** The same as content that is compared and merged; `null` where there is none. */
export const entryContent = (id: string, kept: Kept | undefined): Content | null =>
  kept ? (entryShown(id, kept) as unknown as Content | null) : null

/** Entries in one page: a page is what is written at a touch. */
export const PAGE_ENTRIES = 1000
