import { same } from '../base/same.ts'
import type { Conversion } from '../changeover/convert/conversion.ts'
import { totalMinutes, type Changeover } from '../changeover/plan/plan.ts'
import type { Settled, SettleWords } from '../changeover/stock/settle.ts'
import { FITTED_KEYS, type Fitted } from '../machine/fitted/fitted.ts'
import type { Machine } from '../machine/machine.ts'
import type { ChangeoverRequest } from '../machine/request.ts'
import type { Part } from '../machine/store.ts'
import { keptPlan } from '../record/keptPlan.ts'
import { isRun, type Run, type Stage } from '../record/run.ts'
import type { RunOutcome } from '../record/outcome.ts'
import { outcomeAfter, outcomeOf } from '../record/signOff.ts'
import { isTask, type Step } from '../steps/step.ts'
import { jobOf, type OpenJob } from './job.ts'
import { jobRow } from './kinds.ts'

/**
 * A job changes by these and by nothing else: each takes a run and gives the run as it is then. Times are ISO times,
 * passed in.
 */

const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T
/** Fields of a run that every kind may have and none must. */
type MayLack = 'waits' | 'corrections' | 'times' | 'frozen' | 'planned' | 'swapStartedAt' | 'stopped'
/** A run without some of its fields. */
function without(run: Run, ...keys: MayLack[]): Run {
  const rest = { ...run }
  for (const key of keys) delete rest[key]
  return rest
}
/** Fields that runs of every kind have. */
export type RunChange = Partial<Omit<Run, 'kind' | 'id'>>

/** What a step says, kept with it: somebody may have to read it when its words are no more. */
export type WordsOf = (step: Step) => string
/** Work that begins. */
export interface BeginningWork {
  plan: Changeover | Conversion
  /** What was asked of the planner; its store is not kept. */
  asked: ChangeoverRequest
  at: string
  wordsOf?: WordsOf
}

/** The work begins: from now on the steps stay as they were planned. */
export function begin(run: Run, { plan, asked, at, wordsOf }: BeginningWork, more: RunChange = {}): Run {
  const { store: _store, ...frozen } = plain(asked)
  return {
    ...without(run, 'waits', 'corrections'),
    planned: keptPlan(plan, wordsOf),
    frozen,
    swapStartedAt: at,
    done: [],
    ...more,
  }
}

/** Longest a step is said to have taken, min. */
const MOST_MINUTES = 600
const MOST_TIMES = 500

/**
 * One step is done. From the plug on, the charge runs off while other work is done: its wait is counted from there.
 * @param minutes how long it took, without the walk to it
 * @param at when, ISO time
 * @returns the run unchanged where the step is not in its list, or done already
 */
export function doStep(run: Run, id: string, minutes?: number, at?: string): Run {
  const step = run.planned?.steps.find((s) => s.id === id)
  if (!step || run.done.includes(id)) return run
  const wait = at === undefined || step.task !== 'unplug' ? undefined : waitAfter(run, id)
  return {
    ...run,
    done: [...run.done, id],
    ...(wait && { waits: [...(run.waits ?? []).filter((w) => w.step !== wait), { step: wait, since: at! }] }),
    ...(minutes !== undefined &&
      isTask(step.task) && {
        times: [
          ...(run.times ?? []),
          { step: id, task: step.task, minutes: Math.min(MOST_MINUTES, Math.max(0, minutes)) },
        ].slice(-MOST_TIMES),
      }),
  }
}

/** The wait that a plug pulled begins. */
function waitAfter(run: Run, id: string): string | undefined {
  const steps = run.planned?.steps ?? []
  const from = steps.findIndex((s) => s.id === id)
  return steps.find((s, i) => i > from && s.task === 'waitDischarge')?.id
}

/** Takes one step back, the last one where none is named: that step and nothing else. */
export function undoStep(run: Run, id = run.done.at(-1)): Run {
  const at = id === undefined ? -1 : run.done.indexOf(id)
  if (at < 0) return run
  const done = run.done.filter((d) => d !== id)
  const times = run.times?.filter((t) => t.step !== id)
  // With the plug in again the charge is back. A wait taken back goes on from when the plug came out; its end by hand
  // is not said any more.
  const plug = run.planned?.steps.find((s) => s.id === id)?.task === 'unplug'
  const waits = run.waits
    ?.filter((w) => !plug || done.includes(w.step))
    .map((w) => (w.step === id ? { step: w.step, since: w.since } : w))
  const corrections = run.corrections?.map((c) => (c.before > at ? { ...c, before: c.before - 1 } : c))
  return {
    ...without(run, 'times', 'waits', 'corrections'),
    done,
    ...(times?.length && { times }),
    ...(waits?.length && { waits }),
    ...(corrections?.length && { corrections }),
  }
}

/** Where two setups say something else. */
const differing = (now: Fitted, seen: Fitted): (keyof Fitted)[] =>
  FITTED_KEYS.filter((key) => !same(now[key], seen[key]))

/** A setup with what was seen of the machine laid over it, and nothing else of how it stood. @param now as it stood */
export const withSeen = (fitted: Fitted, now: Fitted, seen: Fitted): Fitted => ({
  ...fitted,
  ...Object.fromEntries(differing(now, seen).map((key) => [key, seen[key]])),
})

/**
 * What somebody saw of the machine in the middle of its job.
 * @param now the machine as it stood, and as it was written down instead
 */
export function correct(run: Run, now: Fitted, seen: Fitted, id: string): Run {
  const changed = differing(now, seen)
  if (changed.length === 0) return run
  const known = changed.filter((key) => seen[key] !== undefined)
  const unread = changed.filter((key) => seen[key] === undefined)
  return {
    ...run,
    corrections: [
      ...(run.corrections ?? []),
      {
        id,
        before: run.done.length,
        fitted: plain(Object.fromEntries(known.map((key) => [key, seen[key]]))) as Fitted,
        ...(unread.length && { unread }),
      },
    ],
  }
}

/** What was done, then the steps that leave the machine safe. @throws PlanRefused when no safe end can be proved */
export const stoppedPlan = ({ kind, plan, done }: OpenJob) => jobRow(kind).stop(plan, done)

/** @throws PlanRefused when no safe end can be proved; RangeError for a run that has not begun, or cannot be stopped */
export function stop(run: Run, wordsOf?: WordsOf): Run {
  const job = jobOf(run)
  if (!job || run.stopped) throw new RangeError('nothing to break off')
  return { ...run, planned: keptPlan(stoppedPlan(job), wordsOf), stopped: true, stage: 'swap' }
}

/** The list is dropped: what comes of the run is decided anew. */
export const dropList = (run: Run, stage: Stage = run.stage): Run => ({
  ...without(run, 'frozen', 'planned', 'swapStartedAt', 'waits', 'corrections', 'stopped'),
  done: [],
  stage,
})

/** What a job has made of its machine and the store so far; done to its end or not. */
export function settleJob(
  job: OpenJob,
  machine: Machine,
  store: readonly Part[],
  at: string,
  words: SettleWords,
): Settled {
  const { kind, plan, done, corrections, run } = job
  return jobRow(kind).settle(plan, { machine, store, at, words, done, corrections, run })
}

/** A job signed off: the run as the log keeps it. @param settled what it made of the shop */
export function signOff(job: OpenJob, settled: Settled, at: string): Run {
  const { run } = job
  // A clock set back meanwhile tells nothing: then no time is written.
  const minutesTaken =
    run.swapStartedAt === undefined
      ? undefined
      : Math.min(
          100_000,
          Math.max(0, Math.round((Date.parse(at) - Date.parse(run.swapStartedAt)) / 6000) / 10),
        )
  // A cure done to its end was of what had been found; one that was broken off cured nothing.
  const cause = isRun(run, 'cure') && !run.stopped ? run.trouble.curing : undefined
  const troubles = cause && [{ cause, minutes: minutesTaken ?? 0 }]
  return {
    ...without(run, 'frozen', 'planned', 'corrections'),
    ...(isRun(run, 'cure') && troubles && { trouble: { ...run.trouble, cured: true, helped: troubles } }),
    outcome: { ...outcomeOf(run, job.plan, settled), ...(troubles && { troubles }) },
    signedOffAt: at,
    ...(minutesTaken !== undefined && {
      minutesTaken,
      minutesPlanned: Math.min(100_000, totalMinutes(job.plan.steps)),
    }),
  }
}

/** The list of a cure is done to its end: whether it helped is to be seen. @param settled what it made of the shop */
export function cureDone(job: OpenJob, settled: Settled): Run {
  const { run, plan } = job
  if (!isRun(run, 'cure')) throw new RangeError('no cure')
  const work = outcomeAfter(run.trouble.work, outcomeOf(run, plan, settled))
  return { ...run, trouble: { ...run.trouble, cured: true, work } }
}

/**
 * A trouble that is over, as the log keeps it: its causes, and what their cures made of the shop.
 * @param machine as it stands, where no cure was work on it
 * @param label what was at fault
 */
export function endTrouble(
  run: Run,
  machine: Pick<Machine, 'name' | 'fitted'>,
  label: string,
  at: string,
): Run {
  if (!isRun(run, 'cure')) throw new RangeError('no trouble')
  const { curing: _curing, cured: _cured, work, ...trouble } = run.trouble
  const { helped = [] } = trouble
  const outcome: RunOutcome = {
    machine: machine.name.slice(0, 100),
    before: machine.fitted,
    end: machine.fitted,
    findings: [],
    used: [],
    returned: [],
    scrapped: [],
    ...work,
    minutes: run.times ?? [],
    ...(helped.length && { troubles: helped }),
  }
  return { ...(dropList(run) as Run<'cure'>), trouble, outcome: plain(outcome), label, signedOffAt: at }
}
