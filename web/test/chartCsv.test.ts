import fc from 'fast-check'
import { chartRowSchema } from '../../core/src/machine/chart.ts'
import { times } from '../../core/test/counts.ts'
import { useWords } from '../src/composables/useWords.ts'
import { csvText, readCsv, usual } from '../src/storage/csv.ts'
import { CHART_COLUMNS, chartColumns, chartCsv, readChartCsv, withColumns } from '../src/storage/chartCsv.ts'

const words = useWords()
const OPTIONS = [
  ...['en-US', 'de-DE', 'fr-FR', 'pt-BR', 'sv-SE', 'de-CH'].map((locale, i) => ({
    ...usual(locale),
    bom: i % 2 === 1,
  })),
  { separator: '\t' as const, decimal: ',' as const, bom: false },
]
const tenths = (min: number, max: number) => fc.integer({ min: min * 10, max: max * 10 }).map((n) => n / 10)
const row = fc
  .record(
    {
      classification: fc.constantFrom(
        'ER70S-6',
        'E71T-11',
        'E71T-1M',
        'ER5356',
        'ER308LSi',
        'E70C-6M',
        'ERCuSi-A',
      ),
      sizeMm: fc.constantFrom(0.8, 0.9, 1.2),
      thicknessMm: tenths(1, 40),
      gas: fc.constantFrom({ Ar: 75, CO2: 25 }, { Ar: 100 }, { CO2: 100 }, { Ar: 98, O2: 2 }),
      position: fc.constantFrom('flat', 'horizontal', 'vertical-up', 'vertical-down', 'overhead'),
      voltageV: tenths(12, 40),
      tap: fc.constantFrom('C', '3', 'A-2', 'hi'),
      knob: tenths(-5, 12),
      wireSpeedMPerMin: tenths(1, 22),
      dial: fc.integer({ min: 0, max: 100 }),
    },
    { requiredKeys: ['classification', 'sizeMm', 'thicknessMm', 'voltageV'] },
  )
  .map((one) => chartRowSchema.parse(one))

test('rows of a chart come back as they went out, whatever stands between the cells', () => {
  fc.assert(
    fc.property(
      fc.array(row, { minLength: 1, maxLength: 12 }),
      fc.constantFrom(...OPTIONS),
      (rows, options) => {
        const read = readChartCsv(chartCsv(rows, words, options))
        expect(read.map((one) => (one.read.ok ? one.read.value : one))).toEqual(rows)
      },
    ),
    { numRuns: times(40, 2000) },
  )
})
test('columns under any heading, in any order, are what somebody says they are', () => {
  fc.assert(
    fc.property(
      fc.array(row, { minLength: 1, maxLength: 6 }),
      fc.constantFrom(...OPTIONS),
      fc.shuffledSubarray([...CHART_COLUMNS.keys()], { minLength: 10, maxLength: 10 }),
      (rows, options, order) => {
        const { head, rows: cells } = readCsv(chartCsv(rows, words, options))
        // Another’s words over them, in another order, and one column more; the unit is still said.
        const titles = head.map((title, i) => `Spalte ${i}${/ \(.*\)/.exec(title)?.[0] ?? ''}`)
        const file = csvText(
          [...order.map((i) => titles[i]!), 'Lager'],
          cells.map((line) => [...order.map((i) => line[i]!), 'B 7']),
          options,
        )
        const columns = Object.fromEntries(CHART_COLUMNS.map((name, i) => [name, order.indexOf(i)]))
        const read = readChartCsv(withColumns(file, columns))
        expect(read.map((one) => (one.read.ok ? one.read.value : one))).toEqual(rows)
        expect(chartColumns(head)).toEqual(Object.fromEntries(CHART_COLUMNS.map((name, i) => [name, i])))
      },
    ),
    { numRuns: times(30, 2000) },
  )
})
test('a file in inches is read by what its headings say, and a row that says too little is refused', () => {
  const read = readChartCsv(
    'Wire;Size (in);Thickness (in);Volts;Speed (ipm)\nER70S-6;.035;0.125;18;250\nER70S-6;;;;\n',
  )
  expect(read[0]!.read).toMatchObject({
    ok: true,
    value: { sizeMm: 0.9, thicknessMm: 3.175, voltageV: 18, wireSpeedMPerMin: 6.35 },
  })
  expect(read[1]!.read.ok).toBe(false)
})
