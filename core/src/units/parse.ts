import { read, refuse, type Read } from '../base/problem.ts'
import { say } from '../base/codes.ts'

/**
 * Units a number may carry, each with its factor to the core's own unit.
 * published: exact definitions (1 in = 25.4 mm, 1 lb = 0.45359237 kg, 1 cu ft = 28.316846592 L).
 */
export type UnitTable = Readonly<Record<string, number>>

export const MM: UnitTable = {
  mm: 1,
  millimetre: 1,
  millimetres: 1,
  millimeter: 1,
  millimeters: 1,
  cm: 10,
  m: 1000,
  in: 25.4,
  inch: 25.4,
  inches: 25.4,
  '"': 25.4,
  '″': 25.4,
  '”': 25.4,
  "''": 25.4,
  ft: 304.8,
  thou: 0.0254,
  mil: 0.0254,
  mils: 0.0254,
  thousandths: 0.0254,
  thousandth: 0.0254,
}
export const M_PER_MIN: UnitTable = {
  'm/min': 1,
  mpm: 1,
  'mm/s': 0.06,
  'cm/min': 0.01,
  ipm: 0.0254,
  'in/min': 0.0254,
  'in/m': 0.0254,
  'inch/min': 0.0254,
  'inches/min': 0.0254,
  '"/min': 0.0254,
  'ft/min': 0.3048,
}
/** Travel of the gun, mm/min. */
export const MM_PER_MIN: UnitTable = {
  'mm/min': 1,
  'cm/min': 10,
  'm/min': 1000,
  'mm/s': 60,
  ipm: 25.4,
  'in/min': 25.4,
  '"/min': 25.4,
}
export const M_PER_S: UnitTable = {
  'm/s': 1,
  mph: 0.44704,
  'km/h': 1 / 3.6,
  kmh: 1 / 3.6,
  kph: 1 / 3.6,
  kt: 1852 / 3600,
  kn: 1852 / 3600,
  'ft/s': 0.3048,
}
export const L_PER_MIN: UnitTable = {
  'l/min': 1,
  lpm: 1,
  l: 1,
  'litres/min': 1,
  'liters/min': 1,
  'm3/h': 1000 / 60,
  cfh: 28.316846592 / 60,
  scfh: 28.316846592 / 60,
  'cuft/h': 28.316846592 / 60,
  'cuft/hr': 28.316846592 / 60,
  'ft3/h': 28.316846592 / 60,
  'ft3/hr': 28.316846592 / 60,
}
export const V: UnitTable = { v: 1, volt: 1, volts: 1 }
export const A: UnitTable = { a: 1, amp: 1, amps: 1 }
export const SECONDS: UnitTable = {
  s: 1,
  sec: 1,
  secs: 1,
  second: 1,
  seconds: 1,
  min: 60,
  minutes: 60,
  h: 3600,
}
/** Water volume of a cylinder, L. published: 1 cu in = 0.016387064 L, exact */
export const LITRES: UnitTable = {
  l: 1,
  litre: 1,
  litres: 1,
  liter: 1,
  liters: 1,
  in3: 0.016387064,
  cuin: 0.016387064,
}
/** Gas at one atmosphere, m3. published: 1 cu ft = 0.028316846592 m3, exact */
export const M3: UnitTable = {
  m3: 1,
  l: 0.001,
  cuft: 0.028316846592,
  ft3: 0.028316846592,
  cf: 0.028316846592,
}
export const BAR: UnitTable = {
  bar: 1,
  psi: 0.0689475729,
  psig: 0.0689475729,
  mpa: 10,
  kpa: 0.01,
}
export const KG: UnitTable = {
  kg: 1,
  kilo: 1,
  kilos: 1,
  g: 0.001,
  lb: 0.45359237,
  lbs: 0.45359237,
  pound: 0.45359237,
  pounds: 0.45359237,
  '#': 0.45359237,
  oz: 0.028349523125,
}

const clean = (text: string) =>
  text
    .normalize('NFKC')
    .trim()
    .toLowerCase()
    .replace(/cu\.?\s*ft/g, 'cuft')
    .replace(/cu\.?\s*in/g, 'cuin')
    .replace(/⁄/g, '/')
    .replace(/·/g, '.')

/** A plain number as people type it: `0.9`, `0,9`, `.035`, `1 1/2`, `1/16`. `undefined` if it is none. */
export function parseNumber(text: string): number | undefined {
  const t = text.trim().replace(',', '.')
  if (/^\d*\.?\d+$|^\d+\.$/.test(t)) return Number(t)
  const fraction = /^(?:(\d+)[\s-]+)?(\d+)\/(\d+)$/.exec(t)
  if (!fraction) return undefined
  const value = Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3])
  return Number.isFinite(value) ? value : undefined
}

/** A plain number in a field, with a comma, a point or a sign: `undefined` for nothing typed, NaN for what is none. */
export function typedNumber(text: string): number | undefined {
  const t = text.normalize('NFKC').trim()
  if (t === '') return undefined
  const value = parseNumber(t.replace(/^[-+\u2212]\s*/, ''))
  return value === undefined ? NaN : /^[-\u2212]/.test(t) ? -value : value
}

/** Characters of a number with its unit: what is longer is none. */
const LONGEST_NUMBER = 200

/**
 * Reads a number with an optional unit.
 * @param defaultUnit the unit when none is typed; must be in `table`
 * @returns the value in the table's own unit, or a problem saying what could not be read
 * @throws RangeError when `defaultUnit` is not in the table
 */
export function parseQuantity(text: string, table: UnitTable, defaultUnit: string): Read<number> {
  if (!(defaultUnit in table)) throw new RangeError(`no unit ${defaultUnit}`)
  if (text.length > LONGEST_NUMBER) return refuse('', say('unit.notANumber', `${text.slice(0, 40)}…`))
  const t = clean(text)
  if (t === '') return refuse('', say('unit.empty'))
  const parts = /^([\d.,/\s-]*\d[.]?|[.,]\d+)\s*(.*)$/.exec(t)
  const value = parts ? parseNumber(parts[1]!) : undefined
  if (!parts || value === undefined)
    return refuse('', /^[-−]/.test(t) ? say('unit.negative', text) : say('unit.notANumber', text))
  const unit = parts[2]!.replace(/\s+/g, '').replace(/\.$/, '').replace(/·|per/g, '/') || defaultUnit
  const factor = table[unit]
  if (factor === undefined)
    return refuse(
      '',
      say(
        'unit.unknownUnit',
        parts[2]!,
        Object.keys(table).filter((u) => u.length < 6),
      ),
    )
  return read(value * factor)
}

/** A wire feed or travel speed, in m/min. Bare numbers are in the chosen system's unit. */
export const parseSpeedMPerMin = (text: string, defaultUnit: 'm/min' | 'ipm' = 'm/min') =>
  parseQuantity(text, M_PER_MIN, defaultUnit)
/**
 * Wind as people name it, m/s: the upper end of its number on the Beaufort scale (WMO-No. 306, table 1805, recalled
 * from memory), so that too little is never assumed. Out of doors with nothing said of wind: a light breeze.
 */
const WIND_MPS: Readonly<Record<string, number>> = {
  indoors: 0,
  inside: 0,
  none: 0,
  still: 0,
  calm: 0.2,
  'light air': 1.5,
  'light breeze': 3.3,
  outdoors: 3.3,
  outside: 3.3,
  breeze: 5.4,
  'gentle breeze': 5.4,
  wind: 7.9,
  windy: 7.9,
  'moderate breeze': 7.9,
  'fresh breeze': 10.7,
  'strong breeze': 13.8,
  'strong wind': 13.8,
  'near gale': 17.1,
  gale: 20.7,
}
/** A draught or wind, in m/s, or in the words people have for it. */
export function parseDraughtMPerS(text: string, defaultUnit: 'm/s' | 'mph' = 'm/s'): Read<number> {
  const named = WIND_MPS[text.trim().toLowerCase().replace(/\s+/g, ' ')]
  return named === undefined ? parseQuantity(text, M_PER_S, defaultUnit) : read(named)
}
/** A gas flow, in L/min. */
export const parseFlowLPerMin = (text: string, defaultUnit: 'l/min' | 'cfh' = 'l/min') =>
  parseQuantity(text, L_PER_MIN, defaultUnit)
/** A mass, in kg. */
export const parseMassKg = (text: string, defaultUnit: 'kg' | 'lb' = 'kg') =>
  parseQuantity(text, KG, defaultUnit)
