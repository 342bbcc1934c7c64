import { times } from './counts.ts'
import fc from 'fast-check'
import {
  changeoverAnswer,
  changeoverRequestSchema,
  planChangeover,
  STATIONS,
  type ChangeoverRequest,
} from '../src/index.ts'
import { requests } from './setups.ts'
import { thereAndBack } from './thereAndBack.ts'

test('seeded setups, wires and schools: a proved plan or named problems, in sentences of both habits', () => {
  let proved = 0
  fc.assert(
    fc.property(requests, (raw) => {
      const plan = planChangeover(changeoverRequestSchema.parse(raw) as ChangeoverRequest)
      if (!plan.ok) throw new Error(JSON.stringify(plan.problems))
      const { value } = plan
      for (const units of ['metric', 'inch'] as const) {
        const answer = changeoverAnswer(value, units)
        expect(answer.findings.map((f) => f.station)).toEqual([...STATIONS])
        expect(JSON.stringify(answer)).not.toMatch(/undefined|NaN|\[object/)
        // What is said carries the units asked for and no other; what is sent as figures stays metric.
        const said = JSON.stringify([
          answer.findings.map((f) => [f.why, f.consequence, f.alsoDo]),
          answer.steps.map((s) => [s.text, s.hazards]),
          answer.problems,
          answer.notes,
          answer.gather.map((g) => g.part),
        ])
        expect(said).not.toMatch(
          units === 'inch' ? /\d\s(mm|m|L\/min|kg|m\/s)\b(?!²)/ : /\d\s(in(?! the)|ft|cfh|lb|mph)\b/,
        )
      }
      if (value.problems.length > 0) return expect(value.steps).toEqual([])
      proved++
      expect(value.proof).toMatchObject({ holds: true, violations: [] })
      expect(value.steps.reduce((sum, s) => sum + s.minutes, 0)).toBeCloseTo(value.minutes!, 0)
      const hands = value.steps.filter((s) => s.captive)
      expect(hands.some((s) => s.hold)).toBe(false)
    }),
    { numRuns: times(60, 1000), seed: 20261123 },
  )
  expect(proved).toBeGreaterThan(times(15, 300))
})

test.each([3, 11, 27].slice(0, times(1, 3)))(
  'from A to B and back to A the machine ends where it began, seed %i',
  (seed) => {
    let compared = 0
    for (let i = 0; i < times(20, 40); i++) {
      const trip = thereAndBack(seed * 1000 + i)
      if (!trip) continue
      compared++
      expect(trip.back).toEqual(trip.began)
      expect(trip.twice).toEqual(trip.once)
    }
    expect(compared).toBeGreaterThan(times(7, 15))
  },
)
