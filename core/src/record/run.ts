import { z } from 'zod'
import { trySchema } from '../arc/tries.ts'
import { CONVERSIONS } from '../steps/conversions.ts'
import { STATIONS, USE_STATIONS } from '../machine/stations.ts'
import { UPKEEP } from '../machine/upkeep.ts'
import { changeoverRequestSchema, jobSchema } from '../machine/request.ts'
import { conditionSchema } from '../machine/fitted/common.ts'
import { FITTED_KEYS, fittedSchema } from '../machine/fitted/fitted.ts'
import { gunSchema } from '../machine/fitted/gun.ts'
import { wireInputSchema } from '../machine/fitted/wire.ts'
import { practiceOverridesSchema } from '../practice/practice.ts'
import { outcomeSchema } from './outcome.ts'
import { keptPlanSchema } from './keptPlan.ts'
import { stepTimeSchema } from './stepTime.ts'
import { troubleKeptSchema } from './trouble.ts'

/** Letters of a run’s note: what two wrote without seeing each other stands one under the other. */
export const MOST_NOTE = 20_000
export const STAGES = ['decide', 'match', 'gather', 'swap', 'feed', 'dial-in', 'sign-off'] as const
/** Outcomes of a pressure test. */
export const PRESSURE_RESULTS = ['right', 'slips', 'too-tight', 'marks-wire'] as const
export type PressureResult = (typeof PRESSURE_RESULTS)[number]

export type Stage = (typeof STAGES)[number]

/** What was seen and written down in the middle of a job; `unread`: what is not known any more. */
export const correctionSchema = z.object({
  id: z.string().min(1).max(100),
  before: z.number().int().min(0).max(1000),
  fitted: fittedSchema,
  unread: z.array(z.enum(FITTED_KEYS)).max(50).optional(),
})

/** What every job keeps between two touches, whatever kind it is. */
const everyRun = {
  id: z.string().min(1).max(100),
  machineId: z.string().min(1).max(100),
  startedAt: z.iso.datetime(),
  stage: z.enum(STAGES),
  /** The wire it is for, as it was typed, read or not; empty where nobody typed one. */
  label: z.string().max(500),
  job: jobSchema.partial(),
  /** What this job does otherwise than the shop. */
  practice: practiceOverridesSchema.optional(),
  /** Broken off before its end. */
  stopped: z.boolean().optional(),
  /** Upkeep done while the machine is open. */
  upkeep: z.array(z.enum(UPKEEP)).max(10).optional(),
  /** Lines of the gather list that were ticked. */
  gathered: z.array(z.string().max(200)).max(200),
  /** What was asked when the run sheet began. */
  frozen: changeoverRequestSchema.optional(),
  /** What was planned then: from then on the steps stay as they are. */
  planned: keptPlanSchema.optional(),
  swapStartedAt: z.iso.datetime().optional(),
  /** Steps that wait: since when, and why one was ended by hand. */
  waits: z
    .array(
      z.object({
        step: z.string().max(100),
        since: z.iso.datetime(),
        reason: z.string().max(200).optional(),
      }),
    )
    .max(50)
    .optional(),
  done: z.array(z.string().max(100)).max(200),
  /** What somebody saw of the machine while it was under way, each before the step it came before. */
  corrections: z.array(correctionSchema).max(200).optional(),
  /** How long the steps took, in the order they were done. */
  times: z.array(stepTimeSchema).max(500).optional(),
  pressureMark: z.number().min(-1000).max(1000).nullable().optional(),
  /** What the pressure test showed at that mark; only a mark that passed teaches the machine’s scale. */
  pressureResult: z.enum(PRESSURE_RESULTS).optional(),
  /** Test welds, in the order they were made. */
  tries: z.array(trySchema).max(200).optional(),
  note: z.string().max(MOST_NOTE).optional(),
  /** Name or initials of who signed it off. */
  by: z.string().min(1).max(40).optional(),
  signedOffAt: z.iso.datetime().optional(),
  minutesTaken: z.number().min(0).max(100_000).optional(),
  /** What its list would have taken, minutes. */
  minutesPlanned: z.number().min(0).max(100_000).optional(),
  /** What the signed-off job was: then neither request nor plan is kept. */
  outcome: outcomeSchema.optional(),
}
const ofChoice = {
  /** Stations left as they are by choice. */
  keep: z.array(z.enum(STATIONS)).max(20).optional(),
  /** Parts of the store that go on instead of the usual: their id, by station. */
  use: z.partialRecord(z.enum(USE_STATIONS), z.string().max(100)).optional(),
}
const ofChange = {
  ...ofChoice,
  /** A wire no label describes. */
  byHand: wireInputSchema.optional(),
  /** What the new wire looks like, where somebody looked. */
  wireCondition: conditionSchema.optional(),
}
const ofConversion = {
  conversion: z.enum(CONVERSIONS),
  /** The gun that goes on. */
  gun: gunSchema.optional(),
  /** Lines that it goes on without: brought later, or by somebody else. */
  without: z.array(z.string().max(200)).max(50).optional(),
}

/** A run is a job of one kind, under way or signed off: what each kind keeps beside what every one does. */
export const RUN_SCHEMAS = {
  /** Another wire goes on. */
  change: z.object({ kind: z.literal('change'), ...everyRun, ...ofChange }),
  /** The wire on the machine stays: what is wrong for it is put right. */
  'put-right': z.object({ kind: z.literal('put-right'), ...everyRun, ...ofChoice }),
  /** Work on the machine itself. */
  convert: z.object({ kind: z.literal('convert'), ...everyRun, ...ofConversion }),
  /** A trouble that is looked for, and its cure. */
  cure: z.object({ kind: z.literal('cure'), ...everyRun, trouble: troubleKeptSchema }),
} as const
/** What is done in one go at one machine. */
export type JobKind = keyof typeof RUN_SCHEMAS
export const JOB_KINDS = Object.keys(RUN_SCHEMAS) as JobKind[]
type RunOf = { [K in JobKind]: z.infer<(typeof RUN_SCHEMAS)[K]> }
/** A run of any kind, or of those that are named. */
export type Run<K extends JobKind = JobKind> = RunOf[K]

/** Whether a run is of one of these kinds. */
export const isRun = <K extends JobKind>(run: Run, ...kinds: K[]): run is Run<K> =>
  (kinds as JobKind[]).includes(run.kind)

/** Runs of earlier versions had the fields of all kinds in one object, and no kind. It is read, and written no more. */
export const olderRunSchema = z.object({
  ...everyRun,
  ...ofChange,
  ...ofConversion,
  conversion: ofConversion.conversion.optional(),
  putRight: z.boolean().optional(),
  trouble: troubleKeptSchema.optional(),
})
/** What a run of an earlier version was. One that has its kind is left as it is. */
export function withJobKind<T extends object>(run: T): T & { kind: JobKind } {
  if ('kind' in run) return run as T & { kind: JobKind }
  const { putRight, ...rest } = run as { putRight?: unknown; conversion?: unknown; trouble?: unknown }
  const kind = rest.conversion ? 'convert' : rest.trouble ? 'cure' : putRight ? 'put-right' : 'change'
  return { kind, ...rest } as T & { kind: JobKind }
}
