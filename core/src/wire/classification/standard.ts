import type { Said } from '../../base/codes.ts'
import { POSITIONS, type Family } from '../../terms/terms.ts'
import { FAMILY_SHEETS } from '../../families/index.ts'
import type { Wire } from '../wire.ts'

/** What a designation alone tells, without size and mass. */
export type Designated = Pick<
  Wire,
  | 'family'
  | 'process'
  | 'polarity'
  | 'gas'
  | 'positions'
  | 'passes'
  | 'notes'
  | 'hydrogen'
  | 'strength'
  | 'joins'
> & {
  classification: string
  standard: string
  open?: undefined
  /** What two designations of one wire must share, where it can be told: an alloy number. */
  alloy?: string
}

/** `undefined`: not a designation of this standard at all. */
export type Designation =
  | { ok: true; value: Designated }
  /** `whole`: it must not be read in part, as its parts would read as something else. */
  | { ok: false; said: Said; suggestion?: string; whole?: true }
  | undefined

/**
 * One standard: a small grammar over a table. `token` is upper case, without spaces.
 * Another standard is one more file and one more row in `index.ts`.
 */
export interface Standard {
  id: string
  read: (token: string) => Designation
  /** Its designations are printed with spaces between figures, `G 42 4 M21 3Si1`. */
  spaced?: true
}

export const notOurs = undefined
export const wrong = (said: Said, suggestion?: string): Designation => ({
  ok: false,
  said,
  ...(suggestion ? { suggestion } : {}),
})

/** A designation that was read: what the family usually has, with what this one says otherwise. */
export function designated(
  standard: string,
  family: Family,
  classification: string,
  says: Partial<Designated> = {},
): Designation {
  const needs = FAMILY_SHEETS[family]
  return {
    ok: true,
    value: {
      family,
      process: needs.process,
      classification,
      standard,
      polarity: ['DCEP'],
      gas: { needed: needs.gas.length > 0, designations: [...needs.gas] },
      positions: [...POSITIONS],
      passes: 'multi',
      hydrogen: null,
      strength: null,
      joins: [...needs.joins],
      notes: [],
      ...says,
    },
  }
}

/** A named-group match; groups that did not take part are `undefined`. */
export const groups = (form: RegExp, token: string): Record<string, string | undefined> | undefined =>
  form.exec(token)?.groups

/** `ER{..}S-6` and a hydrogen class behind it, ` H4`. */
export const tail = (hydrogen: string | undefined): string => (hydrogen ? ` ${hydrogen}` : '')
