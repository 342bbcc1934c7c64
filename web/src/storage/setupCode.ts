import { deflateSync, inflateSync, strFromU8, strToU8 } from 'fflate'
import type { z } from 'zod'
import { setupCardSchema } from '@pepper-knot/core/machine'

export type SetupCard = z.infer<typeof setupCardSchema>
import { base45, fromBase45 } from './base45.ts'

/** The first byte: how the rest is written. */
const VERSION = 1
/** As long as the largest QR code can be, and room for white. */
const MOST_LETTERS = 6000
/** A setup unpacked is a hundredth of this; more is no setup. */
const MOST_BYTES = 200_000

/** A setup as the text of its code: version byte, JSON deflated, base45; what is no part of a setup is left out. */
export function setupCode(card: SetupCard): string {
  const packed = deflateSync(strToU8(JSON.stringify(setupCardSchema.parse(card))), { level: 9 })
  return base45(Uint8Array.of(VERSION, ...packed))
}

/** @returns the setup, or what is wrong with the text: no code of ours, one of a later version, one that cannot be read */
export function readSetupCode(text: string): SetupCard | 'none' | 'later' | 'broken' {
  const letters = text.trim().toUpperCase()
  // How it is written stands in its first three letters, however much of the rest was lost.
  const version = letters.length <= MOST_LETTERS ? fromBase45(letters.slice(0, 3))?.[0] : undefined
  if (version === undefined || version < VERSION || version >= 16) return 'none'
  if (version > VERSION) return 'later'
  const bytes = fromBase45(letters)
  if (!bytes) return 'broken'
  try {
    const whole = inflateSync(bytes.subarray(1), { out: new Uint8Array(MOST_BYTES) })
    const read = setupCardSchema.safeParse(JSON.parse(strFromU8(whole)))
    return read.success ? read.data : 'broken'
  } catch {
    return 'broken'
  }
}
