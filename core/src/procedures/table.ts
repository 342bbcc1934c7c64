import type { Position } from '../terms/terms.ts'
import { GAS_CORED_ROWS, METAL_CORED_ROWS, SELF_SHIELDED_ROWS } from './cored.ts'
import { lessSure, lessSureOf, LYING, type Row, type Span } from './row.ts'
import { type Group } from '../families/groups.ts'
import { ALUMINIUM_ROWS, BRONZE_ROWS } from './soft.ts'
import { SOLID_ROWS, STAINLESS_ROWS } from './solid.ts'

/** Every row of every group. */
export const ALL_ROWS: readonly Row[] = [
  ...SOLID_ROWS,
  ...STAINLESS_ROWS,
  ...METAL_CORED_ROWS,
  ...GAS_CORED_ROWS,
  ...SELF_SHIELDED_ROWS,
  ...ALUMINIUM_ROWS,
  ...BRONZE_ROWS,
]

/** A row as it is stood on: as it was recalled, or between two sizes of its group, or taken over from the flat. */
export interface FoundRow extends Row {
  between?: readonly [number, number]
  /** The group has no row for the position; the flat one's is taken, less sure. */
  fromFlat?: true
}

export interface Ask {
  group: Group
  sizeMm: number
  /** As `arcGasOf` gives it; `null` for a wire that shields itself. */
  gas: string | null
  position: Position
  thicknessMm: number
}

const mix = (a: Span, b: Span, f: number): Span => [a[0] + (b[0] - a[0]) * f, a[1] + (b[1] - a[1]) * f]
const holds = (span: Span | undefined, x: number) => span === undefined || (x >= span[0] && x <= span[1])

/** Groups whose flat rows may be taken over for another position that the wire is for, one step less sure. */
const FLAT_SERVES: readonly Group[] = ['aluminium', 'T-8', 'T-11', 'T-14', 'stainless-gas-cored']

/** The row of a group for a size, gas, position and thickness; between two sizes where both have rows; or none. */
export function rowFor(ask: Ask): FoundRow | undefined {
  const found = rowLying(ask)
  if (found || LYING.includes(ask.position) || !FLAT_SERVES.includes(ask.group)) return found
  const flat = rowLying({ ...ask, position: 'flat' })
  return flat && { ...flat, confidence: lessSure(flat.confidence), fromFlat: true }
}

function rowLying({ group, sizeMm, gas, position, thicknessMm }: Ask): FoundRow | undefined {
  const able = ALL_ROWS.filter(
    (r) =>
      r.group === group &&
      (gas === null ? r.gases.length === 0 : r.gases.includes(gas)) &&
      r.positions.includes(position) &&
      holds(r.thicknessMm, thicknessMm),
  )
  const own = able.find((r) => r.sizeMm === sizeMm)
  if (own) return own
  const lower = able.filter((r) => r.sizeMm < sizeMm).sort((a, b) => b.sizeMm - a.sizeMm)[0]
  const upper = able.filter((r) => r.sizeMm > sizeMm).sort((a, b) => a.sizeMm - b.sizeMm)[0]
  if (!lower || !upper) return undefined
  const f = (sizeMm - lower.sizeMm) / (upper.sizeMm - lower.sizeMm)
  const { byThickness: _byThickness, ...base } = lower
  return {
    ...base,
    sizeMm,
    currentA: mix(lower.currentA, upper.currentA, f),
    voltageV: lower.voltageV && upper.voltageV && mix(lower.voltageV, upper.voltageV, f),
    wireSpeedMPerMin:
      lower.wireSpeedMPerMin && upper.wireSpeedMPerMin
        ? mix(lower.wireSpeedMPerMin, upper.wireSpeedMPerMin, f)
        : lower.wireSpeedMPerMin === undefined && upper.wireSpeedMPerMin === undefined
          ? undefined
          : null,
    tipToWorkMm: mix(lower.tipToWorkMm, upper.tipToWorkMm, f),
    confidence: lessSure(lessSureOf(lower.confidence, upper.confidence)),
    between: [lower.sizeMm, upper.sizeMm],
    ...(lower.byThickness &&
      upper.byThickness && { byThickness: mixThickness(lower.byThickness, upper.byThickness, f) }),
  }
}

/** Two curves of current by thickness, between them, at the ends of both. */
function mixThickness(
  a: NonNullable<Row['byThickness']>,
  b: NonNullable<Row['byThickness']>,
  f: number,
): NonNullable<Row['byThickness']> {
  const at = [...new Set([...a, ...b].map(([mm]) => mm))].sort((x, y) => x - y)
  return at.map((mm) => [mm, alongCurve(a, mm) + (alongCurve(b, mm) - alongCurve(a, mm)) * f] as const)
}

/** Current along a curve by thickness, held at its ends. */
export function alongCurve(curve: readonly (readonly [number, number])[], mm: number): number {
  const upper = curve.findIndex(([x]) => x >= mm)
  if (upper === 0) return curve[0]![1]
  if (upper < 0) return curve.at(-1)![1]
  const [[x0, y0], [x1, y1]] = [curve[upper - 1]!, curve[upper]!]
  return y0 + ((y1 - y0) * (mm - x0)) / (x1 - x0)
}
