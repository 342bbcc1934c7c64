import fc from 'fast-check'
import {
  problemText,
  catalogueLabels,
  oneSizeUpMm,
  readDiameter,
  readLabel,
  readStampMm,
  spoolForMass,
  kgPerMetre,
  tradeLabel,
  USABILITY,
  type Family,
  type Wire,
} from '../src/index.ts'

const wire = (label: string): Wire => {
  const read = readLabel(label)
  if (!read.ok) throw new Error(`${label}: ${problemText(read.problems[0]!)}`)
  return read.value.wire
}
const refusal = (label: string) => {
  const read = readLabel(label)
  return read.ok ? undefined : read.problems[0]
}

describe('diameters', () => {
  // published: ISO 544 sizes; inch pairs of the trade, recalled from memory.
  test.each([
    ['.023', 0.6, 0.5842],
    ['.025', 0.6, 0.635],
    ['.030', 0.8, 0.762],
    ['.035', 0.9, 0.889],
    ['0.035"', 0.9, 0.889],
    ['035', 0.9, 0.889],
    ['35 thou', 0.9, 0.889],
    ['30,000', 0.8, 0.762],
    ['.040', 1.0, 1.016],
    ['.045', 1.2, 1.143],
    ['3/64', 1.2, 1.1906],
    ['.052', 1.4, 1.3208],
    ['1/16', 1.6, 1.5875],
    ['5/64', 2.0, 1.9844],
    ['3/32', 2.4, 2.3813],
    ['0.9', 0.9, 0.9],
    ['0,9 mm', 0.9, 0.9],
    ['1.2mm', 1.2, 1.2],
    ['1.14', 1.2, 1.14],
    ['.068', 1.7, 1.7272],
  ])('%s is trade size %d, exactly %d mm', (text, trade, exact) => {
    const read = readDiameter(text)
    expect(read.ok && read.value.diameterMm).toBe(trade)
    expect(read.ok && read.value.exactMm).toBeCloseTo(exact, 3)
  })
  test.each([
    ['0.80', 0.8],
    ['0,90 mm', 0.9],
    ['1.20', 1.2],
  ])('%s is millimetres: no wire is that many inches thick', (text, mm) =>
    expect(readDiameter(text)).toMatchObject({ ok: true, value: { diameterMm: mm } }),
  )
  test('a size near a trade size names it', () => {
    const read = readDiameter('0.77')
    expect(read.ok ? '' : read.problems[0]!.suggestion).toBe('0.8 mm')
  })
  test.each(['0.7', '.033', 'banana', '9 mm', '', '0.77'])('no wire is made in “%s”', (text) =>
    expect(readDiameter(text).ok).toBe(false),
  )
  test('one size up is the next on the ladder of tips', () => {
    expect([0.6, 0.9, 1.2, 1.7, 2.4].map(oneSizeUpMm)).toEqual([0.8, 1.0, 1.4, 2.0, 2.4])
  })
  test('a mark with a slash takes both sizes, a fraction is one', () => {
    expect([readStampMm('.030/.035'), readStampMm('1/16'), readStampMm('0.9')]).toEqual(
      [[0.8, 0.9], [1.6], [0.9]].map((v) => ({ ok: true, value: v })),
    )
  })
  test('every trade size prints in both habits and reads back to itself', () => {
    for (const mm of [0.6, 0.8, 0.9, 1.0, 1.2, 1.4, 1.6, 2.0, 2.4])
      for (const system of ['metric', 'inch'] as const)
        expect(readDiameter(tradeLabel(mm, system))).toMatchObject({ ok: true, value: { diameterMm: mm } })
  })
})

describe('labels', () => {
  // published: AWS A5.18, A5.20, A5.28, A5.10, A5.7; recalled from memory.
  test.each([
    ['ER70S-6 0.9 mm 15 kg', 'ER70S-6', 'solid-steel', ['DCEP'], ['M21', 'C1', 'M20', 'M12', 'M13'], 0.9, 15],
    ['15KG er70s-3 .035', 'ER70S-3', 'solid-steel', ['DCEP'], ['M21', 'C1', 'M20', 'M12', 'M13'], 0.9, 15],
    ['ER80S-D2 1.2', 'ER80S-D2', 'solid-steel', ['DCEP'], ['M21', 'C1', 'M20', 'M12', 'M13'], 1.2, null],
    ['E70C-6M 1.2', 'E70C-6M', 'metal-cored', ['DCEP'], ['M21'], 1.2, null],
    ['E70C-3C H4 .045', 'E70C-3C H4', 'metal-cored', ['DCEP'], ['C1'], 1.2, null],
    ['E71T-1C .045 33 lb', 'E71T-1C', 'flux-cored-gas-shielded', ['DCEP'], ['C1'], 1.2, 14.969],
    ['E71T-1C/-9M 1/16', 'E71T-1C/-9M', 'flux-cored-gas-shielded', ['DCEP'], ['C1', 'M21'], 1.6, null],
    ['E71T-9M-J 1.2', 'E71T-9MJ', 'flux-cored-gas-shielded', ['DCEP'], ['M21'], 1.2, null],
    ['E71T-5M 1.2', 'E71T-5M', 'flux-cored-gas-shielded', ['DCEP', 'DCEN'], ['M21'], 1.2, null],
    ['E71T-11 .030 10 lb', 'E71T-11', 'flux-cored-self-shielded', ['DCEN'], [], 0.8, 4.536],
    ['10 LB E71T-GS .035', 'E71T-GS', 'flux-cored-self-shielded', ['DCEN'], [], 0.9, 4.536],
    ['E71T-8J H8 5/64', 'E71T-8J H8', 'flux-cored-self-shielded', ['DCEN'], [], 2.0, null],
    ['ER5356 .035', 'ER5356', 'aluminium', ['DCEP'], ['I1', 'I3'], 0.9, null],
    ['S100 ER4043 3/64 1 lb', 'ER4043', 'aluminium', ['DCEP'], ['I1', 'I3'], 1.2, 0.454],
    ['ERCuSi-A 0.8 mm', 'ERCuSi-A', 'silicon-bronze', ['DCEP'], ['I1'], 0.8, null],
  ])('%s', (label, classification, family, polarity, designations, diameterMm, massKg) => {
    expect(wire(label)).toMatchObject({
      classification,
      family,
      polarity,
      gas: { needed: designations.length > 0, designations },
      diameterMm,
      massKg,
      unread: [],
    })
  })

  // published: AWS A5.20:2005 Table 2, recalled from memory.
  test.each([
    ['3', 'DCEP', 'single'],
    ['4', 'DCEP', 'multi'],
    ['6', 'DCEP', 'multi'],
    ['7', 'DCEN', 'multi'],
    ['8', 'DCEN', 'multi'],
    ['10', 'DCEN', 'single'],
    ['11', 'DCEN', 'multi'],
    ['13', 'DCEN', 'single'],
    ['14', 'DCEN', 'single'],
  ])('self-shielded T-%s runs %s, %s pass', (designator, polarity, passes) =>
    expect(wire(`E70T-${designator} 1/16`)).toMatchObject({
      polarity: [polarity],
      passes,
      gas: { needed: false },
    }),
  )
  test('every usability designator of the table is one or the other, never both', () => {
    expect(Object.keys(USABILITY)).toEqual(
      expect.arrayContaining([...Array(14).keys()].map((i) => String(i + 1))),
    )
    for (const [designator, use] of Object.entries(USABILITY))
      expect(refusal(`E71T-${designator}M 1.2`) === undefined).toBe(use.shielding === 'gas')
  })
  test('position digit 0 is flat and horizontal only', () =>
    expect(wire('E70T-1C 1.6').positions).toEqual(['flat', 'horizontal']))

  test.each([
    ['E71T-1 .045', 'old-form-no-gas-letter'],
    ['E71T1C 1.2', 'hyphen-added'],
    ['ER70S6 0.9', 'hyphen-added'],
    ['E70S-6 0.9', 'old-form-e-for-er'],
    ['E71T-GS .030', 'polarity-left-open'],
    ['ERCUSIA 0.8', 'hyphen-added'],
  ])('%s reads with a note', (label, note) => expect(wire(label).notes).toContain(note))
  test.each([
    ['ER71T-1', 'E71T-1'],
    ['ER70C-6M', 'E70C-6M'],
    ['E71T-11C', 'E71T-11'],
    ['ER70-S6', 'ER70S-6'],
    ['ER71S-6', 'ER70S-6'],
    ['E72T-1', 'E71T-1'],
    ['E71-T1', 'E71T-1'],
    ['E71T-15', undefined],
    ['E70C-6', 'E70C-6M'],
    ['ER6061', 'ER4043'],
    ['ER5052', 'ER5356'],
    ['ER-4043', 'ER4043'],
    ['E4043', 'ER4043'],
    ['ERCuSi', 'ERCuSi-A'],
    ['E7018', undefined],
    ['ER70S', 'ER70S-6'],
  ])('%s is refused with its reason; likely %s', (label, likely) => {
    expect(refusal(`${label} 1.2`)?.suggestion).toBe(likely)
    expect(problemText(refusal(`${label} 1.2`)!).length).toBeGreaterThan(20)
  })
  test.each(['', 'wire', 'ER70S-6 0.7', 'ER70S-6 0.9 1.2', 'ER70S-6 ER5356 1.2'])(
    '“%s” is never guessed',
    (label) => expect(refusal(label)).toBeDefined(),
  )
  test('what was not understood is said, and a size given twice is one size', () => {
    expect(wire('AWS A5.18 ER70S-6 .035 (0.9 mm) LOT 7731').unread).toEqual(['LOT 7731'])
    expect(wire('ER5356').unread).toEqual(['diameter'])
  })
  test('every wire of the catalogue reads, in any order and any case', () => {
    for (const { label } of catalogueLabels()) {
      const [, classification, size] = /^(.*) (\S+ mm)$/.exec(label)!
      expect(wire(`5 kg ${size} ${classification!.toLowerCase()}`)).toMatchObject({
        ...wire(label),
        notes: expect.arrayContaining(wire(label).notes),
        massKg: 5,
      })
    }
  })
  test('no text at all makes the reader throw', () => {
    fc.assert(
      fc.property(
        fc.oneof(fc.string(), fc.stringMatching(/^[ERTSCM0-9./" -]{0,24}$/)),
        (text) => typeof readLabel(text).ok === 'boolean',
      ),
      { numRuns: 3000, seed: 5 },
    )
  })
})

test('spools by mass: 1-2 lb, 10-12 lb, 33 lb, a drum (common practice, no source)', () => {
  expect([0.5, 0.907, 4.536, 5, 15, 14.97, 250].map(spoolForMass)).toEqual([
    'S100',
    'S100',
    'S200',
    'S200',
    'S300',
    'S300',
    'drum',
  ])
})
// published: AWS Welding Handbook, inches of wire per pound, recalled from memory; rows of high confidence.
test.each<[Family, number, number]>([
  ['solid-steel', 0.03, 5000],
  ['solid-steel', 0.035, 3650],
  ['solid-steel', 0.045, 2215],
  ['solid-steel', 0.0625, 1150],
  ['solid-stainless', 0.035, 3590],
  ['aluminium', 0.03, 14420],
  ['aluminium', 0.035, 10600],
  ['aluminium', 0.045, 6410],
  ['silicon-bronze', 0.035, 3380],
])('%s %d in: %d inches in a pound, within 2 %%', (family, inches, expected) => {
  const perPound = 0.45359237 / kgPerMetre(family, inches * 25.4) / 0.0254
  expect(Math.abs(perPound / expected - 1)).toBeLessThan(0.02)
})
