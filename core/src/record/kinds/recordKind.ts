import type { z } from 'zod'
import type { Content } from '../../keep/fields.ts'

/**
 * A kind of record: what it holds, and how a thing of the shop is written in it. Names of its lists and the types of
 * what stands in them follow from the rows.
 */
export interface RecordKind<Item extends object = object> {
  schema: z.ZodType
  /** The list of the shop that such things stand in; without one there is one of it, under the name of its kind. */
  list?: string
  /** Which things of that list are of this kind; all, where it does not say. */
  holds?: (item: Item) => boolean
  /** What of a thing is written in its record, where that is not all of it. */
  own?: (item: Item) => object
  /** It is no thing of its own but one field of things of these kinds, kept beside them under their id. */
  field?: {
    name: string
    of: readonly string[]
    /** Nothing where there is nothing to keep. */
    write: (value: unknown) => Content | undefined
    read: (content: Content) => unknown
  }
}
/** A row, with the type of its things. */
export const recordKind = <Item extends object>() => ({
  as: <const R extends RecordKind<Item>>(row: R): R & { thing?: Item } => row,
})
