import type { ChartRow } from '@pepper-knot/core/machine'
import { readChart } from '@pepper-knot/core/wire'
import type { useWords } from '../composables/useWords.ts'
import { csvText, readCsv, type CsvOptions } from './csv.ts'

/** Headings as the reader of charts knows them, each with its unit. */
const HEAD = [
  'Wire',
  'Size (mm)',
  'Thickness (mm)',
  'Gas',
  'Position',
  'Volts (V)',
  'Tap',
  'Knob',
  'Speed (m/min)',
  'Dial',
] as const

/** Rows of a chart as CSV; in metric, whatever the shop counts in, so that nothing is rounded on the way. */
export const chartCsv = (
  rows: readonly ChartRow[],
  words: ReturnType<typeof useWords>,
  options?: CsvOptions,
): string =>
  csvText(
    HEAD,
    rows.map((row) => [
      row.classification ?? (row.family ? words.FAMILY_NAMES[row.family] : ''),
      row.sizeMm,
      row.thicknessMm,
      row.gas ? words.mixtureText(row.gas) : '',
      row.position ? words.POSITION_NAMES[row.position] : '',
      row.voltageV ?? '',
      row.tap ?? '',
      row.knob ?? '',
      row.wireSpeedMPerMin ?? '',
      row.dial ?? '',
    ]),
    options,
  )

/** What a column of the file can be: by its own heading, and by what people write over it. */
const USUAL: Record<ChartColumn, RegExp> = {
  Wire: /^(?:wire|class|electrode|filler|label)/i,
  Size: /^(?:size|dia|ø)/i,
  Thickness: /^(?:thick|metal|plate|on\b)/i,
  Gas: /^(?:shielding\s*)?gas/i,
  Position: /^pos/i,
  Volts: /^(?:volt|v\b|u\b)/i,
  Tap: /^tap/i,
  Knob: /^knob/i,
  Speed: /^(?:speed|wire\s*speed|wfs|feed|m\/min|ipm)/i,
  Dial: /^dial/i,
}
export const CHART_COLUMNS = HEAD.map((title) => title.replace(/ .*/, '')) as ChartColumn[]
export type ChartColumn =
  'Wire' | 'Size' | 'Thickness' | 'Gas' | 'Position' | 'Volts' | 'Tap' | 'Knob' | 'Speed' | 'Dial'
export type ChartColumns = Partial<Record<ChartColumn, number>>
/** Columns found by their headings; each is one thing. */
export function chartColumns(head: readonly string[]): ChartColumns {
  const found: ChartColumns = {}
  head.forEach((title, at) => {
    const column = CHART_COLUMNS.find((one) => found[one] === undefined && USUAL[one].test(title.trim()))
    if (column) found[column] = at
  })
  return found
}
/** The file with its columns as somebody matched them, under the headings that a chart is read by; units stay as they are said. */
export function withColumns(text: string, columns: ChartColumns): string {
  const { head, rows } = readCsv(text)
  const there = CHART_COLUMNS.flatMap((name) =>
    columns[name] === undefined ? [] : [[name, columns[name]] as const],
  )
  const unit = (at: number) => /\((mm|in|m\/min|in\/min|ipm)\)|\b(m\/min|in\/min|ipm)\b/i.exec(head[at] ?? '')
  const title = ([name, at]: (typeof there)[number]) => {
    const said = unit(at)
    return said ? `${name} (${said[1] ?? said[2]})` : name
  }
  return csvText(
    there.map(title),
    rows.map((row) => there.map(([, at]) => row[at] ?? '')),
  )
}

/** A CSV file as the text that a chart is read from: a table with tabs; a heading says the unit of its figures. */
export function chartText(text: string): string {
  const { head, rows } = readCsv(text)
  const units = head.map(
    (title) => /^(?:size|thick\w*|speed)\b.*\((mm|in|m\/min|in\/min|ipm)\)$/i.exec(title)?.[1],
  )
  const cell = (said: string, at: number) => {
    const plain = said.replace(/[\t\r\n]+/g, ' ')
    return units[at] && /^[\d.,]+$/.test(plain) ? `${plain} ${units[at]}` : plain
  }
  return [head.map((title) => title.replace(/[\t\r\n]+/g, ' ')), ...rows.map((row) => row.map(cell))]
    .map((row) => row.join('\t'))
    .join('\n')
}
/** @returns the rows of a file, each read or refused */
export const readChartCsv = (text: string) => readChart(chartText(text))
