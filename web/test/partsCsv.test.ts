import fc from 'fast-check'
import { demoShop } from '@pepper-knot/core/demo'
import { partSchema, type Part } from '@pepper-knot/core/machine'
import { csvText, readCsv, usual } from '../src/storage/csv.ts'
import { columnsOf, isSameRow, PART_FIELDS, readParts, type PartField } from '../src/storage/partsCsv.ts'
import { useWords } from '../src/composables/useWords.ts'
import { times } from '../../core/test/counts.ts'

const words = useWords()
const store = demoShop().store.map((part) => partSchema.parse(part))
const nameOf = (part: Part) => (part.kind === 'wire' ? part.label : words.partText(part.kind, part, 'metric'))
const names = Object.fromEntries(PART_FIELDS.map((f) => [f, [f]])) as Record<PartField, string[]>
const rowsOf = (parts: readonly Part[]) =>
  parts.map((p) => [
    p.id ?? '',
    nameOf(p),
    p.drawer ?? '',
    p.count,
    p.lowAt ?? '',
    p.leadDays ?? '',
    p.price ?? '',
    p.note ?? '',
  ])
const LOCALES = ['en-US', 'de-DE', 'fr-FR', 'pt-BR', 'sv-SE', 'de-CH'] as const
const OPTIONS = [
  ...LOCALES.map((locale, i) => ({ ...usual(locale), bom: i % 2 === 1 })),
  { separator: '\t' as const, decimal: ',' as const, bom: false },
]
test('a comma never stands both in numbers and between cells, in any country', () => {
  for (const locale of [...LOCALES, 'en-IN', 'ar', 'fa', 'hi', 'nl', 'pl', 'ja', 'tr', 'es-MX']) {
    const { separator, decimal } = usual(locale)
    expect([locale, separator === decimal]).toEqual([locale, false])
  }
  expect(LOCALES.map((locale) => usual(locale).decimal).join(' ')).toBe('. , , , , .')
})
test('figures come back to the last place, under the ways of six countries', () => {
  fc.assert(
    fc.property(
      fc.record({
        count: fc.integer({ min: 0, max: 99_999 }),
        price: fc.integer({ min: 0, max: 9_999_999 }).map((n) => n / 1000),
        leadDays: fc.integer({ min: 0, max: 365 }),
        lowAt: fc.integer({ min: 0, max: 9999 }),
      }),
      fc.constantFrom(...OPTIONS),
      fc.integer({ min: 0, max: store.length - 1 }),
      (figures, options, at) => {
        const part = { ...store[at]!, ...figures }
        const { head, rows } = readCsv(csvText([...PART_FIELDS], rowsOf([part]), options))
        const [read] = readParts(rows, columnsOf(head, names), store, nameOf)
        expect(read && 'part' in read && read.part).toMatchObject(figures)
      },
    ),
    { numRuns: times(150, 5000), seed: 32 },
  )
})

test.each(OPTIONS)('what goes out comes in and changes nothing, with %j', (options) => {
  const { head, rows } = readCsv(csvText([...PART_FIELDS], rowsOf(store), options))
  const read = readParts(rows, columnsOf(head, names), store, nameOf)
  expect(read.filter((row) => !('part' in row && isSameRow(row)))).toEqual([])
})
test('on another device each part is read by its words', () => {
  const plain = ({ id: _id, drawer: _d, note: _n, lowAt: _l, leadDays: _t, price: _p, ...part }: Part) => part
  const { rows } = readCsv(
    csvText(
      ['part', 'count'],
      store.map((p) => [nameOf(p), p.count]),
    ),
  )
  const read = readParts(rows, { part: 0, count: 1 }, [], nameOf)
  const kinds = (part: Part) => [part.kind, 'part' in part ? part.part : '', part.count, nameOf(part)]
  expect(read.map((row) => ('part' in row ? kinds(row.part) : row.text))).toEqual(
    store.map((part) => kinds(plain(part) as Part)),
  )
})
test('a text comes back as it was typed, whatever it begins with, and no cell is run', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.oneof(fc.string({ maxLength: 30 }), fc.constantFrom('=1+1', "'=1", '@a', '-5', '\u200b=x', '+49')),
        {
          minLength: 1,
          maxLength: 6,
        },
      ),
      fc.constantFrom(...OPTIONS),
      (texts, options) => {
        const said = texts.map((text) => text.replace(/[\r\n]+/g, ' ').trim()).filter(Boolean)
        if (said.length === 0) return
        const text = csvText(
          ['note', 'end'],
          said.map((one) => [one, 1]),
          options,
        )
        const { rows } = readCsv(text)
        expect(rows.map(([one]) => one)).toEqual(said)
      },
    ),
    { numRuns: times(150, 5000), seed: 31 },
  )
})
test('a row that cannot be taken is listed and takes nothing with it', () => {
  const rows = [
    ['contact tip 0.9', '3'],
    ['a thing', '1'],
    ['contact tip 1.2', '-4'],
    ['contact tip 1.0', 'many'],
    ['contact tip 0.9', '7'],
  ]
  const read = readParts(rows, { part: 0, count: 1 }, [], nameOf)
  expect(read.map((row) => ('part' in row ? 'taken' : `row ${row.row}`))).toEqual([
    'taken',
    'row 3',
    'row 4',
    'row 5',
    'row 6',
  ])
})
