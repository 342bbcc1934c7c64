import { read, type Read } from '../base/problem.ts'
import { awgMm2, formatConductor, parseConductorMm2 } from './conductor.ts'
import {
  formatAmps,
  formatDraught,
  formatFlow,
  formatGas,
  formatLead,
  formatLength,
  formatLitres,
  formatMass,
  formatPressure,
  formatSeconds,
  formatSpeed,
  formatTemperature,
  formatTravel,
  formatVolts,
  type UnitSystem,
} from './format.ts'
import type { GaugeScale } from './gauge.ts'
import { parseLengthMm } from './length.ts'
import {
  A,
  BAR,
  KG,
  L_PER_MIN,
  LITRES,
  M3,
  M_PER_MIN,
  M_PER_S,
  MM,
  MM_PER_MIN,
  parseDraughtMPerS,
  parseQuantity,
  SECONDS,
  V,
  type UnitTable,
} from './parse.ts'

/** What a field may ask for; each in the core's own unit. */
export type Quantity =
  | 'thickness'
  | 'length'
  | 'lead'
  | 'draught'
  | 'flow'
  | 'mass'
  | 'pressure'
  | 'speed'
  | 'travel'
  | 'volts'
  | 'amps'
  | 'time'
  | 'conductor'
  | 'water'
  | 'gas'
  | 'temperature'

/** A unit as it is shown, and what one of it is in the core's own. */
interface Unit {
  name: string
  one: number
  /** What it shows at nought of the core’s own; left out: nought. */
  nought?: number
}

export interface QuantityRow {
  /** In sentences and hints, to what an eye can use. */
  say: (value: number, units: UnitSystem) => string
  unit: Readonly<Record<UnitSystem, Unit>>
  read: (text: string, units: UnitSystem, gaugeScale?: GaugeScale) => Read<number>
  /** What a field takes unless it says otherwise, in the core's own unit. */
  least: number
  most: number
  /** One press of plus or minus, in the core's own unit. */
  step: Readonly<Record<UnitSystem, number>>
}

const row = (
  say: QuantityRow['say'],
  table: UnitTable,
  [metric, inch]: readonly [string, string],
  [least, most]: readonly [number, number],
  [stepMetric, stepInch]: readonly [number, number],
  shown: readonly [string, string] = [metric, inch],
): QuantityRow => ({
  say,
  unit: {
    metric: { name: shown[0], one: table[metric]! },
    inch: { name: shown[1], one: table[inch]! },
  },
  read: (text, units) => parseQuantity(text, table, units === 'metric' ? metric : inch),
  least,
  most,
  step: { metric: stepMetric * table[metric]!, inch: stepInch * table[inch]! },
})
/** Units of length, in metres. */
const LEAD_M: UnitTable = Object.fromEntries(Object.entries(MM).map(([unit, mm]) => [unit, mm / 1000]))
const length = (most: number): QuantityRow => ({
  ...row(formatLength, MM, ['mm', 'in'], [0, most], [0.5, 0.02]),
  read: (text, units, gaugeScale) =>
    parseLengthMm(text, {
      defaultUnit: units === 'metric' ? 'mm' : 'in',
      ...(gaugeScale && { gaugeScale }),
    }),
})

/** Degrees as they are typed; which of the two they are is looked at besides. */
const DEGREES: UnitTable = { '°c': 1, c: 1, '°f': 1, f: 1 }
const F_PER_C = 1.8
const temperature: QuantityRow = {
  say: formatTemperature,
  unit: { metric: { name: '°C', one: 1 }, inch: { name: '°F', one: 1 / F_PER_C, nought: 32 } },
  read: (text, units) => {
    const degrees = parseQuantity(text, DEGREES, units === 'metric' ? 'c' : 'f')
    if (!degrees.ok) return degrees
    const isF = /f\s*$/i.test(text) || (units === 'inch' && !/c\s*$/i.test(text))
    return isF ? read((degrees.value - 32) / F_PER_C) : degrees
  },
  least: 0,
  most: 600,
  step: { metric: 10, inch: 25 / F_PER_C },
}

/** Every quantity a field can hold, one row each: how it is read, said, bounded and stepped. */
export const QUANTITIES: Readonly<Record<Quantity, QuantityRow>> = {
  thickness: length(200),
  length: length(Infinity),
  lead: {
    ...row(formatLead, { m: 1, ft: 0.3048 }, ['m', 'ft'], [0, 500], [0.5, 1]),
    read: (text, units) => {
      // With its unit said it is read in metres at once: by way of millimetres a last figure may be lost.
      const metres = parseQuantity(text, LEAD_M, units === 'metric' ? 'm' : 'ft')
      if (metres.ok && metres.value > 0 && /[a-z"']\s*$/i.test(text)) return metres
      const mm = parseLengthMm(text, { defaultUnit: units === 'metric' ? 'm' : 'ft' })
      return mm.ok ? read(mm.value / 1000) : mm
    },
  },
  draught: {
    ...row(formatDraught, M_PER_S, ['m/s', 'mph'], [0, 50], [0.5, 1]),
    read: (text, units) => parseDraughtMPerS(text, units === 'metric' ? 'm/s' : 'mph'),
  },
  flow: row(formatFlow, L_PER_MIN, ['l/min', 'cfh'], [0, 200], [1, 2], ['L/min', 'cfh']),
  mass: row(formatMass, KG, ['kg', 'lb'], [0, 1000], [0.5, 1]),
  pressure: row(formatPressure, BAR, ['bar', 'psi'], [0, 400], [5, 50]),
  speed: row(formatSpeed, M_PER_MIN, ['m/min', 'ipm'], [0, 100], [0.2, 10]),
  travel: row(formatTravel, MM_PER_MIN, ['mm/min', 'ipm'], [0, Infinity], [10, 1]),
  volts: row(formatVolts, V, ['v', 'v'], [0, 1000], [0.2, 0.2], ['V', 'V']),
  amps: row(formatAmps, A, ['a', 'a'], [0, 2000], [1, 1], ['A', 'A']),
  time: row(formatSeconds, SECONDS, ['s', 's'], [0, Infinity], [1, 1]),
  conductor: {
    ...row(formatConductor, { 'mm²': 1 }, ['mm²', 'mm²'], [0, 200], [0.5, 0.5]),
    read: (text, units) => parseConductorMm2(text, units === 'metric' ? 'mm2' : 'awg'),
  },
  water: row((l, units) => formatLitres(l, units), LITRES, ['l', 'cuin'], [0, 1000], [1, 50], ['L', 'cu in']),
  gas: row(formatGas, M3, ['m3', 'cuft'], [0, 500], [0.5, 10], ['m³', 'cu ft']),
  temperature,
}

/** Nought is a length of cord, a flow that is shut: whether it may stand, the bounds say. */
const NOUGHT = /^0+(?:[.,]0+)?\s*[a-z"'/³²]*$/i

/** Reads what is typed in a field, in any unit; a bare number is in the shop's own. */
export const readQuantity = (
  quantity: Quantity,
  text: string,
  units: UnitSystem,
  gaugeScale?: GaugeScale,
): Read<number> => (NOUGHT.test(text.trim()) ? read(0) : QUANTITIES[quantity].read(text, units, gaugeScale))

/** Figures that are easy on the eye; what needs more is shown in the unit it is round in. */
const SHORT = 5
const LONG = 17

/**
 * A value as a field shows it: it reads back to the very same value. In the shop's own unit where that is short, else
 * in the other system's, else in full.
 * @example printQuantity('thickness', 3.175, 'inch') // '.125 in', and 3 mm stays '3 mm' in a shop that counts in inches
 */
export function printQuantity(quantity: Quantity, value: number, units: UnitSystem): string {
  const { unit, read: reads } = QUANTITIES[quantity]
  if (quantity === 'conductor')
    for (let gauge = 0; gauge <= 30; gauge++) if (awgMm2(gauge) === value) return `${gauge} AWG`
  const same = (text: string) => {
    const back = value === 0 ? read(0) : reads(text, units)
    return back.ok && back.value === value
  }
  const inUnit = ({ name, one, nought = 0 }: Unit, figures: number): string => {
    const short = plain(Number((value / one + nought).toPrecision(figures)))
    return `${name === 'in' ? short.replace(/^0\./, '.') : short} ${name}`
  }
  const other = units === 'metric' ? 'inch' : 'metric'
  for (const which of [units, other] as const)
    for (let figures = 1; figures <= SHORT; figures++) {
      const text = inUnit(unit[which], figures)
      if (same(text)) return text
    }
  for (let figures = SHORT + 1; figures <= LONG; figures++)
    for (const which of [units, other] as const) {
      const text = inUnit(unit[which], figures)
      if (same(text)) return text
    }
  return inUnit(unit[units], LONG)
}

/** Without an exponent, which no reader takes. */
const plain = (value: number): string =>
  value === 0 || (Math.abs(value) >= 1e-6 && Math.abs(value) < 1e21)
    ? String(value)
    : value.toFixed(20).replace(/\.?0+$/, '')
