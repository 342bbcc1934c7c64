import Qty from 'js-quantities'
import {
  problemText,
  formatDraught,
  formatFlow,
  formatLength,
  formatMass,
  formatSpeed,
  GAUGES,
  gaugeMm,
  parseDraughtMPerS,
  parseFlowLPerMin,
  parseLengthMm,
  parseMassKg,
  parseSpeedMPerMin,
  type GaugeScale,
  type Read,
} from '../src/index.ts'

const value = (read: Read<number>) => (read.ok ? read.value : NaN)

describe('lengths as people type them', () => {
  test.each([
    ['.035', 0.889],
    ['0.035"', 0.889],
    ['035', 0.889],
    ['35 thou', 0.889],
    ['0.035', 0.889],
    ['30,000', 0.762],
    ['0,9 mm', 0.9],
    ['1/16', 1.5875],
    ['3/64 in', 1.190625],
    ['1 1/2', 38.1],
    ['3', 3],
    ['3 mm', 3],
    ['1/8"', 3.175],
    ['2.5 cm', 25],
    ['10 ft', 3048],
  ])('%s is %d mm', (text, mm) => expect(value(parseLengthMm(text))).toBeCloseTo(mm, 6))

  test('a bare number follows the shop’s habit', () => {
    expect(value(parseLengthMm('3', { defaultUnit: 'in' }))).toBeCloseTo(76.2)
    expect(value(parseLengthMm('3', { defaultUnit: 'mm' }))).toBe(3)
  })
  test.each([
    ['', /Nothing/],
    ['thick', /No number/],
    ['-3', /negative/],
    ['3 parsecs', /unit “parsecs”/],
    ['22 ga', /metal first/],
    ['0', /more than zero/],
    ['1/0', /No number/],
  ])('%s says why it cannot be read', (text, why) => {
    const read = parseLengthMm(text)
    expect(read.ok ? '' : problemText(read.problems[0]!)).toMatch(why)
  })
})

/**
 * Gauge, then thickness in inches by four scales. published: Manufacturers' Standard Gage, Brown & Sharpe, galvanised
 * with its zinc, US standard stainless; recalled from memory
 */
const SHEET = `
  7 .1793 .1443 . .1875
  8 .1644 .1285 .1681 .1719
  9 .1495 .1144 .1532 .1563
  10 .1345 .1019 .1382 .1406
  11 .1196 .0907 .1233 .1250
  12 .1046 .0808 .1084 .1094
  13 .0897 .0720 .0934 .0938
  14 .0747 .0641 .0785 .0781
  15 .0673 .0571 .0710 .0703
  16 .0598 .0508 .0635 .0625
  17 .0538 .0453 .0575 .0563
  18 .0478 .0403 .0516 .0500
  19 .0418 .0359 .0456 .0438
  20 .0359 .0320 .0396 .0375
  21 .0329 .0285 .0366 .0344
  22 .0299 .0253 .0336 .0313
  23 .0269 .0226 .0306 .0281
  24 .0239 .0201 .0276 .0250
  25 .0209 .0179 .0247 .0219
  26 .0179 .0159 .0217 .0188
  27 .0164 .0142 .0202 .0172
  28 .0149 .0126 .0187 .0156
  29 .0135 .0113 .0172 .0141
  30 .0120 .0100 .0157 .0125`
const SCALES: readonly GaugeScale[] = ['steel', 'aluminium', 'galvanised', 'stainless']
const SHEETS = SHEET.trim()
  .split('\n')
  .flatMap((row) => {
    const [gauge, ...inches] = row.trim().split(' ')
    return SCALES.flatMap((scale, i) =>
      inches[i] === '.' ? [] : [[Number(gauge), scale, Number(inches[i])] as const],
    )
  })
test.each(SHEETS)('%d gauge %s is %d in', (gauge, scale, inches) => {
  expect(gaugeMm(gauge, scale)! / 25.4).toBeCloseTo(inches, 6)
  expect(value(parseLengthMm(`${gauge} ga`, { gaugeScale: scale }))).toBeCloseTo(inches * 25.4, 6)
})
test('Brown & Sharpe gauges follow their own rule, 0.005 in x 92^((36-n)/39)', () => {
  // published: the AWG definition, ASTM B258.
  for (const gauge of GAUGES)
    expect(gaugeMm(gauge, 'aluminium')! / 25.4).toBeCloseTo(0.005 * 92 ** ((36 - gauge) / 39), 4)
})
test('a scale without a gauge says so', () =>
  expect(parseLengthMm('7 ga', { gaugeScale: 'galvanised' }).ok).toBe(false))

describe('other quantities against a general library', () => {
  test.each<[(text: string) => Read<number>, string, string, string]>([
    [parseFlowLPerMin, '30 cfh', '30 ft^3/hr', 'l/min'],
    [parseFlowLPerMin, '14 l/min', '14 l/min', 'l/min'],
    [parseFlowLPerMin, '35 cu ft/h', '35 ft^3/hr', 'l/min'],
    [parseSpeedMPerMin, '250 ipm', '250 in/min', 'm/min'],
    [parseSpeedMPerMin, '6,4 m/min', '6.4 m/min', 'm/min'],
    [parseMassKg, '10 lb', '10 lbs', 'kg'],
    [parseMassKg, '15 kg', '15 kg', 'kg'],
    [parseDraughtMPerS, '5 mph', '5 mph', 'm/s'],
    // Beaufort scale, WMO-No. 306 table 1805: upper ends, recalled from memory.
    [parseDraughtMPerS, 'Light breeze', '3.3 m/s', 'm/s'],
    [parseDraughtMPerS, ' outdoors ', '3.3 m/s', 'm/s'],
    [parseDraughtMPerS, 'breeze', '5.4 m/s', 'm/s'],
    [parseDraughtMPerS, 'strong  wind', '13.8 m/s', 'm/s'],
    [parseDraughtMPerS, 'calm', '0.2 m/s', 'm/s'],
    [parseDraughtMPerS, '8 km/h', '8 km/h', 'm/s'],
  ])('%p reads %s', (parse, text, same, unit) =>
    expect(value(parse(text))).toBeCloseTo(new Qty(same).to(unit).scalar, 5),
  )
})

test('what is printed in either system reads back within what it shows', () => {
  for (const units of ['metric', 'inch'] as const) {
    for (const mm of [0.85, 1.2, 3, 6.4, 12, 50])
      expect(Math.abs(value(parseLengthMm(formatLength(mm, units))) - mm)).toBeLessThan(0.15)
    for (const flow of [9.4, 14, 24])
      expect(value(parseFlowLPerMin(formatFlow(flow, units)))).toBeCloseTo(flow, -0.4)
    for (const kg of [0.9, 4.5, 15])
      expect(Math.abs(value(parseMassKg(formatMass(kg, units))) - kg) / kg).toBeLessThan(0.05)
    expect(value(parseDraughtMPerS(formatDraught(2.2, units)))).toBeCloseTo(2.2, 1)
    expect(value(parseSpeedMPerMin(formatSpeed(6.35, units)))).toBeCloseTo(6.35, 0)
  }
})
