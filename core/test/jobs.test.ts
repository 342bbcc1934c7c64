import {
  entriesOf,
  fieldsOf,
  isPlanCurrent,
  jobOf,
  jobsAt,
  keptPlan,
  keptPlanSchema,
  machineNow,
  planConversion,
  planKept,
  progressOf,
  runWith,
  stepTitle,
  DEFAULT_PRACTICE,
  type KeptPlan,
  type Run,
} from '../src/index.ts'
import type { Read } from '../src/base/problem.ts'
import * as command from '../src/jobs/commands.ts'
import { doStep, next, signOff, start, stop } from '../src/package.ts'
import { machine, plan, shop } from './bench.ts'
import { dice } from './otherSetups.ts'

const AT = '2026-11-30T08:00:00.000Z'
const gull = machine('gull')
const made = plan({ on: 'gull', label: 'ER5356 1.2' })
const bare = (more: Partial<Run<'change'>> = {}): Run => ({
  kind: 'change',
  id: 'r',
  machineId: 'gull',
  startedAt: AT,
  stage: 'swap',
  label: 'ER5356 1.2',
  job: {},
  gathered: [],
  done: [],
  ...more,
})
const working = (conversion: Run<'convert'>['conversion']): Run => ({
  ...bare(),
  kind: 'convert',
  conversion,
})
const begun = (more: Partial<Run<'change'>> = {}) =>
  command.begin(bare(more), { plan: made, asked: { machine: gull, store: shop.store }, at: AT })
const upTo = (run: Run, task: string): Run =>
  made.steps
    .slice(0, made.steps.findIndex((s) => s.task === task) + 1)
    .reduce((r, s) => command.doStep(r, s.id), run)
const now = (run: Run) => machineNow(gull, [run])
/** As it is kept and read again. */
const again = (run: Run): Run => {
  let n = 0
  return runWith(
    fieldsOf(run),
    entriesOf(run, new Map(), 1000, () => `t${++n}`),
    run.planned,
  )
}

test('a step is done once, and only one of the list', () => {
  const run = begun()
  expect(command.doStep(run, 'weldTheMoon')).toBe(run)
  const one = command.doStep(run, made.steps[0]!.id, 2)
  expect(one.times).toEqual([{ step: made.steps[0]!.id, task: made.steps[0]!.task, minutes: 2 }])
  expect(command.doStep(one, made.steps[0]!.id)).toBe(one)
  expect(command.undoStep(one)).toEqual(run)
})

test('a step taken back after the machine was corrected takes back that step and nothing else, kept and read again', () => {
  const d = dice(5)
  const seen = { material: 'ptfe' as const, minMm: 1, maxMm: 1.2, lengthM: 3, condition: 'kinked' as const }
  for (let tried = 0; tried < 60; tried++) {
    const before = made.steps.slice(0, 1 + d.below(made.steps.length - 2))
    const at = before.reduce((run, s) => command.doStep(run, s.id), begun())
    const corrected = command.correct(
      at,
      now(at).fitted,
      { ...now(at).fitted, liner: seen, nozzle: undefined },
      'c',
    )
    expect(now(corrected).fitted).toMatchObject({ liner: seen })
    expect(now(corrected).fitted.nozzle).toBeUndefined()
    const next = made.steps[before.length]!.id
    const further = command.doStep(corrected, next)
    // Steps of no consequence for what was seen: that step is taken back, and what was seen stays.
    expect(now(command.undoStep(further, next))).toEqual(now(corrected))
    const gone = d.of(before).id
    const back = command.undoStep(further, gone)
    expect(back.done).toEqual(further.done.filter((id) => id !== gone))
    expect(now(again(back))).toEqual(now(back))
    expect(now(again(further))).toEqual(now(further))
  }
})

test('of two jobs begun on one machine both are known, the first first; a signed-off one is none', () => {
  const other = { ...begun(), id: 'q', swapStartedAt: '2026-11-30T07:00:00.000Z' }
  expect(jobsAt([begun(), other], 'gull').map((j) => j.run.id)).toEqual(['q', 'r'])
  expect(jobsAt([{ ...begun(), signedOffAt: AT }], 'gull')).toEqual([])
  // A cure in the middle of the change is the change's own.
  const cure = {
    ...begun(),
    id: 'c',
    kind: 'cure' as const,
    trouble: { told: { symptoms: [] }, from: 'r', curing: 'tip-worn' as const },
  }
  expect(jobsAt([begun(), cure], 'gull').map((j) => j.run.id)).toEqual(['r'])
})

test('how far it is: what is changed, and where there is still work', () => {
  const run = upTo(begun(), 'rollsChange')
  const { step, of, changed, todo } = progressOf(jobOf(run)!, gull, now(run))
  expect([step, of]).toEqual([run.done.length + 1, made.steps.length])
  expect(changed).toContain('driveRolls')
  expect(todo).toContain('contactTip')
  expect(todo).not.toContain('driveRolls')
})

test('stopped, signed off and begun again: commands alone, and no step is lost', () => {
  const stopped = command.stop(upTo(begun(), 'mountSpool'))
  expect(() => command.stop(stopped)).toThrow(RangeError)
  const all = stopped.planned!.steps.reduce((run, s) => command.doStep(run, s.id), stopped)
  let n = 0
  const settled = command.settleJob(jobOf(all)!, gull, shop.store, AT, {
    cameOff: () => '',
    newId: () => `${++n}`,
  })
  expect(settled.machine.standing?.openEnds).toContain('tagged')
  const signed = command.signOff(jobOf(all)!, settled, '2026-11-30T09:00:00.000Z')
  expect(signed).toMatchObject({ minutesTaken: 60, outcome: { stopped: true } })
  expect([signed.planned, signed.frozen]).toEqual([undefined, undefined])
})

describe('a kept plan', () => {
  const words = (step: Parameters<typeof stepTitle>[0]) => stepTitle(step, 'metric')
  const kept = keptPlan(made, words)
  test('is the plan it was, and smaller for what its steps share', () => {
    expect(JSON.parse(JSON.stringify(planKept(kept).steps))).toEqual(
      JSON.parse(JSON.stringify(made.steps)).map((s: object, i: number) => ({
        ...s,
        words: words(made.steps[i]!),
      })),
    )
    const first = JSON.stringify({ ...made, context: { ...made.context, store: [] } }).length
    expect(JSON.stringify(kept).length).toBeLessThan(0.8 * first)
    expect(keptPlanSchema.safeParse(kept).success).toBe(true)
  })
  test.each<[string, (raw: KeptPlan) => void]>([
    ['a rule', (raw) => (raw.findings[3]!.rule = 'rolls-of-yesterday')],
    ['a rule in a step', (raw) => (raw.steps[9]!.facts = { ...raw.steps[9]!.facts, rule: 'no-more' })],
    ['a task', (raw) => (raw.steps[4]!.task = 'blessTheMachine')],
    ['a station', (raw) => (raw.findings[2]!.station = 'whistle')],
    ['a version to come', (raw) => (raw.planVersion = 99)],
  ])(
    'that names %s that is no more passes its schema, is not gone on with, and harms nothing',
    (_what, spoil) => {
      const raw = JSON.parse(JSON.stringify(kept)) as KeptPlan
      spoil(raw)
      expect(keptPlanSchema.safeParse(raw).success).toBe(true)
      expect(isPlanCurrent(raw)).toBe(false)
      expect(isPlanCurrent(kept)).toBe(true)
      const run = { ...upTo(begun(), 'rollsChange'), planned: raw }
      expect(now(run).id).toBe('gull')
      expect(raw.steps.every((s) => s.words)).toBe(true)
    },
  )
  test('of version 1 opens: facts with every step, and work on the machine without what it sets', () => {
    const old = JSON.parse(JSON.stringify(made)) as KeptPlan
    expect(keptPlanSchema.safeParse(old).success).toBe(true)
    expect(isPlanCurrent(old)).toBe(true)
    expect(now({ ...upTo(begun(), 'rollsChange'), planned: old })).toEqual(now(upTo(begun(), 'rollsChange')))
    const work = planConversion(gull, 'fit-gun', { kind: 'push-pull' }, shop.store, DEFAULT_PRACTICE)
    const { sets: _sets, ...first } = JSON.parse(JSON.stringify(work)) as KeptPlan & { sets: unknown }
    const run = (planned: KeptPlan) => ({
      ...working('fit-gun'),
      planned,
      frozen: { machine: gull },
      done: work.steps.map((s) => s.id),
    })
    expect(now(run(first as KeptPlan))).toEqual(now(run(keptPlan(work))))
    expect(now(run(keptPlan(work))).fitted.gun).toMatchObject({ kind: 'push-pull' })
  })
})

test('what is read goes into what a job began with, and nothing of what its first steps have done', () => {
  const shut = now(upTo(begun(), 'shutCylinder')).fitted
  expect(shut.gasFlowLPerMin).toBe(0)
  const seen = { ...shut, contactTip: { stamp: '1.2' }, nozzle: undefined }
  const { nozzle: _nozzle, ...rest } = gull.fitted
  expect(command.withSeen(gull.fitted, shut, seen)).toEqual({ ...rest, contactTip: { stamp: '1.2' } })
})

test('what was seen while the machine itself was worked on is kept at its sign-off', () => {
  const work = planConversion(gull, 'to-gasless', undefined, shop.store, DEFAULT_PRACTICE)
  const at = command.begin(working('to-gasless'), {
    plan: work,
    asked: { machine: gull },
    at: AT,
  })
  const corrected = command.correct(at, gull.fitted, { ...gull.fitted, hubBrake: 'loose' }, 'c')
  const all = work.steps.reduce((run, s) => command.doStep(run, s.id), corrected)
  const words = { cameOff: () => '', newId: () => 'n' }
  const { machine: after } = command.settleJob(jobOf(all)!, gull, shop.store, AT, words)
  expect(after.fitted.hubBrake).toBe('loose')
})

test('the cure of a trouble, asked as data: done to its end it is in the log, broken off it is not', () => {
  const asked = {
    machine: machine('gull'),
    symptoms: ['burnback'],
    cause: 'tip-worn',
    store: shop.store,
  }
  let n = 0
  const labels = { cameOff: (name: string) => name, newId: () => `part-${++n}` }
  const ended = (stopAt?: number) => {
    let job = taken(start(asked, 'cure-1', '2026-11-30T08:00:00Z'))
    for (let i = 0; next(job); i++) {
      if (i === stopAt) job = taken(stop(job))
      job = taken(doStep(job, next(job)!.id))
    }
    return taken(signOff(job, '2026-11-30T08:30:00Z', labels))
  }
  const done = ended()
  expect(done.run.outcome!.troubles).toEqual([{ cause: 'tip-worn', minutes: 30 }])
  expect(done.used.map((p) => p.kind)).toContain('contactTip')
  expect(done.machine.fitted.contactTip).not.toHaveProperty('condition', 'worn')
  expect(done.machine.standing?.openEnds ?? []).not.toContain('tagged')
  const stopped = ended(3)
  expect(stopped.run.outcome!.troubles).toBeUndefined()
  expect(stopped.machine.standing!.openEnds).toContain('tagged')
})
const taken = <T>(given: Read<T>): T => {
  if (!given.ok) throw new RangeError(JSON.stringify(given.problems))
  return given.value
}
