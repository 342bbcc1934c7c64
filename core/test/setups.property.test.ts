import { times } from './counts.ts'
import {
  changeoverRequestSchema,
  planChangeover,
  planConversion,
  putInStore,
  SCHOOL_IDS,
  schoolOptions,
  DEFAULT_PRACTICE,
  CONVERSIONS,
  canConvert,
  machineSchema,
  type Part,
} from '../src/index.ts'
import { runs } from './conserved.ts'
import { otherSetup } from './otherSetups.ts'

const schools = Object.fromEntries(SCHOOL_IDS.map((id) => [id, schoolOptions(id)]))

test('no valid setup is refused by its proof: another generator, some of them for two', () => {
  let proved = 0
  const most = times(90, 1000)
  for (let seed = 1; seed <= most; seed++) {
    const raw = otherSetup(seed, schools) as { practice: object }
    const people = seed % 40 === 0 ? 2 : 1
    const request = changeoverRequestSchema.parse({ ...raw, practice: { ...raw.practice, people } })
    const plan = planChangeover(request)
    if (!plan.ok) throw new Error(`${seed}: ${JSON.stringify(plan.problems)}`)
    if (plan.value.problems.length) continue
    proved++
    const { crew } = plan.value
    if (crew) expect(crew.atLeast).toBeLessThanOrEqual(crew.minutes)
    if (crew && !crew.exact) expect(crew.atLeast).toBeGreaterThan(0)
  }
  expect(proved).toBeGreaterThan(most / 2)
})

test('parts are conserved over runs of changes, conversions and ways back', () => {
  let acts = 0
  for (let seed = 1; seed <= times(9, 200); seed++)
    for (const { what, lost, conjured } of runs(seed)) {
      acts++
      expect([what, lost, Math.max(0, conjured)]).toEqual([what, [], 0])
    }
  expect(acts).toBeGreaterThan(times(24, 500))
})

test('every machine that may be converted is, a knot at the rolls or not', () => {
  for (let seed = 1; seed <= 120; seed++) {
    const { machine } = otherSetup(seed) as { machine: { fitted: object } }
    const knotted = machineSchema.parse({
      ...machine,
      fitted: { ...machine.fitted, conditions: { birdnest: true } },
    })
    for (const kind of CONVERSIONS) {
      if (!canConvert(knotted, kind)) continue
      const plan = planConversion(knotted, kind, undefined, undefined, DEFAULT_PRACTICE)
      expect(plan.proof.holds).toBe(true)
      expect(plan.steps.map((s) => s.task)).toContain('clearTangle')
      expect(plan.after.fitted.conditions?.birdnest).toBe(false)
    }
  }
})

test.each<[string, object, object, boolean]>([
  [
    'a tip that came back',
    { stamp: '0.9', count: 2, drawer: '3' },
    { stamp: '0.9', condition: 'good', aluminiumBore: false, note: 'off Gull' },
    true,
  ],
  ['a worn tip', { stamp: '0.9' }, { stamp: '0.9', condition: 'worn' }, false],
  ['another stamp', { stamp: '0.9' }, { stamp: '.035' }, false],
])('%s goes to its line where it is the same', (_what, there, back, same) => {
  const tip = (said: object) => ({ kind: 'contactTip', count: 1, ...said }) as Part
  const store = putInStore([{ ...tip(there), id: 'a' }], tip(back), () => 'b')
  expect(store).toHaveLength(same ? 1 : 2)
  if (same) expect(store[0]).toMatchObject({ id: 'a', drawer: '3', count: 3 })
})
