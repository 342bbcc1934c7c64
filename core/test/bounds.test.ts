import { plan, storeSchema } from '../src/package.ts'

/** Edges that a small slip would move without another test noticing. */

test('a store of 5,000 parts is read, of one more refused', () => {
  const parts = (n: number) =>
    Array.from({ length: n }, () => ({ kind: 'contactTip', stamp: '0.9', count: 1 }))
  expect(storeSchema.safeParse(parts(5000)).success).toBe(true)
  expect(storeSchema.safeParse(parts(5001)).success).toBe(false)
})

describe('a nozzle is taken off where one is on, or may be', () => {
  const tasks = (nozzle: object | null | undefined) => {
    const made = plan({
      machine: {
        id: 'm',
        name: 'M',
        gasGear: true,
        fitted: {
          wire: { label: 'ER70S-6 0.9' },
          gun: { kind: 'push', lengthM: 3 },
          contactTip: { stamp: '0.9' },
          polarity: 'DCEP',
          gas: { Ar: 80, CO2: 20 },
          ...(nozzle !== undefined && { nozzle }),
        },
      },
      wire: { label: 'ER70S-6 1.2' },
      job: { material: 'mild-steel', thicknessMm: 6 },
    })
    if (!made.ok) throw new RangeError(JSON.stringify(made.problems))
    return made.value.steps.map((s) => s.task)
  }
  it.each([
    ['a gas nozzle', { kind: 'gas' }, true],
    ['one that nobody looked at', undefined, true],
    ['none', { kind: 'none' }, false],
    ['looked, and nothing there', null, false],
  ])('%s', (_what, nozzle, off) => expect(tasks(nozzle).includes('nozzleOff')).toBe(off))
})
