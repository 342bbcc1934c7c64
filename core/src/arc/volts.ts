import type { Family } from '../wire/families.ts'
import type { Transfer } from './transfer.ts'

/** A figure with its band and where it comes from. */
export interface Banded {
  value: number
  low: number
  high: number
  origin: string
}
export const banded = (value: number, down: number, up: number, origin: string): Banded => ({
  value,
  low: value - down,
  high: value + up,
  origin,
})

const HANDBOOK = 'handbook rows, recalled from memory'

/** The rows of stainless short arc end at 125 A. */
const STAINLESS_ROWS_TO_A = 140

/** Steeper for thin wire; handbook rows of argon with 25 % CO2. */
const shortArcSlope = (exactMm: number) => Math.min(0.045, 0.042 * (0.9 / exactMm))

/**
 * Arc volts to start from, V. Fitted to handbook rows by family and transfer, each within 1.5 V; CO2 runs 1 to 3 V
 * above a mixture with short arc, and 1 to 2 V above it with cored wire.
 */
export function arcVolts(
  family: Family,
  exactMm: number,
  currentA: number,
  transfer: Transfer,
  gas: string | null,
): Banded {
  const co2 = gas === 'C1'
  if (family === 'aluminium') return banded(13.5 + 0.053 * currentA, 1.5, 1.5, HANDBOOK)
  if (family === 'solid-stainless' && transfer !== 'spray') {
    const band = currentA > STAINLESS_ROWS_TO_A ? 2.5 : 1.5
    return banded(14.8 + 0.074 * currentA, band, band, HANDBOOK)
  }
  if (family === 'flux-cored-self-shielded') return banded(13.2 + 0.0245 * currentA, 2, 2, HANDBOOK)
  if (family === 'flux-cored-gas-shielded') {
    const onCo2 = 18 + 0.042 * Math.sqrt(1.143 / exactMm) * currentA
    return banded(co2 ? onCo2 : onCo2 - 1.5, 1.5, 1.5, HANDBOOK)
  }
  if (family === 'silicon-bronze')
    return banded(14 + 0.045 * currentA, 2.5, 2.5, 'model: near short-arc practice')
  if (transfer === 'spray') return banded(16.5 + 0.037 * currentA, 1.5, 1.5, HANDBOOK)
  const short = 14 + shortArcSlope(exactMm) * currentA
  const lift = co2 ? 2 : 0
  const wide = family === 'metal-cored' ? 2.5 : 1.5
  return banded(short + lift, wide, wide, HANDBOOK)
}

/** The conventional load line a machine is rated on, V; not a setting. published: IEC 60974-1, recalled from memory */
export const loadLineV = (currentA: number): number => (currentA > 600 ? 44 : 14 + 0.05 * currentA)
