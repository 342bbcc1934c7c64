import { CONFIDENCES, type Confidence, type Source } from '../base/sources.ts'
import type { Group } from '../families/groups.ts'
import type { Position } from '../terms/terms.ts'
import type { Transfer } from '../terms/terms.ts'

export const lessSure = (c: Confidence): Confidence =>
  CONFIDENCES[Math.min(CONFIDENCES.indexOf(c) + 1, CONFIDENCES.length - 1)]!
export const lessSureOf = (a: Confidence, b: Confidence): Confidence =>
  CONFIDENCES[Math.max(CONFIDENCES.indexOf(a), CONFIDENCES.indexOf(b))]!

export type Span = readonly [low: number, high: number]

/** One row that a welder could point at: a wire size, what it is welded under and in which position, and the window. */
export interface Row {
  group: Group
  /** Trade size, mm. */
  sizeMm: number
  /** Gases as `arcGasOf` gives them; empty for a wire that shields itself. */
  gases: readonly string[]
  positions: readonly Position[]
  /** Metal it is for, mm; left out, any that the wire suits. */
  thicknessMm?: Span
  currentA: Span
  /** Not recalled for every row. */
  voltageV: Span | null
  /** Left out, the burn-off model fills it; `null`, nobody knows it. */
  wireSpeedMPerMin?: Span | null
  tipToWorkMm: Span
  transfer: Transfer
  confidence: Confidence
  /** Where it is recalled from. */
  origin: Source
  /** Current by thickness where the metal's own rule does not hold, as [mm, A]. */
  byThickness?: readonly (readonly [number, number])[]
}

export const LYING: readonly Position[] = ['flat', 'horizontal']
export const ANY: readonly Position[] = ['flat', 'horizontal', 'vertical-up', 'vertical-down', 'overhead']
export const UPRIGHT: readonly Position[] = ['vertical-up', 'vertical-down', 'overhead']

/** Rows of one group under the same head, each [size, A, V, more]. */
export type Cells = readonly [sizeMm: number, currentA: Span, voltageV: Span | null, more?: Partial<Row>]
export const rows = (head: Omit<Row, 'sizeMm' | 'currentA' | 'voltageV'>, cells: readonly Cells[]): Row[] =>
  cells.map(([sizeMm, currentA, voltageV, more]) => ({ ...head, sizeMm, currentA, voltageV, ...more }))
