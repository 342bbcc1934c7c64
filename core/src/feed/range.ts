import type { Source } from '../base/sources.ts'
import type { Origin } from '../base/facts.ts'

/** A figure nobody knows exactly: where it usually lies, and where it comes from. */
export interface Range {
  low: number
  value: number
  high: number
  origin: Origin
  /** The published source, or `common practice, no source`; `recalled from memory` where so. */
  source: Source
}

/** @throws RangeError unless low <= value <= high */
export function range(low: number, value: number, high: number, origin: Origin, source: Source): Range {
  if (!(low <= value && value <= high)) throw new RangeError(`not in order: ${low}, ${value}, ${high}`)
  return { low, value, high, origin, source }
}

/** A range about a figure, `share` of it either way. */
export const about = (value: number, share: number, origin: Origin, source: Source): Range =>
  range(value * (1 - share), value, value * (1 + share), origin, source)
