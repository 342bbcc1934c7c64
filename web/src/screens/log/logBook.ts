import { logFigures } from '@pepper-knot/core/record'
import { csvText, type CsvOptions } from '../../storage/csv.ts'
import { latestFirst } from '../../storage/latestFirst.ts'
import type { Past as LogLine } from '../../storage/past.ts'
import type { LogNote } from '../../stores/log.ts'
import type { LogRow, LogSayer } from './logRows.ts'

/** What is looked for: all of it for nothing. */
export interface LogQuery {
  find?: string | undefined
  /** As the row says it. */
  machine?: string | undefined
  wire?: string | undefined
}
export interface LogFound {
  /** How many there are, and how many were found. */
  all: number
  total: number
  /** Machines of all of them, and wires of those on the machine that was chosen, the latest first. */
  machines: string[]
  wires: string[]
}
export type LogFigures = ReturnType<typeof logFigures>
/** As many names as stand in a line or two. */
const MOST_NAMES = 12

/** The month of an ISO time, by the reader’s clock. */
export const monthKey = (at: string | Date) => {
  const date = new Date(at)
  return `${date.getFullYear()}-${date.getMonth()}`
}

/** So many months back are drawn, this one among them. */
const MONTHS = 12
/** The months that are drawn, by their first day. @param now today, by the reader’s clock */
export const drawnMonths = (now: Date): Date[] =>
  Array.from({ length: MONTHS }, (_, i) => new Date(now.getFullYear(), now.getMonth() - MONTHS + 1 + i, 1))

/** Texts made ready for searching before a question that waits is answered. */
const AT_A_TIME = 1000

/** Some rows, and the search over them once there was one. */
interface Among {
  key: string
  rows: readonly LogRow[]
  finder?: ReturnType<LogSayer['finderOf']>
}

/** All that was done, the latest first: looked through, added up, written out. */
export function createLogBook(say: LogSayer, lines: readonly LogLine[], notes: readonly LogNote[]) {
  const rows = [...lines.map(say.ofLine), ...notes.map(say.ofNote)].sort(latestFirst)
  let found: readonly LogRow[] = rows
  const texts = new Map<LogRow, string>()
  const textOf = (row: LogRow) => {
    const text = texts.get(row) ?? say.textOf(row)
    texts.set(row, text)
    return text
  }
  /** All rows, and those of the machine and wire that were asked for last: a search is typed letter by letter. */
  const whole: Among = { key: '', rows }
  let among = whole
  const finderIn = (these: Among) => (these.finder ??= say.finderOf(these.rows.map(textOf)))
  /** The rows of each machine, the latest first, and the wires of the latest. */
  const onMachines = new Map<string, { rows: LogRow[]; wires: Set<string> }>()
  const wires = new Set<string>()
  const take = (names: Set<string>, name: string) => {
    if (name && names.size < MOST_NAMES) names.add(name)
  }
  for (const row of rows) {
    take(wires, row.wire)
    if (!row.machine) continue
    const there = onMachines.get(row.machine) ?? { rows: [], wires: new Set() }
    there.rows.push(row)
    take(there.wires, row.wire)
    onMachines.set(row.machine, there)
  }

  function find({ find, machine, wire }: LogQuery): LogFound {
    const on = machine ? (onMachines.get(machine) ?? { rows: [], wires: [] }) : { rows, wires }
    const key = JSON.stringify([machine ?? '', wire ?? ''])
    if (!machine && !wire) among = whole
    else if (among.key !== key)
      among = { key, rows: wire ? on.rows.filter((row) => row.wire === wire) : on.rows }
    const list = among.rows
    found = find?.trim()
      ? finderIn(among)
          .find(find)
          .map((at) => list[at]!)
      : list
    return {
      all: rows.length,
      total: found.length,
      machines: [...onMachines.keys()].slice(0, MOST_NAMES),
      wires: [...on.wires],
    }
  }
  let figuresOf: { months: string; figures: LogFigures } | undefined
  function figures(months: readonly string[]): LogFigures {
    const asked = months.join()
    if (figuresOf?.months !== asked)
      figuresOf = { months: asked, figures: logFigures(lines, notes, months, monthKey) }
    return figuresOf.figures
  }
  return {
    find,
    /** Makes a piece ready of what the charts and a search need. @returns whether all of it is */
    ready(): boolean {
      figures(drawnMonths(new Date()).map(monthKey))
      return finderIn(whole).ready(AT_A_TIME)
    },
    /** Some of what was found last. */
    rows: (from: number, to: number): LogRow[] => found.slice(from, to),
    figures,
    /** Everyone who is named in an entry, or in what one said before. */
    names: (): string[] =>
      [
        ...new Set([
          ...lines.flatMap(({ by }) => by ?? []),
          ...notes.flatMap(({ by, was }) =>
            [by, ...(was ?? []).map((old) => old.by)].flatMap((b) => b ?? []),
          ),
        ]),
      ].sort(),
    /** Ids of the jobs that bear a name. */
    jobsBy: (name: string): string[] => lines.flatMap((line) => (line.by === name ? [line.id] : [])),
    /** What was found last, as CSV. */
    csv: (options: CsvOptions): string => csvText(say.head(), found.map(say.cellsOf), options),
  }
}
export type LogBook = ReturnType<typeof createLogBook>
