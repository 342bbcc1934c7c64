import type { OwnSource } from '../base/sources.ts'
import { gasDesignation } from '../gas/designation.ts'
import type { Try } from '../arc/tries.ts'
import type { ChartRow } from '../machine/chart.ts'
import type { Mixture } from '../gas/mixtureSchema.ts'
import type { Position } from '../terms/terms.ts'
import type { SizedWire } from '../wire/wire.ts'

/** A setting of the shop's own: figures, or the machine's own marks. */
export interface OwnSetting {
  from: OwnSource
  /** The thickness of the row taken, or of the two it lies between, mm. */
  thicknessMm: readonly number[]
  voltageV?: number
  wireSpeedMPerMin?: number
  tap?: string
  knob?: number
  dial?: number
}

/** How far the metal may be from a lone row's, as a share. common practice, no source */
const NEAR = 0.25

const sameWire = (row: ChartRow, wire: Pick<SizedWire, 'classification' | 'family'>): boolean => {
  if (row.family !== undefined) return row.family === wire.family
  const plain = (text: string) => text.toUpperCase().replace(/[^A-Z0-9]/g, '')
  const said = plain(row.classification ?? '')
  return said !== '' && (wire.classification ?? '').split(' / ').some((c) => plain(c).startsWith(said))
}
const sameGas = (row: ChartRow, gas: Mixture | null): boolean =>
  row.gas === undefined || (gas !== null && gasDesignation(row.gas) === gasDesignation(gas))
const samePosition = (row: ChartRow, position: Position): boolean =>
  row.position === undefined ? position === 'flat' || position === 'horizontal' : row.position === position

const figures = (row: ChartRow) => ({
  ...(row.voltageV !== undefined && { voltageV: row.voltageV }),
  ...(row.wireSpeedMPerMin !== undefined && { wireSpeedMPerMin: row.wireSpeedMPerMin }),
  ...(row.tap !== undefined && { tap: row.tap }),
  ...(row.knob !== undefined && { knob: row.knob }),
  ...(row.dial !== undefined && { dial: row.dial }),
})

/** A chart read for a job: the row of this thickness, between the two around it, or one that is near. */
export function fromChart(
  chart: readonly ChartRow[] | undefined,
  from: OwnSource,
  wire: Pick<SizedWire, 'classification' | 'family' | 'diameterMm'>,
  job: { thicknessMm: number; position?: Position | undefined },
  gas: Mixture | null,
): OwnSetting | null {
  const able = (chart ?? [])
    .filter(
      (row) =>
        row.sizeMm === wire.diameterMm &&
        sameWire(row, wire) &&
        sameGas(row, gas) &&
        samePosition(row, job.position ?? 'flat'),
    )
    .sort((a, b) => a.thicknessMm - b.thicknessMm)
  const t = job.thicknessMm
  const lower = able.findLast((row) => row.thicknessMm <= t + 1e-9)
  const upper = able.find((row) => row.thicknessMm >= t - 1e-9)
  const near = (row: ChartRow | undefined) => row && Math.abs(row.thicknessMm / t - 1) <= NEAR
  const one = lower === upper ? lower : undefined
  if (one) return { from, thicknessMm: [one.thicknessMm], ...figures(one) }
  if (lower && upper) {
    const f = (t - lower.thicknessMm) / (upper.thicknessMm - lower.thicknessMm)
    const between = (key: 'voltageV' | 'wireSpeedMPerMin' | 'knob' | 'dial') => {
      const [a, b] = [lower[key], upper[key]]
      return a !== undefined && b !== undefined ? { [key]: Math.round((a + (b - a) * f) * 100) / 100 } : {}
    }
    return {
      from,
      thicknessMm: [lower.thicknessMm, upper.thicknessMm],
      ...between('voltageV'),
      ...between('wireSpeedMPerMin'),
      ...between('knob'),
      ...between('dial'),
      // Between two taps the lower one: a tap has no half.
      ...(lower.tap !== undefined && { tap: lower.tap }),
    }
  }
  const lone = near(lower) ? lower : near(upper) ? upper : undefined
  return lone ? { from, thicknessMm: [lone.thicknessMm], ...figures(lone) } : null
}

/** What the shop itself knows, the first of it: what ran well, the machine's own chart, the wire's sheet. */
export function ownSetting(
  known: {
    ranWell?: Pick<Try, 'voltageV' | 'wireSpeedMPerMin' | 'tap' | 'dial'> | undefined
    machineChart?: readonly ChartRow[] | undefined
    wireSheet?: readonly ChartRow[] | undefined
  },
  wire: Pick<SizedWire, 'classification' | 'family' | 'diameterMm'>,
  job: { thicknessMm: number; position?: Position | undefined },
  gas: Mixture | null,
): OwnSetting | null {
  const { ranWell } = known
  if (ranWell)
    return {
      from: 'ran-well',
      thicknessMm: [job.thicknessMm],
      voltageV: ranWell.voltageV,
      wireSpeedMPerMin: ranWell.wireSpeedMPerMin,
      ...(ranWell.tap !== undefined && { tap: ranWell.tap }),
      ...(ranWell.dial !== undefined && { dial: ranWell.dial }),
    }
  return (
    fromChart(known.machineChart, 'machine-chart', wire, job, gas) ??
    fromChart(known.wireSheet, 'wire-sheet', wire, job, gas)
  )
}
