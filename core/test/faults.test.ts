import {
  alike,
  changeoverAnswer,
  groovesOf,
  machineSchema,
  partSchema,
  planChangeover,
  changeoverRequestSchema,
  rollsAsSent,
} from '../src/index.ts'
import { finding, machine, plan, tasks } from './bench.ts'

const also = (of: ReturnType<typeof plan>, station: Parameters<typeof finding>[1]) => {
  const f = finding(of, station)
  return [f.rule, ...(f.also ?? []).map((fault) => fault.rule)]
}

// common practice, no source: each fault of a station is its own, and each wants its own hand.
describe('every fault of a station is said, the worst first, and all are mended', () => {
  test('cables on the wrong side, loose, and a worn clamp', () => {
    const of = plan({
      label: 'E71T-11 .035',
      fitted: { conditions: { studs: 'loose', workClamp: 'worn' } },
      set: { polarityChange: 'switch' },
    })
    expect(also(of, 'polarity')).toEqual(['polarity-gun-negative', 'work-clamp-worn', 'studs-loose'])
    for (const task of ['turnSwitch', 'tightenStuds', 'clampMend'] as const) expect(tasks(of)).toContain(task)
    expect(of.gather.map((line) => line.kind)).toContain('workClamp')
  })
  test('a worn work clamp is replaced, a dirty one filed', () => {
    const words = (workClamp: string) => {
      const answer = changeoverAnswer(plan({ label: 'ER70S-6 0.9', fitted: { conditions: { workClamp } } }))
      return answer.steps.find((s) => s.task === 'clampMend')!.text
    }
    expect(words('worn')).toMatch(/^Replace the work clamp/)
    expect(words('dirty')).toMatch(/^File the jaws/)
  })
  test('no earth pin, a small circuit and a thin cord: one step names all three', () => {
    const of = plan({
      label: 'ER70S-6 0.9',
      fitted: { conditions: { earthPin: 'missing' } },
      set: { supply: { voltageV: 120, phases: 1, breakerA: 15, cordLengthM: 15, cordMm2: 1.5 } },
    })
    expect(also(of, 'supply')).toEqual(['earth-pin-missing', 'circuit-too-small', 'cord-too-thin'])
    const step = changeoverAnswer(of).steps.find((s) => s.task === 'supplyFix')!.text
    for (const part of ['earth pin', 'circuit of at least 20 A', 'mm²']) expect(step).toContain(part)
  })
  test('a breaker nobody read is not written down as mended, and a thin cord is', () => {
    const of = plan({
      label: 'ER70S-6 0.9',
      set: { supply: { voltageV: 120, phases: 1, cordLengthM: 15, cordMm2: 1.5 } },
    })
    expect(also(of, 'supply')).toEqual(['cord-too-thin', 'supply-not-read'])
    expect(finding(of, 'supply').after.supply?.breakerA).toBeUndefined()
    expect(tasks(of)).toContain('supplyFix')
  })
  test('wrong grooves that are packed too, and knotted wire', () => {
    const of = plan({
      label: 'ER70S-6 0.9',
      fitted: {
        driveRolls: { profile: 'smooth-v', grooves: ['0.8', '0.9'], active: '0.8', condition: 'dirty' },
        conditions: { birdnest: true },
      },
    })
    expect(also(of, 'driveRolls')).toEqual(['other-groove-active', 'grooves-dirty', 'birdnest-at-rolls'])
    for (const task of ['rollsTurn', 'rollsClean', 'clearTangle'] as const) expect(tasks(of)).toContain(task)
  })
  test('the answer carries them with their words', () => {
    const { findings } = changeoverAnswer(
      plan({ label: 'ER70S-6 0.9', fitted: { contactTip: { stamp: '1.2', condition: 'worn' } } }),
    )
    const tip = findings.find((f) => f.station === 'contactTip')!
    expect(tip.also).toEqual([
      { rule: 'tip-worn', verdict: 'change', why: expect.any(String), consequence: expect.any(String) },
    ])
  })
})

const mixed = {
  grooves: [
    { size: '0.9', profile: 'smooth-v' },
    { size: '0.9', profile: 'knurled-v' },
  ],
  active: { size: '0.9', profile: 'smooth-v' },
}

// common practice, no source: rolls are sold with a V on one side and a knurl on the other.
describe('grooves with a profile of their own', () => {
  test('cored wire on a roll with a knurl on its other side: a flip, not a purchase', () => {
    const of = plan({ label: 'E71T-11 .035', fitted: { driveRolls: mixed }, store: [] })
    const rolls = finding(of, 'driveRolls')
    expect([rolls.verdict, rolls.rule, rolls.parts]).toEqual(['adjust', 'other-groove-active', []])
    expect(rolls.after.driveRolls).toMatchObject({ profile: 'knurled-v', activeProfile: 'knurled-v' })
    expect(tasks(of)).toContain('rollsTurn')
  })
  test('the side that is worn does not serve', () => {
    const worn = { ...mixed, grooves: [mixed.grooves[0]!, { ...mixed.grooves[1]!, condition: 'worn' }] }
    const of = plan({ label: 'E71T-11 .035', fitted: { driveRolls: worn }, store: [] })
    expect(finding(of, 'driveRolls')).toMatchObject({ verdict: 'change', rule: 'rolls-worn' })
  })
  test('rolls that lay in the store dirty are brushed when they are on', () => {
    const store = [
      partSchema.parse({ kind: 'driveRolls', profile: 'knurled-v', grooves: ['0.9'], condition: 'dirty' }),
    ]
    const of = plan({ label: 'E71T-11 .035', store })
    expect(finding(of, 'driveRolls').parts[0]!.storeIndex).toBe(0)
    expect(tasks(of).filter((task) => task.startsWith('rolls'))).toEqual(['rollsChange', 'rollsClean'])
  })
  test('two rolls alike but for how they are turned are one line of the store', () => {
    const [a, b] = ['smooth-v', 'knurled-v'].map((profile) =>
      partSchema.parse({
        kind: 'driveRolls',
        grooves: mixed.grooves,
        active: { size: '0.9', profile },
        count: 1,
      }),
    )
    expect(alike(a!, b!)).toBe(true)
  })
  test('they are sent back as they came', () => {
    const parsed = machineSchema.parse({ id: 'm', name: 'M', fitted: { driveRolls: mixed } }).fitted
      .driveRolls!
    expect(groovesOf(parsed).map((g) => g.profile)).toEqual(['smooth-v', 'knurled-v'])
    expect(rollsAsSent(parsed)).toMatchObject(mixed)
  })
})

// published: ISO 544 spool forms, recalled from memory.
describe('hubs, adapters and drums', () => {
  test.each([
    [
      'S100 on, S300 going on: the adapter comes off',
      { type: 'S100', adapter: true },
      'ER70S-6 0.9 15 kg',
      ['adapterOff'],
    ],
    [
      'S300 on, S100 going on: an adapter goes on',
      { type: 'S300', adapter: false },
      'ER70S-6 0.8 1 kg',
      ['fitAdapter'],
    ],
    ['a basket after a spool', { type: 'S300', adapter: false }, 'ER70S-6 0.9 B300', ['fitAdapter']],
    ['S200 after S300', { type: 'S300', adapter: false }, 'ER70S-6 0.9 5 kg', []],
  ])('%s', (_what, spool, label, wanted) => {
    const of = plan({
      label,
      fitted: { spool: { ...spool, pinEngaged: true } },
      set: { spools: ['S100', 'S200', 'S300', 'B300', 'drum', 'coil'] },
    })
    expect(tasks(of).filter((task) => task === 'adapterOff' || task === 'fitAdapter')).toEqual(wanted)
  })
  test('a drum has cone, hood and conduit, and no brake, pin or retainer', () => {
    const base = machine('gull')
    const request = changeoverRequestSchema.parse({
      machine: { ...base, spools: ['S300', 'drum'] },
      wire: { label: 'ER70S-6 1.2', spool: { type: 'drum', massKg: 250 } },
      job: { material: 'mild-steel', thicknessMm: 6 },
    })
    const of = planChangeover(request)
    if (!of.ok) throw new Error('not planned')
    const { steps, gather, proof } = changeoverAnswer(of.value)
    expect(proof.holds).toBe(true)
    expect(steps.map((s) => s.task)).not.toContain('setBrake')
    expect(steps.find((s) => s.task === 'mountSpool')!.text).toMatch(/hood.*conduit/)
    expect(gather.map((g) => g.part)).toContain('drum cone, hood and conduit')
  })
})
