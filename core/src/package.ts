/**
 * What others build on: a label read, a change planned and proved, a job done step by step, a trouble found, and the
 * shop's file. Plain values in, plain values out; nothing throws for what a user can cause. `README.md` has an example.
 */
import type { z } from 'zod'
import { validate } from './base/check.ts'
import { say } from './base/codes.ts'
import { read, refuse, type Read } from './base/problem.ts'
import { planChangeover, PlanRefused, type Changeover } from './changeover/plan/plan.ts'
import type { Proof } from './changeover/proof/proof.ts'
import { prove as proveSteps } from './changeover/prove.ts'
import type { Settled, SettleWords } from './changeover/stock/settle.ts'
import * as command from './jobs/commands.ts'
import { jobOf, machineNow, nextStep } from './jobs/job.ts'
import { jobRow, kindAsked } from './jobs/kinds.ts'
import type { Machine } from './machine/machine.ts'
import { changeoverRequestSchema } from './machine/request.ts'
import type { Part } from './machine/store.ts'
import type { JobKind, Run } from './record/run.ts'
import type { Step } from './steps/step.ts'
import { findTrouble, type Trouble } from './trouble/find.ts'
import { troubleRequestSchema } from './trouble/request.ts'
import { readLabel } from './wire/label.ts'

export type { Read, Problem } from './base/problem.ts'
export type { Changeover } from './changeover/plan/plan.ts'
export type { Conversion } from './changeover/convert/conversion.ts'
export type { Proof, Violation } from './changeover/proof/proof.ts'
export type { Settled } from './changeover/stock/settle.ts'
export type { StationFinding as Finding } from './stations/index.ts'
export type { Machine } from './machine/machine.ts'
export type { MachineStanding, OpenEnd } from './machine/standing.ts'
export type { ChangeoverRequest } from './machine/request.ts'
export type { Part } from './machine/store.ts'
export type { Run } from './record/run.ts'
export type { Shop, State } from './record/state.ts'
export type { Step } from './steps/step.ts'
export type { Trouble } from './trouble/find.ts'
export type { Wire } from './wire/wire.ts'
export { machineSchema } from './machine/machine.ts'
export { storeSchema } from './machine/store.ts'
export { changeoverRequestSchema } from './machine/request.ts'
export { conversionRequestSchema, cureRequestSchema } from './jobs/kinds.ts'
export { troubleRequestSchema } from './trouble/request.ts'
export { readShopFile, writeShopFile } from './exchange/file.ts'
export { requestFor } from './jobs/request.ts'
export { stateWith } from './exchange/stateWith.ts'
export { emptyState, shopOf } from './record/state.ts'
export { defaultSettings } from './record/defaults.ts'
export { loadWords, type Words } from './wording/index.ts'

/** Reads what a box says. @param label at most 500 letters */
export const decode = (label: string) => readLabel(label)

/** A list that its proof refuses is no list. */
function provedOr<T>(work: () => Read<T>): Read<T> {
  try {
    return work()
  } catch (error) {
    if (error instanceof PlanRefused) return refuse('', say('request.notProved'))
    throw error
  }
}

/** Plans a change of wire, or, where `wire` is left out, puts right what is wrong for the one that is on. */
export function plan(request: unknown): Read<Changeover> {
  const asked = validate(changeoverRequestSchema, request, '')
  if (!asked.ok) return asked
  return provedOr(() => planChangeover(asked.value))
}

/** Executes a plan on the model of the machine, every hazard rule at every step, for every reading of what is unread. */
export const prove = (made: Changeover, steps: readonly Step[] = made.steps): Proof =>
  proveSteps(steps, made.findings, made.context)

/** Looks for what is at fault. */
export function trouble(request: unknown): Read<Trouble> {
  const asked = validate(troubleRequestSchema, request, '')
  return asked.ok ? findTrouble(asked.value) : asked
}

/** A job that has begun: its run, and machine and store as they were when it began. */
export interface Job {
  run: Run
  machine: Machine
  store: readonly Part[]
}
/** What the plan of a job says, whatever kind it is. */
export const stepsOf = ({ run }: Job): readonly Step[] => jobOf(run)?.plan.steps ?? []
/** The step to do now; nothing where all are done. */
export function next({ run }: Job): Step | undefined {
  const job = jobOf(run)
  return job && nextStep(job)
}
/** The machine as the steps done have left it. */
export const now = ({ run, machine }: Job): Machine => machineNow(machine, [run])

const wordsOf = undefined

/**
 * Begins a job: a change of wire or what is put right (a request as for `plan`), work on the machine (`conversion`), or
 * the cure of a trouble (as for `trouble`, and its `cause`).
 * @param at ISO time
 */
export function start(request: unknown, id: string, at: string): Read<Job> {
  return begun(request, kindAsked(request), id, at)
}
type Asked = { machine: Machine; store?: Part[] }
function begun(request: unknown, kind: JobKind, id: string, at: string): Read<Job> {
  const row = jobRow(kind)
  const asked = validate(row.ask as z.ZodType<Asked>, request, '')
  if (!asked.ok) return asked
  const built = provedOr(() => row.build(asked.value))
  if (!built.ok) return built
  const made = built.value
  if (('problems' in made && made.problems.length) || made.steps.length === 0)
    return refuse('', say('job.nothingToDo'))
  const { machine, store = [] } = asked.value
  const run = {
    kind,
    id,
    machineId: machine.id,
    startedAt: at,
    label: '',
    job: {},
    gathered: [],
    done: [],
    ...row.keeps(asked.value),
  } as Run
  const frozen = row.asked(asked.value, made)
  return read({ run: command.begin(run, { plan: made, asked: frozen, at, wordsOf }), machine, store })
}

/**
 * Does a step. Steps are done in their order; where two share the work, each in its own list.
 * @param minutes how long it took, where somebody knows
 */
export function doStep(job: Job, id: string, minutes?: number): Read<Job> {
  const open = jobOf(job.run)
  if (!open) return refuse('', say('job.notUnderWay'))
  const { plan: made, done } = open
  const crew = 'crew' in made ? made.crew : null
  const mayBe = crew
    ? crew.steps.find((s) => s.id === id)?.before.every((b) => done.includes(b)) === true
    : nextStep(open)?.id === id
  if (!mayBe || done.includes(id)) return refuse('step', say('job.notNext', nextStep(open)?.id ?? ''))
  return read({ ...job, run: command.doStep(job.run, id, minutes) })
}
/** Takes the last step back, or the one that is named: that step and nothing else. */
export function undoStep(job: Job, id?: string): Read<Job> {
  const run = command.undoStep(job.run, id)
  return run === job.run ? refuse('step', say('job.notDone')) : read({ ...job, run })
}

/** Breaks a job off: from here on its steps are those that leave the machine safe. */
export function stop(job: Job): Read<Job> {
  const open = jobOf(job.run)
  if (!open || job.run.stopped) return refuse('', say('job.notUnderWay'))
  return provedOr(() => read({ ...job, run: command.stop(job.run) }))
}

/** What a job that is signed off leaves: the run for the log, the machine, and the store with what moved. */
export interface SignedOff extends Settled {
  run: Run
}
/** Signs a job off once all its steps are done. @param at ISO time @param words what a part that came off is labelled with */
export function signOff(job: Job, at: string, words: SettleWords): Read<SignedOff> {
  const open = jobOf(job.run)
  if (!open) return refuse('', say('job.notUnderWay'))
  const left = nextStep(open)
  if (left) return refuse('step', say('job.notNext', left.id))
  const settled = command.settleJob(open, job.machine, job.store, at, words)
  return read({ ...settled, run: command.signOff(open, settled, at) })
}
