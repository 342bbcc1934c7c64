import '../zod.ts'
import { expose } from 'comlink'
import type { CsvOptions } from '../storage/csv.ts'
import type { LogNote } from '../stores/log.ts'
import type { Past } from '../storage/past.ts'
import { openBooks } from '../storage/edge.ts'
import { sayIn } from '../messages/language.ts'
import { createLogBook, type LogBook, type LogFound, type LogQuery } from '../screens/log/logBook.ts'
import type { LogContext, LogRow, LogSayer } from '../screens/log/logRows.ts'

/** What stands in the log and how it is said; the count tells when the store has another list. */
export interface LogAsked {
  language: string
  context: LogContext
  notes: readonly LogNote[]
  changed: number
}
let lines: { changed: number; list: Promise<Past[]> } | undefined
let book: Promise<LogBook> | undefined
let readied: LogBook | undefined
let books: { past: () => Promise<Past[]> } | undefined
/** What says it comes once the language is chosen. */
let spoken: Promise<{ sayLog: (context: LogContext) => LogSayer }> | undefined
const speaking = (language: string) =>
  (spoken ??= sayIn(language).then(() => import('../screens/log/sayLog.ts')))

async function made({ language, context, notes, changed }: LogAsked): Promise<LogBook> {
  if (lines?.changed !== changed) lines = { changed, list: (books ??= openBooks(() => undefined)).past() }
  const [list, { sayLog }] = await Promise.all([lines.list, speaking(language)])
  return createLogBook(sayLog(context), list, notes)
}
const standing = () => {
  if (!book) throw new Error('the log was not opened')
  return book
}

const log = {
  /** Fetches all that it needs. */
  warm: (language: string): Promise<void> => speaking(language).then(() => undefined),
  /** From now on this is the log. */
  async open(next: LogAsked): Promise<void> {
    await (book = made(next))
  },
  /** What is found, and the first of it. */
  async find(query: LogQuery, first: number): Promise<LogFound & { first: LogRow[] }> {
    const mine = standing()
    const one = await mine
    // Once the first answer is out, what the next ones need is made: whoever searches does not wait for it.
    const goOn = () => void (book === mine && !one.ready() && setTimeout(goOn))
    if (readied !== one) setTimeout(goOn)
    readied = one
    return { ...one.find(query), first: one.rows(0, first) }
  },
  rows: async (from: number, to: number): Promise<LogRow[]> => (await standing()).rows(from, to),
  figures: async (months: readonly string[]) => (await standing()).figures(months),
  names: async () => (await standing()).names(),
  jobsBy: async (name: string) => (await standing()).jobsBy(name),
  csv: async (options: CsvOptions) => (await standing()).csv(options),
}
export type LogWorker = typeof log

expose(log)
