import {
  problemsOf,
  problemText,
  changeoverRequestSchema,
  gasDesignation,
  middleOfGroup,
  planChangeover,
  settle,
  WIRE_GAS_GROUPS,
} from '../src/index.ts'
import { times } from './counts.ts'
import { changeoverAnswer } from '../src/wording/en/answer.ts'

// published: ISO 14175:2008 Table 2, the groups with limits of their own; recalled from memory
const GROUPS =
  'I1 I2 I3 M11 M12 M13 M14 M20 M21 M22 M23 M24 M25 M26 M27 M31 M32 M33 M34 M35 C1 C2 R1 R2 N1 N2 N3 N4 N5'
const request = (wire: object, fitted: object, store: object[] = []) => ({
  machine: {
    id: 'a',
    name: 'A',
    gasGear: true,
    output: { minA: 30, maxA: 400, dutyPercent: 40, dutyAtA: 200 },
    spools: ['S200', 'S300'],
    fitted,
  },
  wire,
  job: { material: 'mild-steel', thicknessMm: 5 },
  store,
})
const planned = (...[wire, fitted, store]: Parameters<typeof request>) => {
  const plan = planChangeover(changeoverRequestSchema.parse(request(wire, fitted, store)))
  if (!plan.ok) throw new Error(problemText(plan.problems[0]!))
  return plan.value
}

const FITTED = [{}, { gas: null }, { gas: { Ar: 100 } }, { gas: { CO2: 100 } }, { gas: { Ar: 90, O2: 10 } }]

test('the groups a wire may ask for are those of the standard, and each has a mixture inside it', () => {
  expect([...WIRE_GAS_GROUPS].sort()).toEqual(GROUPS.split(' ').sort())
  for (const group of WIRE_GAS_GROUPS)
    expect([group, gasDesignation(middleOfGroup(group)!)]).toEqual([group, group])
  expect(middleOfGroup('Z')).toBeUndefined()
})

describe.each(GROUPS.split(' '))('a wire under %s', (group) => {
  const wires = [
    { label: `ISO 14341-A-G 42 4 ${group} 3Si1 1.0` },
    { label: `ISO 17632-A-T 46 4 P ${group} 1 H5 1.2` },
    { family: 'solid-steel', diameterMm: 1, gas: [group] },
    { family: 'solid-stainless', diameterMm: 1, gas: { designations: [` ${group.toLowerCase()} `] } },
  ]
  // Every group with every gas, every wire with every gas, every group with every wire; all three together in the long bench.
  test.each(FITTED)('is planned and proved with this on: %j', (fitted) => {
    const turn = GROUPS.split(' ').indexOf(group) + FITTED.indexOf(fitted)
    for (const wire of times(1, 4) === 1 ? [wires[turn % wires.length]!] : wires) {
      const { proof, problems } = planned(wire, fitted)
      expect(proof?.holds ?? problems.length > 0).toBe(true)
    }
  })
})

test.each(['M24', 'C2', 'R1', 'M14'])('of %s no mixture is made up: the group is named', (group) => {
  const plan = planned({ family: 'solid-steel', diameterMm: 1, gas: [group] }, { gas: null })
  const answer = changeoverAnswer(plan)
  const said = JSON.stringify([
    answer.findings.map((f) => [f.why, f.consequence]),
    answer.gather.map((g) => g.part),
  ])
  expect(said).toContain(group)
  expect(said).not.toMatch(/\d+(\.\d+)?\/\d+(\.\d+)?/)
  const after = settle(plan, plan.context.machine, [], {}, { cameOff: () => '', newId: () => 'n' })
  // What the cylinder holds is read next time.
  expect(after.machine.fitted.gas).toBeUndefined()
})

test('a cylinder of the group in the store is the one that goes on, and is remembered', () => {
  const gas = { Ar: 86, CO2: 12, O2: 2 }
  const store = [{ kind: 'cylinder', gas, count: 1 }]
  const plan = planned({ family: 'solid-steel', diameterMm: 1, gas: ['M24'] }, { gas: null }, store)
  const after = settle(
    plan,
    plan.context.machine,
    plan.context.store!,
    {},
    { cameOff: () => '', newId: () => 'n' },
  )
  expect(after.machine.fitted.gas).toEqual(gas)
})

test.each(['Z', 'O1', 'DCEN', 'argon', '', '1'])(
  '“%s” is no gas group and is refused with its path',
  (text) => {
    const result = changeoverRequestSchema.safeParse(
      request({ family: 'solid-steel', diameterMm: 1, gas: ['M21', text] }, {}),
    )
    expect(result.error!.issues[0]!.path).toEqual(['wire', 'gas', 1])
    expect(problemText(problemsOf(result.error!)[0]!)).toContain('no gas group of ISO 14175')
  },
)
