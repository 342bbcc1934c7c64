import { workBetween, workIn } from '../machine/upkeep.ts'
import type { PartKind } from '../machine/store.ts'
import type { Cause } from '../trouble/causes.ts'
import type { LogNote } from './kinds/log.ts'
import type { LogLine } from './log.ts'
import { JOB_KINDS, type JobKind } from './run.ts'

/** Parts of which it is worth knowing how long one lasts. */
export const WEARING = ['contactTip', 'liner'] as const satisfies readonly PartKind[]
/** What money went to; `wasted` is what was thrown away. */
const SPENT_ON = ['wire', 'gas', 'parts', 'wasted'] as const
const SPENT: Partial<Record<LogNote['what'], (typeof SPENT_ON)[number]>> = {
  'spool-opened': 'wire',
  'spool-emptied': 'wire',
  'cylinder-changed': 'gas',
  'part-fitted': 'parts',
  'part-scrapped': 'wasted',
}

/** How long parts of a kind lasted on a machine, from one that was fitted to the next. */
export interface Lasted {
  machineId: string
  part: (typeof WEARING)[number]
  /** Parts that were followed by another. */
  count: number
  /** Means over those of which it is known. */
  kg: number | null
  arcHours: number | null
}

export interface LogFigures {
  /** Mean minutes of the jobs of a kind, month by month; `null` where there was none. */
  minutes: Partial<Record<JobKind, (number | null)[]>>
  /** Share of the changes, month by month, that ended without a trouble and were not stopped. */
  firstTry: (number | null)[]
  /** Causes of troubles, the commonest first. */
  causes: [Cause, number][]
  /** Money by month, in the shop's currency; nothing where none was spent. */
  money: Partial<Record<(typeof SPENT_ON)[number], number[]>>
  lasted: Lasted[]
}

const mean = (list: readonly number[]) =>
  list.length ? list.reduce((sum, n) => sum + n, 0) / list.length : null

/** How long tips and liners lasted, machine by machine: those that a job put in, and those that a note says of. */
function lastedOf(lines: readonly LogLine[], notes: readonly LogNote[]): Lasted[] {
  const on = new Map<string, LogNote[]>()
  for (const note of notes) {
    const own = on.get(note.machineId ?? '')
    if (own) own.push(note)
    else on.set(note.machineId ?? '', [note])
  }
  const fits = new Map<string, { machineId: string; part: Lasted['part']; at: string[] }>()
  const fitted = [
    ...lines.flatMap(({ machineId, at, fitted = [] }) => fitted.map((part) => ({ machineId, at, part }))),
    ...notes.filter(({ what }) => what === 'part-fitted'),
  ]
  for (const { machineId, part, at } of fitted) {
    const kind = WEARING.find((one) => one === part)
    if (machineId === undefined || !kind) continue
    const key = `${kind} ${machineId}`
    const there = fits.get(key)
    if (there) there.at.push(at)
    else fits.set(key, { machineId, part: kind, at: [at] })
  }
  return [...fits.values()].flatMap(({ machineId, part, at }): Lasted[] => {
    const times = [...at].sort()
    const work = workIn(on.get(machineId) ?? [])
    const between = times.slice(1).map((to, i) => workBetween(work, times[i]!, to))
    if (between.length === 0) return []
    const known = (of: 'kg' | 'arcHours') => mean(between.flatMap((one) => one[of] ?? []))
    return [{ machineId, part, count: between.length, kg: known('kg'), arcHours: known('arcHours') }]
  })
}

/**
 * What the log adds up to.
 * @param lines the jobs that were signed off; @param notes what was written by hand
 * @param months those to draw, as `monthOf` names them; what lies outside counts only where no month is asked
 * @param monthOf the month of an ISO time, by the reader's clock
 */
export function logFigures(
  lines: readonly LogLine[],
  notes: readonly LogNote[],
  months: readonly string[],
  monthOf: (at: string) => string,
): LogFigures {
  const place = new Map(months.map((month, i) => [month, i]))
  const byMonth = <T>() => months.map((): T[] => [])
  const minutes = new Map<JobKind, number[][]>()
  const tried = byMonth<number>()
  const causes = new Map<Cause, number>()
  for (const { at, kind, stopped, minutes: took, causes: found = [] } of lines) {
    for (const cause of found) causes.set(cause, (causes.get(cause) ?? 0) + 1)
    const month = place.get(monthOf(at))
    if (month === undefined) continue
    if (kind === 'change') tried[month]!.push(stopped || found.length ? 0 : 1)
    if (stopped || took === undefined) continue
    const of = minutes.get(kind) ?? byMonth<number>()
    of[month]!.push(took)
    minutes.set(kind, of)
  }
  const money: LogFigures['money'] = {}
  for (const { at, what, cost } of notes) {
    const [on, month] = [SPENT[what], place.get(monthOf(at))]
    if (!on || cost === undefined || month === undefined) continue
    const of = (money[on] ??= months.map(() => 0))
    of[month]! += cost
  }
  return {
    minutes: Object.fromEntries(
      JOB_KINDS.flatMap((kind) => {
        const of = minutes.get(kind)
        return of ? [[kind, of.map(mean)]] : []
      }),
    ),
    firstTry: tried.map(mean),
    causes: [...causes].sort(([a, m], [b, n]) => n - m || (a < b ? -1 : 1)),
    money: Object.fromEntries(SPENT_ON.flatMap((on) => (money[on] ? [[on, money[on]]] : []))),
    lasted: lastedOf(lines, notes),
  }
}
