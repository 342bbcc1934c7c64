import Papa from 'papaparse'
import { download } from './download.ts'

type Cell = string | number
/** Whether a spreadsheet would run it: also behind what it does not show, and in any form of the sign. */
const runs = (text: string) => /^[\s\p{Cc}\p{Cf}]*[=+\-\u2212@]|^[\t\r]/u.test(text.normalize('NFKC'))
const plain = <C extends Cell>(cell: C): C | string =>
  typeof cell === 'string' && runs(cell) ? `'${cell}` : cell

/** A list as CSV text with a header row; cells that a spreadsheet would run are made plain text. */
export const csvText = (head: readonly string[], rows: readonly (readonly Cell[])[]): string =>
  `${Papa.unparse({ fields: head.map(plain), data: rows.map((row) => row.map(plain)) })}\r\n`

/** Hands a list to the browser as a CSV file. */
export const exportCsv = (name: string, head: readonly string[], rows: readonly (readonly Cell[])[]) =>
  download(`${name}.csv`, csvText(head, rows), 'text/csv')
