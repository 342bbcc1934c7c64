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
