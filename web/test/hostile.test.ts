import Papa from 'papaparse'
import { seen } from '../src/messages/seen.ts'
import { csvText } from '../src/storage/csv.ts'

const every = (...sets: (readonly string[])[]): string[] =>
  sets.reduce<string[]>((all, set) => all.flatMap((text) => set.map((more) => text + more)), [''])

// OWASP, CSV Injection (recalled from memory): = + - @, tab and carriage return begin a formula; spreadsheets skip
// spaces before it, and read the full-width forms.
test('a cell a spreadsheet would run is text, whatever stands before the sign and however it is written', () => {
  const cells = every(
    ['', ' ', '\t', '\r', '\n', '\u00A0', '\u2003', '\uFEFF', '\u200B', '\u2060', ' \uFEFF '],
    ['=', '+', '-', '@', '＝', '＋', '－', '＠', '﹦', '﹢', '﹣', '﹫', '−'],
    ['1+1', 'HYPERLINK("x")', ''],
  )
  const read = Papa.parse<string[]>(
    csvText(
      ['a'],
      cells.map((cell) => [cell]),
    ),
    { delimiter: ',' },
  ).data
  cells.forEach((cell, i) => expect(read[i + 1]).toEqual([`'${cell}`]))
})
test('other cells are what they were, numbers too', () => {
  const cells = ['ER70S-6 0.9', ' two - one', "it's", '0.9 = 035', 'Ärger, "so"', '', -5, 0.9]
  const read = Papa.parse<string[]>(
    csvText(
      ['a', 'b'],
      cells.map((cell) => [cell, 'x']),
    ),
    { delimiter: ',' },
  ).data
  cells.forEach((cell, i) => expect(read[i + 1]).toEqual([String(cell), 'x']))
})

test('a name of letters nobody sees, or that turn the writing, is shown so that one sees them', () => {
  const hidden = [
    '\u200B',
    '\u200C',
    '\u200D',
    '\u2060',
    '\uFEFF',
    '\u202E',
    '\u2066',
    '\u00A0\u200B',
    '\u3164',
    '\u115F',
    '\u2800',
    '\u0007',
    '\u{E0041}',
  ]
  for (const text of [
    ...hidden,
    ...every(hidden, hidden),
    ...hidden.map((h) => `Gull${h}`),
    ...hidden.map((h) => `${h}Gull`),
  ])
    expect([
      text,
      /‹[0-9A-F]{4,5}›/.test(seen(text)),
      /[\p{Cf}\p{Cc}\u3164\u115F\u2800]/u.test(seen(text)),
    ]).toEqual([text, true, false])
  expect(seen('Gull\u202Egpj.exe')).toBe('Gull‹202E›gpj.exe')
})
test.each([
  'Gull',
  'Möwe №2',
  'می\u200Cخواهم',
  '👩\u200D🔧 bench',
  '👩🏽\u200D🔧',
  '❤\uFE0F\u200D🔥',
  'नि\u200Dर',
  'coil 0.8\u2060–\u20601.0',
  'two\nlines',
  'soft\u00ADly',
])('what people write is left alone: %s', (text) => expect(seen(text)).toBe(text))
