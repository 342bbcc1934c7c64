import type { Confidence, OwnSource, Source } from '../base/sources.ts'
import type { Origin } from '../base/facts.ts'

/** Where a setting comes from, and how sure a recalled row is. */
export interface FigureOrigin {
  source: Source | Origin
  confidence?: Confidence
  /** Which of the shop's own figures. */
  own?: OwnSource
}

/** A figure with its band and where it comes from. */
export interface Banded {
  value: number
  low: number
  high: number
  origin: FigureOrigin
}
export const banded = (value: number, down: number, up: number, origin: FigureOrigin): Banded => ({
  value,
  low: value - down,
  high: value + up,
  origin,
})

/** The conventional load line a machine is rated on, V; not a setting. published: IEC 60974-1, recalled from memory */
export const loadLineV = (currentA: number): number => (currentA > 600 ? 44 : 14 + 0.05 * currentA)
