import {
  formatLength,
  formatMass,
  formatMinutes,
  formatSpeed,
  type UnitSystem,
} from '@pepper-knot/core/trade'
import { moneyIn } from '../../messages/money.ts'
import type { useWords } from '../../composables/useWords.ts'
import { seen } from '../../messages/seen.ts'
import type { LogNote } from '../../stores/log.ts'
import type { Past as LogLine } from '../../storage/past.ts'

/** One row of the log: a job that was signed off, or a note written by hand. */
export interface LogRow {
  id: string
  /** ISO time. */
  at: string
  machine: string
  /** What the wire is called, by its class and size where they are known. */
  wire: string
  title: string
  /** Settings, minutes, causes; of a note its text. */
  says: string[]
  by: string
  note?: LogNote
  /** What a note said before it was corrected. */
  before?: { at: string; says: string }[]
  line?: LogLine
}

/** What the log is said in: the same on the page and in the worker. */
export interface LogContext {
  units: UnitSystem
  currency?: string | undefined
  /** A tag that dates take. */
  locale: string
  /** What each machine is called now, by id. */
  machines: readonly (readonly [string, string])[]
}
export interface LogWords {
  words: ReturnType<typeof useWords>
  t: (key: string, values?: Record<string, unknown>) => string
}

/** Says entries of the log. */
export function logSayer({ words, t }: LogWords, { units, currency, locale, machines }: LogContext) {
  const money = moneyIn(locale, currency)
  const names = new Map(machines.map(([id, name]) => [id, seen(name)]))
  const jobs = new Map<string, string>()
  const jobOf = (kind: LogLine['kind']) => {
    const said = jobs.get(kind) ?? t(`log.jobs.${kind}`)
    jobs.set(kind, said)
    return said
  }
  const sizes = new Map<string, string>()
  const wireOf = ({ classification, family, diameterMm }: NonNullable<LogLine['wire']>) => {
    const key = `${classification ?? family} ${diameterMm}`
    const said =
      sizes.get(key) ??
      `${classification ?? words.FAMILY_NAMES[family as never]} ${words.sizeText(diameterMm, units)}`
    sizes.set(key, said)
    return said
  }
  /** What a job says beyond its machine and wire: worked out for those that are looked at, or looked through. */
  function saysOf(line: LogLine): string[] {
    return [
      ...(line.ran ? [words.ranWellSentence(line.ran, units)] : []),
      [
        line.material && words.MATERIAL_NAMES[line.material as never],
        line.thicknessMm && formatLength(line.thicknessMm, units),
      ]
        .filter(Boolean)
        .join(' '),
      ...(line.causes ?? []).map((cause) => words.CAUSE_WORDS[cause].name),
      ...(line.fitted
        ? [t('log.fitted', { parts: line.fitted.map((part) => t(`kinds.${part}`)).join(', ') })]
        : []),
      ...(line.mark === undefined ? [] : [t('sign.markIs', { mark: line.mark })]),
      ...(line.stopped ? [t('stop.card')] : []),
      ...(line.minutes === undefined
        ? []
        : [
            line.planned === undefined
              ? formatMinutes(line.minutes)
              : t('log.took', { took: formatMinutes(line.minutes), planned: formatMinutes(line.planned) }),
          ]),
      seen(line.note ?? ''),
    ].filter(Boolean)
  }
  function ofLine(line: LogLine): LogRow {
    const machine = names.get(line.machineId) ?? seen(line.machine ?? '?')
    let says: string[] | undefined
    return {
      id: line.id,
      at: line.at,
      machine,
      wire: line.wire ? wireOf(line.wire) : seen(line.label),
      title: `${machine}: ${jobOf(line.kind)}`,
      get says() {
        return (says ??= saysOf(line))
      },
      by: line.by ?? '',
      line,
    }
  }
  const saidIn = ({ part, kg, arcHours, cost, text }: NonNullable<LogNote['was']>[number] | LogNote) =>
    [
      part && t(`kinds.${part}`),
      kg !== undefined && formatMass(kg, units),
      arcHours !== undefined && t('log.hours', { n: arcHours }),
      cost !== undefined && money(cost),
      seen(text),
    ].filter((said): said is string => typeof said === 'string' && said !== '')
  function ofNote(note: LogNote): LogRow {
    const machine = (note.machineId && names.get(note.machineId)) || seen(note.machine ?? '')
    return {
      id: note.id,
      at: note.at,
      machine,
      wire: seen(note.label ?? ''),
      title: [machine, t(`log.kinds.${note.what}`)].filter(Boolean).join(': '),
      says: saidIn(note),
      by: seen(note.by ?? ''),
      note,
      before: (note.was ?? []).map((old) => ({ at: old.at, says: saidIn(old).join(' · ') })),
    }
  }

  const months = new Map<string, string>()
  const monthName = new Intl.DateTimeFormat(locale, { month: 'long', year: 'numeric' })
  const monthOf = (at: string) => {
    const date = new Date(at)
    const key = `${date.getFullYear()} ${date.getMonth()}`
    const said = months.get(key) ?? monthName.format(date)
    months.set(key, said)
    return said
  }
  /** All that a search looks through. */
  const textOf = (row: LogRow): string =>
    [
      row.title,
      row.wire,
      ...row.says,
      row.by,
      monthOf(row.at),
      row.line?.label,
      row.line?.wire && words.familyCalled(row.line.wire.family as never),
    ]
      .filter(Boolean)
      .join(' ')

  const speed = (row: LogRow) => {
    const metres = row.line?.ran?.wireSpeedMPerMin
    return metres === undefined ? '' : Number.parseFloat(formatSpeed(metres, units))
  }
  const head = () =>
    [
      'at',
      'machine',
      'what',
      'wire',
      'volts',
      units === 'metric' ? 'speedMetric' : 'speedInch',
      'minutes',
      'planned',
      'by',
      'part',
      units === 'metric' ? 'massMetric' : 'massInch',
      'arcHours',
      'cost',
      'says',
    ].map((key) => t(`log.head.${key}`))
  /** The cells of a row under that head. */
  const cellsOf = (row: LogRow): (string | number)[] => [
    row.at.slice(0, 16).replace('T', ' '),
    row.machine,
    row.note ? t(`log.kinds.${row.note.what}`) : jobOf(row.line!.kind),
    row.wire,
    row.line?.ran?.voltageV ?? '',
    speed(row),
    row.line?.minutes ?? '',
    row.line?.planned ?? '',
    row.by,
    row.note?.part ? t(`kinds.${row.note.part}`) : '',
    row.note?.kg === undefined ? '' : Number.parseFloat(formatMass(row.note.kg, units)),
    row.note?.arcHours ?? '',
    row.note?.cost ?? '',
    row.note?.text ?? row.says.join('; '),
  ]
  return { finderOf: words.finderOf, ofLine, ofNote, textOf, head, cellsOf }
}
export type LogSayer = ReturnType<typeof logSayer>
