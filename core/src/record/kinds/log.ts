import { z } from 'zod'
import { PART_KINDS } from '../../machine/store.ts'
import { recordKind } from './recordKind.ts'

/** What is written into the log by hand, beside the jobs that write themselves down. */
export const LOG_NOTES = [
  'note',
  'upkeep',
  'part-fitted',
  'part-scrapped',
  'spool-opened',
  'spool-emptied',
  'cylinder-changed',
  'arc-hours',
  'fault',
  'photo',
] as const
/** As many pictures as an entry carries. */
const MOST_PHOTOS = 12

const said = {
  text: z.string().max(2000),
  /** Name or initials of who wrote it. */
  by: z.string().min(1).max(40).optional(),
}
export const logNoteSchema = z.object({
  id: z.string().min(1).max(100),
  at: z.iso.datetime(),
  what: z.enum(LOG_NOTES),
  machineId: z.string().min(1).max(100).optional(),
  /** What the machine was called then. */
  machine: z.string().max(100).optional(),
  /** The wire it is about, as its label says. */
  label: z.string().max(500).optional(),
  /** The job it was written in. */
  runId: z.string().min(1).max(100).optional(),
  /** Ids of its pictures; they are kept beside the records, each on the device that took it. */
  photos: z.array(z.string().min(1).max(100)).max(MOST_PHOTOS).optional(),
  /** Wire on the spool it is about, kg: what was on one that was opened, what ran through of one that was emptied. */
  kg: z.number().min(0).max(1000).optional(),
  /** What the machine’s hour counter read, h of arc. */
  arcHours: z.number().min(0).max(1_000_000).optional(),
  /** The part that was fitted or scrapped. */
  part: z.enum(PART_KINDS).optional(),
  /** What it cost, in the shop’s currency. */
  cost: z.number().min(0).max(1_000_000).optional(),
  ...said,
  /** What it said before it was corrected, the oldest first, each with when it was replaced. */
  was: z
    .array(z.object({ at: z.iso.datetime(), ...said }))
    .max(50)
    .optional(),
})
export type LogNote = z.infer<typeof logNoteSchema>

/** A note of the log with another text; what it said before stays with it. @param at ISO time, passed in */
export const corrected = (note: LogNote, text: string, by: string | undefined, at: string): LogNote => {
  const { text: before, by: wrote, was = [], ...rest } = note
  return {
    ...rest,
    text,
    ...(by && { by }),
    was: [...was, { at, text: before, ...(wrote && { by: wrote }) }].slice(-50),
  }
}

export const logRecord = recordKind<LogNote>().as({ schema: logNoteSchema, list: 'log' })
