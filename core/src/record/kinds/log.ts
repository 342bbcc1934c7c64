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

/** What a note says in figures. */
const figures = {
  /** Wire on the spool it is about, kg: what was on one that was opened, what ran through of one that was emptied. */
  kg: z.number().min(0).max(1000).optional(),
  /** What the machine’s hour counter read, h of arc. */
  arcHours: z.number().min(0).max(1_000_000).optional(),
  /** The part that was fitted or scrapped. */
  part: z.enum(PART_KINDS).optional(),
  /** What it cost, in the shop’s currency. */
  cost: z.number().min(0).max(1_000_000).optional(),
}
const said = {
  ...figures,
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
  ...said,
  /** What it said before it was corrected, the oldest first, each with when it was replaced. */
  was: z
    .array(z.object({ at: z.iso.datetime(), ...said }))
    .max(50)
    .optional(),
})
export type LogNote = z.infer<typeof logNoteSchema>

/** What a note says; in a correction a figure that goes is set to nothing. */
export type LogSaid = Pick<LogNote, 'text' | keyof typeof figures>
const SAID = ['text', 'kg', 'arcHours', 'part', 'cost'] as const
/**
 * A note of the log that says something else; what it said before stays with it.
 * @param at ISO time, passed in
 */
export function corrected(note: LogNote, next: LogSaid, by: string | undefined, at: string): LogNote {
  if (SAID.every((key) => note[key] === next[key])) return note
  const { by: wrote, was = [], ...rest } = note
  const before = Object.fromEntries(
    SAID.flatMap((key) => (note[key] === undefined ? [] : [[key, note[key]]])),
  )
  return {
    ...rest,
    ...next,
    ...(by && { by }),
    was: [...was, { at, text: note.text, ...before, ...(wrote && { by: wrote }) }].slice(-50),
  }
}

export const logRecord = recordKind<LogNote>().as({ schema: logNoteSchema, list: 'log' })
