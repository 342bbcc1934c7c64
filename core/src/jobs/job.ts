import type { Conversion } from '../changeover/convert/conversion.ts'
import { machineAfter, type Correction, type Folded } from '../changeover/fold/fold.ts'
import type { Changeover } from '../changeover/plan/plan.ts'
import { same } from '../base/same.ts'
import { fittedKey } from '../machine/assumed.ts'
import type { Machine } from '../machine/machine.ts'
import { STATIONS } from '../machine/stations.ts'
import { isPlanCurrent } from '../record/keptPlan.ts'
import { isRun, type Run } from '../record/run.ts'
import { jobRow } from './kinds.ts'

/** A job that has begun: its steps, those of them that are done, and what was put right by hand since. */
export type OpenJob = {
  run: Run
  done: readonly string[]
  corrections: readonly Correction[]
} & ({ kind: 'change' | 'put-right' | 'cure'; plan: Changeover } | { kind: 'convert'; plan: Conversion })

/** The job of a run that has begun and is not signed off. */
export function jobOf(run: Run): OpenJob | undefined {
  if (run.signedOffAt !== undefined || !run.planned || !run.frozen) return undefined
  // A cure that was done has been written down.
  if (isRun(run, 'cure') && (run.trouble.cured || !run.trouble.curing)) return undefined
  const { kind } = run
  const plan = jobRow(kind).opened(run.planned)
  return { run, done: run.done, corrections: run.corrections ?? [], kind, plan } as OpenJob
}

/** What a job's steps do to its machine, to be folded over it. */
export const foldsOf = ({ kind, plan }: OpenJob): Folded => jobRow(kind).folds(plan)

/** The next step of a job; nothing where all are done. */
export const nextStep = ({ plan, done }: OpenJob) => plan.steps.find((s) => !done.includes(s.id))

/**
 * Jobs that have begun on a machine, the oldest first. There is one; two devices that did not know of each other may
 * have begun one each. A cure in the middle of a change is that change's own.
 */
export const jobsAt = (runs: readonly Run[], machineId: string): OpenJob[] =>
  runs
    .filter((run) => run.machineId === machineId)
    .flatMap((run) => jobOf(run) ?? [])
    .filter(({ run }) => {
      const from = isRun(run, 'cure') ? run.trouble.from : undefined
      return !from || !runs.some((r) => r.id === from && jobOf(r))
    })
    .sort(
      (a, b) =>
        (a.run.swapStartedAt ?? a.run.startedAt).localeCompare(b.run.swapStartedAt ?? b.run.startedAt) ||
        (a.run.id < b.run.id ? -1 : 1),
    )

/** How far a job is: what it has changed, and at which stations it still has work. @param before the machine as it began */
export function progressOf(job: OpenJob, before: Machine, now: Machine) {
  const at = job.plan.steps.findIndex((s) => !job.done.includes(s.id))
  const left = job.plan.steps.filter((s) => !job.done.includes(s.id))
  return {
    /** Number of the next step, from 1; one more than there are where all are done. */
    step: at < 0 ? job.plan.steps.length + 1 : at + 1,
    of: job.plan.steps.length,
    changed: STATIONS.filter(
      (s) => s !== 'supply' && !same(before.fitted[fittedKey(s)], now.fitted[fittedKey(s)]),
    ),
    todo: STATIONS.filter((station) => left.some((s) => s.station === station)),
  }
}

/** A machine as it stands now: as it was written down, with the steps done since folded over it. */
export function machineNow(machine: Machine, runs: readonly Run[]): Machine {
  const [job] = jobsAt(runs, machine.id)
  if (!job) return machine
  try {
    return machineAfter(machine, foldsOf(job), job.done, job.corrections)
  } catch (error) {
    // A plan of an earlier version may set what is no more: then the machine is as it was last written down.
    if (isPlanCurrent(job.run.planned!)) throw error
    return machine
  }
}
