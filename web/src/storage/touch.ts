import { z } from 'zod'
import {
  nameFor,
  readEntry,
  readEntryKey,
  readRecord,
  textOf,
  type Change,
  type EntryKey,
  type Kept,
  type Version,
} from '@pepper-knot/core/ledger'
import { readKey, type Key } from '@pepper-knot/core/record'
import { SIGN_OFF } from './head.ts'
import { rowOf } from './shelf.ts'

type Vector = Version['clock']

export type AnyKey = Key | EntryKey
/** What a change did to the versions of a record, so that they can be put back as they were. */
export interface Whole {
  /** As it was kept before; `null`: it was not there. */
  was: Kept | null
  /** The name of how it was kept afterwards. */
  now: string
}
/** One record or entry that a touch changes, and what its writer had seen of it. */
export interface PageChange extends Change<AnyKey> {
  seen?: Vector | undefined
  /** It is removed because its making is taken back: nothing of it is kept. */
  unmade?: boolean
  /** Its versions are put back, unless somebody wrote meanwhile. */
  back?: Whole
}
export interface Touch {
  id: string
  /** Said of it, where it can be taken back. */
  label?: string | undefined
  changes: PageChange[]
  /** Taken back, it is its versions that come back, not what they show: what was removed can be put back again. */
  whole?: boolean
  /** What comes with the program is put in. */
  readyMade?: boolean
  /** It stands in the store, and is no longer to be counted on top of it. */
  written?: boolean
}
export interface UndoItem {
  id: string
  label: string
  at: string
  changes: (Change<AnyKey> & { whole?: Whole })[]
}
const wholeSchema = z.object({ was: z.custom<Kept | null>(), now: z.string() })
/** Whether what it was can be put back as it stands. */
function isSound(key: AnyKey, { was }: Whole): boolean {
  if (was === null) return true
  const entry = readEntryKey(key)
  if (entry) return readEntry({ ...entry, ...was }).ok
  const read = readRecord(rowOf(key as Key, was))
  return read.ok && read.value.key === key
}
const undoSchema = z.object({
  id: z.string(),
  label: z.string(),
  at: z.string(),
  changes: z.array(
    z.object({
      key: z.custom<AnyKey>(
        (key) => typeof key === 'string' && (readKey(key) ?? readEntryKey(key)) !== undefined,
      ),
      before: z.record(z.string(), z.unknown()).nullable(),
      after: z.record(z.string(), z.unknown()).nullable(),
      whole: wholeSchema.optional(),
    }),
  ),
})

/** Reads a touch as it lies in the store; versions that are none are not put back, its fields are. */
export function readUndo(raw: unknown): UndoItem | null {
  const read = undoSchema.safeParse(raw)
  if (!read.success) return null
  const changes = read.data.changes.map(({ whole, ...change }) => ({
    ...change,
    ...(whole && isSound(change.key, whole) && { whole }),
  }))
  return { ...read.data, changes }
}

export const undoKey = (id: string) => `undo/${id}`
/** A touch that signed a run off: it can be taken back for as long as its plan is kept. */
export const isSignOff = (id: string) => id.startsWith(SIGN_OFF)
/** A plan that ends is kept where removed things are, and not twice. */
export const noPlan = ({ key, before, after }: PageChange): Change<AnyKey> =>
  key.startsWith('plan/') && after === null ? { key, before: null, after } : { key, before, after }
/** How a record is kept, as one word. */
export const keptName = (kept: Kept | undefined): string => (kept ? nameFor(textOf(kept)) : '')
/** What must be on the disk before it is said to be saved; what is being typed may be on its way. */
export const mustBeSure = ({ label, changes }: Touch) =>
  label !== undefined || changes.some(({ key }) => /^(?:run|plan|entry)\//.test(key))
export const withoutContent = (kept: Kept): Kept => ({
  ...kept,
  versions: kept.versions.map(({ clock, at, content }) => ({ clock, at, content })),
})
