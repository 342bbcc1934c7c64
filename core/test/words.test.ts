/** What a step says: each thing once, nothing against itself, every reason its own. */
import fc from 'fast-check'
import {
  changeoverRequestSchema,
  findingWhy,
  planChangeover,
  stepHazards,
  stepHow,
  stepReason,
  stepTitle,
  type ChangeoverRequest,
  type Task,
  type UnitSystem,
} from '../src/index.ts'
import { times } from './counts.ts'
import { saidTwice } from './saidOnce.ts'
import { requests } from './setups.ts'

test('the finder of repetitions finds them: said twice, one matter twice, slow and fast', () => {
  expect(saidTwice(['Clamp off.', 'Feed slowly all the way.', 'The clamp is off now.'])).toHaveLength(1)
  expect(saidTwice(['Look at it.', 'Look at it.'])).toEqual(['twice: look at it'])
  expect(saidTwice(['Feed slowly all the way. Full speed.'])).toEqual(['slow and fast'])
  expect(saidTwice(['Shut the cylinder valve.', 'Stand aside.'])).toEqual([])
})

test('over all steps of seeded plans nothing is said twice, and what was not read is no reason', () => {
  const tried = new Set<Task>()
  const wrong = new Set<string>()
  let n = 0
  for (const raw of fc.sample(requests, { numRuns: times(80, 5000), seed: 20261126 })) {
    const plan = planChangeover(changeoverRequestSchema.parse(raw) as ChangeoverRequest)
    if (!plan.ok) throw new Error(JSON.stringify(plan.problems))
    const { steps, findings } = plan.value
    const unread = findings.filter((f) => f.verdict === 'unknown').map((f) => findingWhy(f, 'metric'))
    // Inches by turns: the sentences are the same, their figures are not.
    const units = (n++ % 2 ? 'metric' : 'inch') as UnitSystem
    for (const step of steps) {
      const reason = stepReason(step, findings, units)
      const parts = [stepTitle(step, units), ...stepHazards(step), stepHow(step, units), reason]
      for (const what of saidTwice(parts)) wrong.add(`${step.task}: ${what}`)
      if (unread.includes(reason)) wrong.add(`${step.task}: ${reason}`)
      // An inch figure is a rule's or a gauge's, never three digits of what is held by eye.
      if (/(about|to|–) ?\.\d{3} in/.test(parts.join(' '))) wrong.add(`${step.task}: ${parts.join(' ')}`)
      tried.add(step.task)
    }
  }
  expect([...wrong]).toEqual([])
  expect(tried.size).toBeGreaterThan(60)
})

test('each step at the cylinder has a reason of its own', () => {
  const said = new Map<string, Set<Task>>()
  for (const raw of fc.sample(requests, { numRuns: times(100, 1000), seed: 7 })) {
    const plan = planChangeover(changeoverRequestSchema.parse(raw) as ChangeoverRequest)
    if (!plan.ok) continue
    for (const step of plan.value.steps.filter((s) => s.place === 'cylinder')) {
      const reason = stepReason(step, plan.value.findings, 'metric')
      if (!reason) continue
      const tasks = said.get(reason) ?? new Set()
      said.set(reason, tasks.add(step.task))
    }
  }
  expect([...said.values()].filter((tasks) => tasks.size > 1)).toEqual([])
  expect(said.size).toBeGreaterThan(6)
})
