import { z } from 'zod'

/** Form of the store this program keeps: a newer one is left alone. */
export const STORE_VERSION = 3
export { HEAD } from './boxes.ts'
/** Batches whose keys are remembered: a tab that slept longer reads everything anew. */
export const MOST_RECENT = 60
/** Keys of one batch that are worth a list. */
export const MOST_KEYS = 400
/** Touches that can be taken back. */
export const MOST_UNDO = 30

/** The touch that signed a run off is named by it. */
export const SIGN_OFF = 'sign-off-'
export const signOffId = (run: string) => `${SIGN_OFF}${run}`

export const headSchema = z.object({
  version: z.number().int().min(1),
  /** Counts the batches. */
  seq: z.number().int().min(0),
  /** This browser profile at this address. */
  device: z.string().min(1).max(60),
  /** When the last batch was written, ISO. */
  at: z.iso.datetime(),
  /** Place in lists of what was made last: what is made next comes after it, whichever tab makes it. */
  since: z.number().min(0).default(0),
  /** What the last batches changed; `null`: more than is listed. */
  recent: z.array(z.object({ seq: z.number(), keys: z.array(z.string()).nullable() })),
  undos: z.array(z.object({ id: z.string(), label: z.string(), at: z.iso.datetime() })),
})
export type Head = z.infer<typeof headSchema>

export const freshHead = (device: string, at: string): Head => ({
  version: STORE_VERSION,
  seq: 0,
  since: 0,
  device,
  at,
  recent: [],
  undos: [],
})
