import { parseMixture } from '../gas/mixture.ts'
import type { Mixture } from '../gas/mixtureSchema.ts'
import { gaugeMm, type GaugeScale } from '../units/gauge.ts'
import { MM, parseQuantity } from '../units/parse.ts'

/** What people type beside the wire: the gas, the metal’s thickness, the date on the box. None of it is a size. */
export interface Besides {
  /** Percent by volume. */
  gas?: Mixture
  thicknessMm?: number
  /** As it was typed. */
  date?: string
  /** Lot, heat or item numbers, as they were typed. */
  numbers?: string[]
}

const MONTH = '(?:JAN|FEB|MAR|APR|MAY|JUN|JUL|AUG|SEP|OCT|NOV|DEC)[A-Z]*'
/** Dates as boxes and people write them: 2024-05-12, 12/05/24, 05.2024, 2024/05, 12 MAY 2024. */
const DATE = new RegExp(
  `(?<![A-Z0-9.,/-])(?:(?:19|20)\\d\\d[-/.]\\d{1,2}(?:[-/.]\\d{1,2})?|\\d{1,2}([-/.])\\d{1,2}\\1(?:\\d{4}|\\d{2})|\\d{1,2}[-/.](?:19|20)\\d\\d|(?:\\d{1,2}[ -])?${MONTH}[ -](?:\\d{1,2},? )?(?:19|20)\\d\\d)(?![A-Z0-9/-])`,
  'g',
)

const SHARE = '\\d{1,3}(?:[.,]\\d{1,2})?'
const GAS = '(?:ARGON|AR|CO2|O2|OXYGEN|HELIUM|HE)'
/**
 * A gas as shops write it: shares that add up to 100, `C25`, names with shares, pure gases, tri-mix. The letter C
 * and one figure are left alone: C1 and C5 stand in designations.
 */
const GASES: readonly RegExp[] = [
  new RegExp(
    `(?<![A-Z0-9.,/-])(${SHARE}(?:\\s?/\\s?${SHARE}){1,2})\\s?%?((?:\\s?[ /+]\\s?${GAS}\\b){1,3})?(?![A-Z0-9/])`,
  ),
  new RegExp(
    `(?<![A-Z0-9.,/-])(?:${SHARE}\\s?%?\\s?)?${GAS}(?:\\s?(?:[/+&,]|AND|IN|BAL(?:ANCE)?)?\\s?(?:${SHARE}\\s?%?\\s?)?${GAS}){1,2}(?:\\s?${SHARE}(?:\\s?/\\s?${SHARE})*\\s?%?)?(?![A-Z0-9])`,
  ),
  /(?<![A-Z0-9.,/-])C-?(?:100|[1-4]\d|50)(?![A-Z0-9./])/,
  /(?<![A-Z0-9.,/-])(?:(?:PURE|STRAIGHT|100\s?%?)\s)?(?:ARGON|CO2|HELIUM)(?![A-Z0-9])/,
  /(?<![A-Z0-9])TRI-?\s?MIX(?![A-Z0-9])/,
]
const GAS_WORDS = /\b(?:(?:SHIELDING )?GAS(?: MIX(?:TURE)?)?\s?:?|MIX(?:TURE)?|UNDER|WITH)\b/g

const UNIT = '(?:MM|IN(?:CH(?:ES)?)?|")'
const NUMBER = '(?:\\d{1,2}[- ])?\\d{1,2}\\s?/\\s?\\d{1,2}|\\d{1,3}(?:[.,]\\d{1,3})?|[.,]\\d{1,3}'
const GAUGE = /(?<![A-Z0-9.,/-])(\d{1,2})\s?-?(?:GA|GAUGE)\b\.?/
/** A figure said to be of the metal: `on 3 mm`, `for 1/4 plate`, `6 mm sheet`. */
const THICK: readonly RegExp[] = [
  new RegExp(`\\b(?:ON|ONTO|FOR|WELDING|TO WELD)\\s+(${NUMBER})\\s?(${UNIT})(?![A-Z0-9.,/])`),
  /\b(?:ON|ONTO|FOR|WELDING|TO WELD)\s+(\d{1,2}\s?\/\s?\d{1,2})()(?![A-Z0-9.,/])/,
  new RegExp(
    `(?<![A-Z0-9.,/-])(${NUMBER})\\s?-?(${UNIT})?\\s(?:THICK|PLATE|SHEET|WALL|TUBE|TUBING|PIPE|ANGLE)\\b`,
  ),
]
const METAL_WORDS = /\b(?:THICK|PLATE|SHEET|WALL|TUBE|TUBING|PIPE|ANGLE)\b/g

function thicknessOf(text: string, unit: string | undefined): number | undefined {
  const inches = text.includes('/') || text.startsWith('.') || (unit !== undefined && unit !== 'MM')
  const mm = parseQuantity(`${text} ${inches ? 'in' : 'mm'}`, MM, 'mm')
  return mm.ok && mm.value >= 0.3 && mm.value <= 200 ? Math.round(mm.value * 1000) / 1000 : undefined
}

/**
 * Takes out of a label, made even, what is not the wire.
 * @param scale of gauges: each metal has its own
 * @returns what is left, and what was taken
 */
export function takeBesides(text: string, scale: GaugeScale = 'steel'): { rest: string; besides: Besides } {
  const besides: Besides = {}
  let rest = text.replace(DATE, (date: string) => {
    besides.date ??= date
    return ' '
  })
  for (const form of GASES) {
    const found = form.exec(rest)
    if (!found || besides.gas) continue
    const gas = parseMixture(found[0])
    if (!gas.ok) continue
    besides.gas = gas.value
    rest = rest.replace(found[0], ' ').replace(GAS_WORDS, ' ')
  }
  const gauge = GAUGE.exec(rest)
  const gaugedMm = gauge ? gaugeMm(Number(gauge[1]), scale) : undefined
  if (gauge && gaugedMm !== undefined) {
    besides.thicknessMm = Math.round(gaugedMm * 1000) / 1000
    rest = rest.replace(gauge[0], ' ')
  }
  for (const form of THICK) {
    const found = form.exec(rest)
    const mm = found ? thicknessOf(found[1]!, found[2]) : undefined
    if (!found || mm === undefined || besides.thicknessMm !== undefined) continue
    besides.thicknessMm = mm
    rest = rest.replace(found[0], ' ')
  }
  if (besides.thicknessMm !== undefined) rest = rest.replace(METAL_WORDS, ' ')
  return { rest: rest.replace(/\s+/g, ' ').trim(), besides }
}
