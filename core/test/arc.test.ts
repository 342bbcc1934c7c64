import fc from 'fast-check'
import {
  arcGasOf,
  sourceText,
  cordDropV,
  depositionKgPerH,
  currentOfSpeedA,
  dutyAtPercent,
  dutyMultiplier,
  EXTENSION_MM,
  FAMILIES,
  FAMILY_SHEETS,
  fillJoint,
  fumeReminders,
  givesSentence,
  heatInputKJPerMm,
  lensShade,
  loadLineV,
  startSettings,
  supplyCurrentA,
  transferAt,
  startBand,
  startValue,
  transitionCurrentA,
  voltsAt,
  weldAreaMm2,
  whatGives,
  wireRangeA,
  wireSpeedMPerMin,
  type Family,
  type Material,
  type Mixture,
  type Position,
} from '../src/index.ts'
import { sizedWire } from './bench.ts'

const ipm = (mPerMin: number) => mPerMin / 0.0254

interface Row {
  name: string
  label: string
  gas: string | null
  mm: number
  a: number
  v: number
  ipm: number
  metal?: Material
}
const row = (
  name: string,
  label: string,
  gas: string | null,
  mm: number,
  a: number,
  v: number,
  speed: number,
  metal: Material = 'mild-steel',
): Row => ({ name, label, gas, mm, a, v, ipm: speed, metal })

const C25 = arcGasOf({ Ar: 75, CO2: 25 })
const TRIMIX = arcGasOf({ He: 90, Ar: 7.5, CO2: 2.5 })
// published: AWS Welding Handbook vol. 2 and textbooks, procedure rows, recalled from memory (mid-points of ranges)
const BY_THICKNESS: Row[] = [
  row('short arc .035 on 1/16', 'ER70S-6 .035', C25, 1.6, 95, 18, 150),
  row('short arc .035 on 1/8', 'ER70S-6 .035', C25, 3.2, 140, 20, 250),
  row('short arc .035 on 3/16', 'ER70S-6 .035', C25, 4.8, 150, 20, 265),
  row('short arc .035 on 1/4', 'ER70S-6 .035', C25, 6.4, 150, 21, 265),
  row('short arc .030 on 20 ga', 'ER70S-6 .030', C25, 0.91, 67, 17, 137),
  row('short arc .030 on 16 ga', 'ER70S-6 .030', C25, 1.52, 97, 18, 215),
  row('short arc .035 on 20 ga', 'ER70S-6 .035', C25, 0.91, 67, 17.5, 107),
  row('short arc .035 on 16 ga', 'ER70S-6 .035', C25, 1.52, 110, 18.5, 165),
  row('short arc .035 on 14 ga', 'ER70S-6 .035', C25, 1.9, 125, 19.25, 207),
  row('short arc .035 on 10 ga', 'ER70S-6 .035', C25, 3.42, 162, 20.25, 285),
  row('short arc .045 on 10 ga', 'ER70S-6 .045', C25, 3.2, 155, 19, 137),
  row('short arc .045 on 3/16 to 1/4', 'ER70S-6 .045', C25, 5.5, 202, 20.5, 200),
  row('stainless .030 on 1/16', 'ER308L .030', TRIMIX, 1.6, 85, 21, 185, 'stainless-steel'),
  row('stainless .030 on 3/32', 'ER308L .030', TRIMIX, 2.4, 105, 23, 230, 'stainless-steel'),
  row('stainless .030 on 1/8', 'ER308L .030', TRIMIX, 3.2, 125, 24, 280, 'stainless-steel'),
  row('aluminium .030 on 1/16', 'ER4043 .030', 'I1', 1.6, 90, 18, 365, 'aluminium'),
  row('aluminium .030 on 1/8', 'ER4043 .030', 'I1', 3.2, 125, 20, 440, 'aluminium'),
  row('aluminium 3/64 on 3/16', 'ER4043 3/64', 'I1', 4.8, 160, 23, 275, 'aluminium'),
  row('aluminium 3/64 on 1/4', 'ER4043 3/64', 'I1', 6.4, 205, 24, 350, 'aluminium'),
  row('aluminium 1/16 on 3/8', 'ER4043 1/16', 'I1', 9.5, 240, 26, 220, 'aluminium'),
]
// The same sources, rows that give current, volts and speed without a thickness.
const BY_CURRENT: Row[] = [
  row('spray .035 low', 'ER70S-6 .035', 'M20', 0, 195, 23.5, 387),
  row('spray .035 high', 'ER70S-6 .035', 'M20', 0, 252, 25.5, 550),
  row('spray .045 low', 'ER70S-6 .045', 'M20', 0, 280, 26.5, 362),
  row('spray .045 high', 'ER70S-6 .045', 'M20', 0, 330, 29, 487),
  row('spray .052', 'ER70S-6 .052', 'M20', 0, 365, 30, 392),
  row('spray 1/16', 'ER70S-6 1/16', 'M20', 0, 377, 28.5, 267),
  row('E71T-1 .045 at 200 ipm', 'E71T-1C .045', 'C1', 0, 140, 24, 200),
  row('E71T-1 .045 at 250 ipm', 'E71T-1C .045', 'C1', 0, 175, 25, 250),
  row('E71T-1 .045 at 350 ipm', 'E71T-1C .045', 'C1', 0, 215, 26.5, 350),
  row('E71T-1 .045 at 500 ipm', 'E71T-1C .045', 'C1', 0, 275, 29.5, 500),
  row('E71T-1 1/16 at 150 ipm', 'E71T-1C 1/16', 'C1', 0, 192, 24.5, 150),
  row('E71T-1 1/16 at 200 ipm', 'E71T-1C 1/16', 'C1', 0, 235, 26, 200),
  row('E71T-1 1/16 at 250 ipm', 'E71T-1C 1/16', 'C1', 0, 275, 27, 250),
  row('E71T-1 1/16 at 300 ipm', 'E71T-1C 1/16', 'C1', 0, 310, 28.5, 300),
]
/** Rows that lie outside the bands: named, not swallowed. */
const OUTSIDE = ['aluminium .030 on 1/8: speed', 'spray 1/16: speed']

describe('starting settings against handbook rows', () => {
  test('every row lies inside 15 % of current, 1.5 V and 20 % of speed, but for those named', () => {
    const outside: string[] = []
    for (const r of BY_THICKNESS) {
      const s = startSettings(sizedWire(r.label), { material: r.metal!, thicknessMm: r.mm }, r.gas)
      if (Math.abs(s.currentA!.value / r.a - 1) > 0.15) outside.push(`${r.name}: current`)
      if (Math.abs(s.voltageV!.value - r.v) > 1.5) outside.push(`${r.name}: volts`)
      const speed = ipm(
        wireSpeedMPerMin(
          sizedWire(r.label).family,
          sizedWire(r.label).exactMm,
          r.a,
          r.gas === 'I1' ? EXTENSION_MM.spray : EXTENSION_MM.short,
        ),
      )
      if (Math.abs(speed / r.ipm - 1) > 0.2) outside.push(`${r.name}: speed`)
    }
    for (const r of BY_CURRENT) {
      const w = sizedWire(r.label)
      if (Math.abs(voltsAt(w, r.gas, r.a)! - r.v) > 1.5) outside.push(`${r.name}: volts`)
      const speed = ipm(
        wireSpeedMPerMin(w.family, w.exactMm, r.a, r.gas === 'C1' ? EXTENSION_MM.cored : EXTENSION_MM.spray),
      )
      if (Math.abs(speed / r.ipm - 1) > 0.2) outside.push(`${r.name}: speed`)
    }
    expect(outside.sort()).toEqual([...OUTSIDE].sort())
  })
  test('bands are no wider than 15 % of current, 1.5 V and 20 % of speed where there are rows', () => {
    const s = startSettings(sizedWire('ER70S-6 .035'), { material: 'mild-steel', thicknessMm: 3.2 }, 'M21')
    expect(s.currentA!.high / s.currentA!.value).toBeLessThanOrEqual(1.1501)
    expect(s.voltageV!.high - s.voltageV!.value).toBeLessThanOrEqual(1.5)
    expect(s.wireSpeedMPerMin!.high / s.wireSpeedMPerMin!.value).toBeLessThanOrEqual(1.2001)
  })
  // handbook rows recalled with low confidence: the model is centred on them with a quarter either way
  test.each([
    ['.035', 75, 80],
    ['.045', 135, 100],
    ['.068', 237, 112],
  ])(
    'E71T-11 %s: %i A at %i ipm within a quarter, and said to be recalled with low confidence',
    (size, a, speed) => {
      const w = sizedWire(`E71T-11 ${size}`)
      expect(
        Math.abs(ipm(wireSpeedMPerMin(w.family, w.exactMm, a, EXTENSION_MM.cored)) / speed - 1),
      ).toBeLessThan(0.25)
      expect(sourceText(FAMILY_SHEETS[w.family].burnOff.source)).toMatch(/low confidence/)
      expect(FAMILY_SHEETS[w.family].burnOff.band).toBe(0.25)
    },
  )
  // common practice, no source: inches a minute an amp, solid steel only, extension about 7 mm, mid-range
  test.each([
    [0.023, 3.5, 60],
    [0.03, 2, 100],
    [0.035, 1.6, 120],
    [0.045, 1, 160],
  ])('.%d wire: %d ipm an amp within 20 %%', (inches, perAmp, a) =>
    expect(
      Math.abs(ipm(wireSpeedMPerMin('solid-steel', inches * 25.4, a, EXTENSION_MM.short)) / (perAmp * a) - 1),
    ).toBeLessThan(0.2),
  )
})

describe('published figures', () => {
  // published: AWS Welding Handbook vol. 2, transition currents, recalled from memory
  test.each<[Family, number, string, number]>([
    ['solid-steel', 0.9, 'M13', 165],
    ['solid-steel', 1.2, 'M13', 220],
    ['solid-steel', 1.6, 'M13', 275],
    ['solid-stainless', 1.2, 'M13', 225],
    ['aluminium', 0.8, 'I1', 95],
    ['aluminium', 1.2, 'I1', 135],
    ['silicon-bronze', 1.2, 'I1', 205],
  ])('%s %s under %s turns to spray at %i A', (family, mm, gas, a) => {
    expect(transitionCurrentA(family, mm, gas)).toBe(a)
    expect(transferAt(family, mm, gas, a)).toBe('spray')
    expect(transferAt(family, mm, gas, a - 1)).not.toBe('spray')
  })
  test('CO2 never sprays, and cored wire is ruled by its slag', () => {
    expect(transitionCurrentA('solid-steel', 1.2, 'C1')).toBeNull()
    expect(transferAt('solid-steel', 1.2, 'C1', 300)).toBe('globular')
    expect(transferAt('flux-cored-gas-shielded', 1.2, 'C1', 300)).toBe('slag')
  })
  // published: textbooks, recalled from memory: axial spray of steel wants about 80 % argon; CO2 never
  test.each<[Mixture, Family, boolean]>([
    [{ Ar: 80, CO2: 20 }, 'solid-steel', true],
    [{ Ar: 79, CO2: 21 }, 'solid-steel', false],
    [{ Ar: 75, CO2: 25 }, 'solid-steel', false],
    [{ Ar: 75, CO2: 25 }, 'metal-cored', true],
    [{ He: 90, Ar: 7.5, CO2: 2.5 }, 'solid-stainless', false],
    [{ Ar: 98, CO2: 2 }, 'solid-stainless', true],
    [{ Ar: 25, He: 75 }, 'aluminium', true],
  ])('%o over %s at 300 A sprays: %s', (mixture, family, sprays) =>
    expect(transferAt(family, 1.2, arcGasOf(mixture), 300) === 'spray').toBe(sprays),
  )
  // published: AWS C5.6, short arc vertical and overhead, recalled from memory
  test.each([
    ['ER70S-6 .030', 125],
    ['ER70S-6 .035', 150],
    ['ER70S-6 .045', 175],
  ])('%s stays at short arc and under %i A off the flat; flat it may do more', (label, most) => {
    for (const position of ['vertical-up', 'vertical-down', 'overhead'] as const) {
      const s = startSettings(sizedWire(label), { material: 'mild-steel', thicknessMm: 12, position }, 'M20')
      expect(s.transfer).toBe('short-arc')
      expect(s.currentA!.value).toBeLessThanOrEqual(most)
      expect(s.currentA!.value).toBeGreaterThan(0.85 * most)
      expect(s.notes).toContain('held-in-position')
    }
    const flat = startSettings(sizedWire(label), { material: 'mild-steel', thicknessMm: 12 }, 'M20')
    expect(flat.currentA!.value).toBeGreaterThan(0.95 * most)
  })
  // published: IEC 60974-1, recalled from memory
  test.each([
    [100, 19],
    [150, 21.5],
    [300, 29],
    [700, 44],
  ])('load line at %i A: %d V', (a, v) => expect(loadLineV(a)).toBeCloseTo(v, 9))
  test('duty scales with the square of the current, never above 100 %', () => {
    expect(dutyAtPercent(40, 200, 250)).toBeCloseTo(25.6, 9)
    expect(dutyAtPercent(60, 300, 100)).toBe(100)
    expect(() => dutyAtPercent(40, 0, 100)).toThrow(RangeError)
  })
  // published: NEC Table 630.11(A), recalled from memory
  test.each([
    [100, 1],
    [80, 0.89],
    [60, 0.78],
    [50, 0.71],
    [30, 0.55],
    [20, 0.45],
    [10, 0.45],
  ])('NEC multiplier at %i %% duty: %d', (duty, m) => expect(dutyMultiplier(duty)).toBeCloseTo(m, 1))
  // published: NEC Chapter 9 Table 8, stranded copper at 75 C, ohm a 1000 ft, recalled from memory
  test.each([
    [2.08, 3.14],
    [3.31, 1.98],
    [5.26, 1.24],
    [8.37, 0.778],
    [13.3, 0.491],
    [21.15, 0.308],
    [33.62, 0.194],
  ])('a cord of %d mm2 drops as the table says, within 3 %%', (mm2, per1000ft) => {
    const worked = (2 * 100 * 30 * per1000ft) / 1000
    expect(Math.abs(cordDropV({ lengthM: 30.48, mm2 }, 30, 1) / worked - 1)).toBeLessThan(0.03)
    expect(cordDropV({ lengthM: 30.48, mm2 }, 30, 3)).toBeLessThan(cordDropV({ lengthM: 30.48, mm2 }, 30, 1))
  })
  // published: EN 1011-1 and AWS D1.1: the same weld, 0.8 apart
  test('heat input by two conventions: 25 V, 200 A, 300 mm/min', () => {
    expect(heatInputKJPerMm(25, 200, 300, 'aws-d1-1')).toBeCloseTo(1, 9)
    expect(heatInputKJPerMm(25, 200, 300, 'en-1011')).toBeCloseTo(0.8, 9)
  })
  // published: ANSI Z49.1 Table 1, recalled from memory
  test.each([
    [59, 7, null],
    [60, 10, 11],
    [160, 10, 11],
    [161, 10, 12],
    [250, 10, 12],
    [251, 10, 14],
  ])('shade at %i A: %i, comfort %s', (a, least, comfort) => expect(lensShade(a)).toEqual({ least, comfort }))
  test('three phases draw less than one by the root of three', () => {
    const one = supplyCurrentA({ voltageV: 24, currentA: 200 }, { voltageV: 400, phases: 1 }).value
    expect(
      one / supplyCurrentA({ voltageV: 24, currentA: 200 }, { voltageV: 400, phases: 3 }).value,
    ).toBeCloseTo(Math.sqrt(3), 9)
  })
})

test.each([
  [9.5, '10 mm', '3/8 in'],
  [19, '19 mm', '3/4 in'],
  [11, '11 mm', '7/16 in'],
  [25.4, '25 mm', '1 in'],
])('a distance of %d mm is said by eye: %s, %s', (value, metric, inch) => {
  const b = { value, low: value, high: value, origin: { source: 'model' } } as const
  expect(startValue('tipToWorkMm', b, 'metric')).toBe(metric)
  expect(startBand('tipToWorkMm', b, 'inch')).toBe(`${inch.replace(' in', '')} to ${inch}`)
})

describe('laws and limits', () => {
  test('current of speed is the inverse of speed of current, for every family', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...FAMILIES),
        fc.double({ min: 0.6, max: 2.4, noNaN: true }),
        fc.double({ min: 20, max: 500, noNaN: true }),
        (family, mm, a) =>
          Math.abs(currentOfSpeedA(family, mm, wireSpeedMPerMin(family, mm, a, 12), 12) / a - 1) < 1e-9,
      ),
      { seed: 2 },
    ))
  test('a machine holds the figures inside what it can do, and says so', () => {
    const tern = { output: { minA: 30, maxA: 140 }, wireSpeedMPerMin: { min: 1, max: 5 } }
    const s = startSettings(
      sizedWire('ER70S-6 .030'),
      { material: 'mild-steel', thicknessMm: 12 },
      'M21',
      tern,
    )
    expect(s.currentA!.value).toBeLessThanOrEqual(140)
    expect(s.wireSpeedMPerMin!.value).toBe(5)
    expect(s.notes).toEqual(expect.arrayContaining(['wire-speed-high', 'several-passes']))
    const small = startSettings(
      sizedWire('E71T-1C 1.6'),
      { material: 'mild-steel', thicknessMm: 12 },
      'C1',
      tern,
    )
    expect(small).toMatchObject({
      currentA: { value: 140 },
      notes: expect.arrayContaining(['machine-output']),
    })
  })
  test('thin sheet with thick wire is held at the wire’s least current; vertical up takes less', () => {
    const thick = sizedWire('ER70S-6 1.2')
    expect(startSettings(thick, { material: 'mild-steel', thicknessMm: 0.8 }, 'M21')).toMatchObject({
      notes: ['wire-range-low'],
    })
    expect(wireRangeA(thick)![0]).toBe(100)
    const at = (position: Position) =>
      startSettings(sizedWire('ER70S-6 .035'), { material: 'mild-steel', thicknessMm: 3, position }, 'M21')
        .currentA!.value
    expect(at('vertical-up') / at('flat')).toBeCloseTo(0.88, 9)
  })
  test('CO2 wants one to three volts more than a mixture', () => {
    const v = (gas: string) => voltsAt(sizedWire('ER70S-6 0.9 mm'), gas, 120)!
    expect(v('C1') - v('M21')).toBeGreaterThanOrEqual(1)
    expect(v('C1') - v('M21')).toBeLessThanOrEqual(3)
  })
})

describe('metal laid down and joints filled', () => {
  // published: lb/h = 13.1 D^2 WFS EE for solid steel (D in, WFS in/min), procedure handbooks, recalled from memory
  test.each([
    [0.035, 300],
    [0.045, 375],
    [0.0625, 250],
  ])('%d in solid steel at %i in/min', (inches, speed) => {
    const lb = 13.1 * inches ** 2 * speed * FAMILY_SHEETS['solid-steel'].efficiency
    const kg = depositionKgPerH('solid-steel', inches * 25.4, speed * 0.0254)
    // 13.1 is a rounded figure: the density of steel gives 13.4
    expect(Math.abs(kg / 0.45359237 / lb - 1)).toBeLessThan(0.03)
  })
  // published: fillet of 1/4 in, 0.106 lb a foot without crown (half the square of the leg by density), procedure handbooks
  test('a fillet is half the square of its leg, and a tenth for the crown', () => {
    const lbPerFt = ((weldAreaMm2({ kind: 'fillet', legMm: 6.35 }) / 1.1) * 304.8 * 7.85e-6) / 0.45359237
    expect(lbPerFt).toBeCloseTo(0.106, 2)
  })
  test('a butt is gap and groove; a face thicker than the plate is none', () => {
    const v = { kind: 'butt', thicknessMm: 12, angleDeg: 60, gapMm: 2, faceMm: 2 } as const
    expect(weldAreaMm2(v) / 1.1).toBeCloseTo(24 + 100 * Math.tan(Math.PI / 6), 6)
    expect(weldAreaMm2({ ...v, angleDeg: 0, gapMm: 0 })).toBeGreaterThan(0)
    expect(() => weldAreaMm2({ ...v, faceMm: 13 })).toThrow(RangeError)
    expect(() => weldAreaMm2({ kind: 'fillet', legMm: 0 })).toThrow(RangeError)
  })
  const wire = sizedWire('ER70S-6 1.2 mm')
  const settings = startSettings(wire, { material: 'mild-steel', thicknessMm: 10 }, 'M20')
  const start = { wireSpeedMPerMin: settings.wireSpeedMPerMin! }
  // published: AWS D1.1 single-pass fillets for GMAW: 12 mm flat, 10 horizontal, 8 overhead, recalled from memory
  test('a 6 mm fillet is one pass; more than the position allows is more', () => {
    expect(fillJoint({ kind: 'fillet', legMm: 6 }, wire, start)).toMatchObject({ passes: 1 })
    expect(fillJoint({ kind: 'fillet', legMm: 9 }, wire, start, 'overhead').passes).toBeGreaterThan(1)
    const thick = fillJoint({ kind: 'butt', thicknessMm: 20, angleDeg: 60, gapMm: 2, faceMm: 2 }, wire, start)
    expect(thick.passes).toBeGreaterThanOrEqual(3)
    expect(thick.travelMmPerMin.value).toBeGreaterThanOrEqual(150)
  })
  test('what is laid down fills what is to be filled', () => {
    const run = fillJoint({ kind: 'fillet', legMm: 6 }, wire, start)
    const kgPerM = (run.depositionKgPerH.value / 60) * run.arcMinutesPerM
    expect(kgPerM).toBeCloseTo(run.areaMm2 * 7.85e-3, 6)
    expect(run.wireKgPerM).toBeGreaterThan(kgPerM)
    expect(run.travelMmPerMin.low).toBeLessThan(run.travelMmPerMin.value)
    expect(fillJoint({ kind: 'fillet', legMm: 2 }, wire, start).tooFast).toBe(true)
  })
})

describe('what gives first', () => {
  const wire = sizedWire('ER70S-6 0.9 mm')
  const machine = {
    output: { maxA: 140, dutyAtA: 90, dutyPercent: 20 },
    wireSpeedMPerMin: { min: 1, max: 13 },
  }
  const supply = { voltageV: 120, phases: 1, breakerA: 20, cordLengthM: 0, cordMm2: 3.3 } as const
  test('listed by current; a shorter circuit and a thin long cord give sooner', () => {
    const list = whatGives(wire, 'M21', machine, supply)
    expect(list.map((x) => x.currentA)).toEqual([...list.map((x) => x.currentA)].sort((a, b) => a - b))
    const at = (limit: string, s: object) =>
      whatGives(wire, 'M21', machine, { ...supply, ...s }).find((x) => x.limit === limit)?.currentA ??
      Infinity
    expect(at('breaker', { breakerA: 15 })).toBeLessThan(at('breaker', {}))
    expect(at('cord', {})).toBe(Infinity)
    expect(at('cord', { cordLengthM: 30 })).toBeLessThan(at('cord', { cordLengthM: 30, cordMm2: 6 }))
    // published: IEC 60974-1, duty by the square of the current
    expect(at('duty', {})).toBeCloseTo(90 * Math.sqrt(20 / 30), 9)
    expect(givesSentence(list)).toMatch(/^First to give: .* at about \d+ A; then /)
    expect(whatGives(wire, 'M21', {}).map((x) => x.limit)).toEqual(['wire'])
  })
})

// published: 29 CFR 1910.1026 and 1910.1000, 1910.252, recalled from memory
test('the air: zinc and chromium first, and always the plume', () => {
  const said = (label: string, material: Material, gas: string | null) =>
    fumeReminders(sizedWire(label), { material }, gas)
  expect(said('ER70S-6 0.9', 'galvanised-steel', 'M21')).toEqual(['zinc', 'inert', 'always'])
  expect(said('ER308LSi 0.9', 'stainless-steel', 'M12')[0]).toBe('chromium')
  expect(said('E71T-11 0.9', 'mild-steel', null)).toEqual(['barium', 'self-shielded', 'always'])
  expect(said('ER70S-6 0.9', 'mild-steel', 'C1')).toContain('co2')
})
