import Papa from 'papaparse'
import { z } from 'zod'
import { download } from './download.ts'

type Cell = string | number
/** Whether a spreadsheet would run it: also behind what it does not show, and in any form of the sign. */
const runs = (text: string) => /^[\s\p{Cc}\p{Cf}]*[=+\-\u2212@]|^[\t\r]/u.test(text.normalize('NFKC'))
/** Behind any number of leading apostrophes, so that one that was typed comes back too. */
const wouldRun = (text: string) => runs(text.replace(/^'+/, ''))
const plain = <C extends Cell>(cell: C): C | string =>
  typeof cell === 'string' && wouldRun(cell) ? `'${cell}` : cell
/** A text as it was before it was made plain. */
const asTyped = (cell: string): string => (cell.startsWith("'") && wouldRun(cell) ? cell.slice(1) : cell)

/** How this device writes CSV: for the program that opens it. */
const optionsSchema = z.object({
  separator: z.enum([',', ';', '\t']),
  decimal: z.enum(['.', ',']),
  /** A mark at the beginning by which some programs know the letters. */
  bom: z.boolean(),
})
export type CsvOptions = z.infer<typeof optionsSchema>
const KEY = 'pepper-knot/csv'
/** What programs of a country read: where a comma stands in numbers it does not stand between cells. */
export function usual(locale = navigator.language): CsvOptions {
  const comma = new Intl.NumberFormat(locale).format(1.5).includes(',')
  return { separator: comma ? ';' : ',', decimal: comma ? ',' : '.', bom: false }
}
export function csvOptions(): CsvOptions {
  try {
    const read = optionsSchema.safeParse(JSON.parse(localStorage.getItem(KEY) ?? ''))
    return read.success ? read.data : usual()
  } catch {
    return usual()
  }
}
export const keepCsvOptions = (options: CsvOptions) => localStorage.setItem(KEY, JSON.stringify(options))

/** A list as CSV text with a header row; cells that a spreadsheet would run are made plain text. */
export function csvText(
  head: readonly string[],
  rows: readonly (readonly Cell[])[],
  { separator, decimal, bom }: CsvOptions = { separator: ',', decimal: '.', bom: false },
): string {
  const cell = (value: Cell) =>
    typeof value === 'number' ? String(value).replace('.', decimal) : plain(value)
  const text = Papa.unparse(
    { fields: head.map(plain), data: rows.map((row) => row.map(cell)) },
    { delimiter: separator },
  )
  return `${bom ? '\uFEFF' : ''}${text}\r\n`
}

/** Hands a list to the browser as a CSV file. */
export const exportCsv = (name: string, head: readonly string[], rows: readonly (readonly Cell[])[]) =>
  download(`${name}.csv`, csvText(head, rows, csvOptions()), 'text/csv')

/** A CSV file as rows of texts, the first of them its head; whatever stands between its cells. */
export function readCsv(text: string): { head: string[]; rows: string[][] } {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' })
  const [head = [], ...rows] = data.map((row) => row.map((cell) => asTyped(cell.trim())))
  return { head, rows }
}
