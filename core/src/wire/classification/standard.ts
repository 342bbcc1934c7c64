import type { Wire } from '../wire.ts'

/** What a designation alone tells, without size and mass. */
export type Designated = Pick<
  Wire,
  'family' | 'process' | 'polarity' | 'gas' | 'positions' | 'passes' | 'notes' | 'hydrogen'
> & {
  classification: string
  standard: string
}

/** `undefined`: not a designation of this standard at all. */
export type Designation =
  { ok: true; value: Designated } | { ok: false; message: string; suggestion?: string } | undefined

/**
 * One standard: a small grammar over a table. `token` is upper case, without spaces.
 * Another standard is one more file and one more row in `index.ts`.
 */
export interface Standard {
  id: string
  read: (token: string) => Designation
}

export const notOurs = undefined
export const wrong = (message: string, suggestion?: string): Designation => ({
  ok: false,
  message,
  ...(suggestion ? { suggestion } : {}),
})
