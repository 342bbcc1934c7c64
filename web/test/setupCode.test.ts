import fc from 'fast-check'
import { demoShop } from '@pepper-knot/core/demo'
import { base45, fromBase45 } from '../src/storage/base45.ts'
import { readSetupCode, setupCode } from '../src/storage/setupCode.ts'
import { times } from '../../core/test/counts.ts'

const bytes = (text: string) => Uint8Array.from(Buffer.from(text))

// published: RFC 9285 (2022), section 4.3 and 4.4
test.each([
  ['AB', 'BB8'],
  ['Hello!!', '%69 VD92EX0'],
  ['base-45', 'UJCLQE7W581'],
  ['ietf!', 'QED8WEX0'],
])('base45 of %s', (plain, text) => {
  expect(base45(bytes(plain))).toBe(text)
  expect(fromBase45(text)).toEqual(bytes(plain))
})
// published: RFC 9285 (2022), section 6: out of range, and a letter that is none
test.each(['GGW', ':::', 'A', 'ab!', '::'])('%s is no base45', (text) =>
  expect(fromBase45(text)).toBeUndefined(),
)

const { machines } = demoShop()
test('a setup comes back as it went, for every machine and any name', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...machines),
      fc.string({ minLength: 1, maxLength: 100 }),
      (machine, name) => {
        const card = { at: '2026-12-01T08:00:00.000Z', machine: name, fitted: machine.fitted }
        const code = setupCode(card)
        // The largest code of middle correction holds 3,391 such letters. published: ISO/IEC 18004, table 7
        expect(code.length).toBeLessThanOrEqual(3391)
        expect(readSetupCode(` ${code.toLowerCase()}\n`)).toEqual(card)
      },
    ),
    { numRuns: times(60, 1000), seed: 31 },
  )
})
test('a text that is no setup says what it is and throws nothing', () => {
  const code = setupCode({ at: '2026-12-01T08:00:00.000Z', machine: 'Gull', fitted: machines[0]!.fitted })
  expect(readSetupCode('')).toBe('none')
  expect(readSetupCode('What is this?')).toBe('none')
  expect(readSetupCode(base45(Uint8Array.of(2, 1, 2, 3)))).toBe('later')
  for (let cut = 1; cut < 12; cut++) expect(readSetupCode(code.slice(0, -cut))).toBe('broken')
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 400 }), (noise) => {
      expect(['none', 'later', 'broken']).toContain(readSetupCode(base45(noise)))
    }),
    { numRuns: times(200, 5000), seed: 31 },
  )
})
