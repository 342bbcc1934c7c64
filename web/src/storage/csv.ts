import Papa from 'papaparse'
import { download } from './download.ts'

/** A list as CSV text with a header row; cells that a spreadsheet would run are made plain text. */
export const csvText = (head: readonly string[], rows: readonly (readonly (string | number)[])[]): string =>
  `${Papa.unparse({ fields: [...head], data: rows.map((r) => [...r]) }, { escapeFormulae: true })}\r\n`

/** Hands a list to the browser as a CSV file. */
export const exportCsv = (
  name: string,
  head: readonly string[],
  rows: readonly (readonly (string | number)[])[],
) => download(`${name}.csv`, csvText(head, rows), 'text/csv')
