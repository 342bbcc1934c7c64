import { finderOf } from '../src/index.ts'
import { times } from './counts.ts'
import { dice } from './otherSetups.ts'

const PIECES = ['gull', 'tern', 'tip', 'er70s-6', '1.2', 'liner', 'β', 'ran well', '1.2 mm', 'wire wire', '·']

test(`${times(300, 20_000)} searches find what holds each word, whether their words were gathered before or not`, () => {
  for (let seed = 1; seed <= times(300, 20_000); seed++) {
    const d = dice(seed)
    const some = () =>
      Array.from({ length: d.below(6) }, () => d.of(PIECES)).join(d.of([' ', '  ', '\n', '']))
    const texts = Array.from({ length: d.below(9) }, some)
    const piece = d.of(PIECES)
    const asked = d.of([
      some(),
      piece.slice(d.below(3)),
      `${piece.slice(0, 3)}  ${d.of(PIECES).slice(1)}`,
      '',
    ])
    const words = asked.split(/\s+/).filter(Boolean)
    const want = texts.flatMap((text, at) => (words.every((word) => text.includes(word)) ? [at] : []))
    const [fresh, gathered] = [finderOf(texts), finderOf(texts)]
    while (!gathered.ready(1 + d.below(3)));
    const found = gathered.find(asked.toUpperCase())
    expect([seed, found]).toEqual([seed, fresh.find(asked.toUpperCase())])
    // Where nothing holds them all, a word that nobody uses is read as the nearest.
    if (want.length) expect([seed, found]).toEqual([seed, want])
  }
})
test('a search of as many words as a field takes ends as any other', () => {
  const finder = finderOf(['gull', 'tern'])
  finder.ready()
  expect(finder.find('g '.repeat(400))).toEqual([0])
  expect(finder.find('')).toEqual([0, 1])
})
