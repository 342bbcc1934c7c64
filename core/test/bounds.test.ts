import { plan, storeSchema, troubleRequestSchema } from '../src/package.ts'
import { match } from '../src/stations/index.ts'
import type { Cause } from '../src/trouble/causes.ts'
import { prepareTrouble } from '../src/trouble/find.ts'
import { knownOf } from '../src/trouble/known.ts'

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

describe('what was read only in part clears nothing', () => {
  const weight = (cause: Cause, more: { spool?: object; wireEntry?: string; driveRolls?: object }) => {
    const { wireEntry, ...fitted } = more
    const c = prepareTrouble(
      troubleRequestSchema.parse({
        machine: {
          id: 'm',
          name: 'M',
          ...(wireEntry && { wireEntry }),
          fitted: { wire: { label: 'ER70S-6 0.9' }, ...fitted },
        },
        symptoms: ['feed-jerks'],
      }),
    )
    if (!c.ok) throw new RangeError('no context')
    return knownOf(c.value, match(c.value), { symptoms: ['feed-jerks'] }).weights[cause].weight
  }
  const rolls = { profile: 'smooth-v', grooves: ['0.8', '0.9'] }
  it.each<[string, Cause, object, object]>([
    [
      'a side without the inlet',
      'spool-wrong-side',
      { spool: { leaves: 'bottom' } },
      { wireEntry: 'bottom' },
    ],
    [
      'an inlet without the side',
      'spool-wrong-side',
      { wireEntry: 'bottom' },
      { spool: { leaves: 'bottom' } },
    ],
    [
      'two grooves, and which one runs not read',
      'rolls-wrong-groove',
      { driveRolls: rolls },
      { driveRolls: { ...rolls, active: '0.9' } },
    ],
  ])('%s', (_what, cause, half, rest) => {
    expect(weight(cause, half)).toBeGreaterThanOrEqual(weight(cause, {}))
    expect(weight(cause, { ...half, ...rest })).toBeLessThan(weight(cause, half))
  })
})
