import { read, refuse, type Read } from '../base/problem.ts'
import { say } from '../base/codes.ts'
import { GAUGES, gaugeMm, type GaugeScale } from './gauge.ts'
import { MM, parseNumber, parseQuantity } from './parse.ts'

export interface LengthContext {
  /** Unit of a bare number such as `3`. */
  defaultUnit?: 'mm' | 'in' | 'm' | 'ft'
  /** The gauge scale of the material, for `22 ga`. Without it a gauge is refused: the scales differ. */
  gaugeScale?: GaugeScale
}

/** No wire or sheet is thinner than this in mm, so a smaller bare decimal is inches. common practice */
const THINNEST_MM = 0.3

/**
 * Reads a length as people type it: `.035`, `0.035"`, `035`, `35 thou`, `30,000` (thirty thousandths), `0,9 mm`,
 * `1/16`, `22 ga`. A bare fraction, a bare decimal that starts with its point, three figures that start with a
 * nought, and a bare decimal below 0.3 are inches.
 * @returns millimetres, greater than 0
 */
export function parseLengthMm(text: string, context: LengthContext = {}): Read<number> {
  const t = text.normalize('NFKC').trim().toLowerCase()
  const bare = inchesOf(t)
  const gauge = /^#?\s*(\d{1,2})\s*(?:ga|gauge|g|swg)\.?$/.exec(t)
  const result = gauge
    ? parseGauge(Number(gauge[1]), context.gaugeScale)
    : bare !== undefined
      ? read(bare * 25.4)
      : parseQuantity(text, MM, context.defaultUnit ?? 'mm')
  if (result.ok && !(result.value > 0)) return refuse('', say('unit.mustBePositive', text))
  return result
}

function inchesOf(t: string): number | undefined {
  if (/^0\d\d$/.test(t)) return Number(t) / 1000
  if (/^\d{2},000$/.test(t)) return Number(t.slice(0, 2)) / 1000
  if (/^[.,]\d+$/.test(t) || /^\d+\s*\/\s*\d+$/.test(t) || /^\d+[\s-]+\d+\/\d+$/.test(t))
    return parseNumber(t)
  if (/^0[.,]\d+$/.test(t) && Number(t.replace(',', '.')) < THINNEST_MM) return parseNumber(t)
  return undefined
}

function parseGauge(gauge: number, scale: GaugeScale | undefined): Read<number> {
  if (!scale) return refuse('', say('unit.gaugeNeedsMaterial'))
  const mm = gaugeMm(gauge, scale)
  return mm === undefined
    ? refuse('', say('unit.noGauge', gauge, scale, GAUGES[0]!, GAUGES.at(-1)!))
    : read(mm)
}
