import { z } from 'zod'
import { say } from '../base/codes.ts'
import { read, refuse, type Read } from '../base/problem.ts'
import {
  canConvert,
  conversionFolds,
  planConversion,
  type Conversion,
} from '../changeover/convert/conversion.ts'
import { proveConversion } from '../changeover/convert/conversionProof.ts'
import type { Correction, Folded } from '../changeover/fold/fold.ts'
import { planChangeover, type Changeover } from '../changeover/plan/plan.ts'
import type { Proof } from '../changeover/proof/proof.ts'
import { prove } from '../changeover/prove.ts'
import { settle, settleConversion, type Settled, type SettleWords } from '../changeover/stock/settle.ts'
import { stopConversion, stopHere } from '../changeover/stop/stop.ts'
import type { Fitted } from '../machine/fitted/fitted.ts'
import { gunSchema } from '../machine/fitted/gun.ts'
import { machineSchema, type Machine } from '../machine/machine.ts'
import { changeoverRequestSchema, type ChangeoverRequest } from '../machine/request.ts'
import { storeSchema, type Part } from '../machine/store.ts'
import { practiceSchema } from '../practice/practice.ts'
import { conversionKept, planKept, type KeptPlan } from '../record/keptPlan.ts'
import { JOB_KINDS, type JobKind, type Run } from '../record/run.ts'
import { CONVERSIONS } from '../steps/conversions.ts'
import type { Step } from '../steps/step.ts'
import { CAUSES, cureRow } from '../trouble/causes.ts'
import { planCure, type CurePlan } from '../trouble/cure.ts'
import { proveCure } from '../trouble/cureProof.ts'
import { prepareTrouble } from '../trouble/find.ts'
import { troubleRequestSchema } from '../trouble/request.ts'

/** What is left at the end of a job, or where it was broken off. */
interface Left {
  machine: Machine
  store: readonly Part[]
  at: string
  words: SettleWords
  done: readonly string[]
  corrections: readonly Correction[]
  run: Run
}

/** What a run keeps of its request, beside what every run keeps. */
type Keeps<K extends JobKind> = Pick<Run<K>, Exclude<keyof Run<K>, keyof Run> | 'stage'> &
  Partial<Pick<Run, 'label' | 'job'>>
/** A kind of job: all that is true of it, and nothing of the others. */
interface JobRow<Ask, Plan extends Changeover | Conversion, K extends JobKind = JobKind> {
  /** What is asked for it. */
  ask: z.ZodType
  /** The field by which a request asks for this kind and no other; a change of wire without its wire is put right. */
  askedBy?: string
  /** What of that stays with its run. */
  keeps: (asked: Ask) => Keeps<K>
  /** What was asked, as a run keeps it: of what is not asked for wire by wire, the machine. */
  asked: (asked: Ask, plan: Plan) => ChangeoverRequest
  /**
   * Its steps in their order; nothing to do is a problem.
   * @throws PlanRefused when they fail their proof
   */
  build: (asked: Ask) => Read<Plan>
  /** Every hazard rule at every step, and the end that is wanted. */
  goal: (plan: Plan, steps?: readonly Step[]) => Proof
  /** What the steps do to the machine, to be folded over it. */
  folds: (plan: Plan) => Folded
  /** As it was kept when it began. */
  opened: (kept: KeptPlan) => Plan
  /** What was done, then the steps that leave the machine safe. @throws PlanRefused */
  stop: (plan: Plan, done: readonly string[]) => Plan
  /** What it has made of machine and store. */
  settle: (plan: Plan, left: Left) => Settled
}

const change: JobRow<ChangeoverRequest, Changeover, 'change'> = {
  askedBy: 'wire',
  ask: changeoverRequestSchema,
  keeps: ({ wire, job, keep }) => ({
    stage: 'swap',
    ...(job && { job }),
    ...(keep && { keep }),
    ...(wire && ('label' in wire ? { label: wire.label } : { byHand: wire })),
  }),
  asked: (request) => request,
  build: planChangeover,
  goal: (plan, steps = plan.steps) => prove(steps, plan.findings, plan.context),
  folds: (plan) => plan,
  opened: planKept,
  stop: stopHere,
  settle: (plan, { machine, store, at, words, done, corrections, run }) =>
    settle(
      plan,
      machine,
      store,
      {
        at,
        corrections,
        // No new mark written: the same wire keeps its own, another wire has none yet.
        ...(run.pressureMark != null && { pressureMark: run.pressureMark }),
      },
      words,
      done,
    ),
}

const putRight: JobRow<ChangeoverRequest, Changeover, 'put-right'> = {
  ...change,
  askedBy: undefined,
  keeps: ({ job, keep }) => ({ stage: 'swap', ...(job && { job }), ...(keep && { keep }) }),
}

/** Work on the machine itself, instead of a change of wire. */
export const conversionRequestSchema = z.object({
  machine: machineSchema,
  conversion: z.enum(CONVERSIONS),
  gun: gunSchema.optional(),
  store: storeSchema.optional(),
  practice: practiceSchema.optional(),
})
export type ConversionRequest = z.infer<typeof conversionRequestSchema>
const convert: JobRow<ConversionRequest, Conversion, 'convert'> = {
  askedBy: 'conversion',
  ask: conversionRequestSchema,
  keeps: ({ conversion, gun }) => ({ stage: 'swap', conversion, ...(gun && { gun }) }),
  asked: ({ machine }) => changeoverRequestSchema.parse({ machine }),
  build: ({ machine, conversion, gun, store = [], practice }) =>
    canConvert(machine, conversion)
      ? read(planConversion(machine, conversion, gun, store, practice ?? practiceSchema.parse({})))
      : refuse('conversion', say('job.nothingToDo')),
  goal: ({ kind, context, sets, ...plan }, steps = plan.steps) =>
    proveConversion(kind, steps, sets.find((s) => s.station === 'gun')!.after as Partial<Fitted>, context),
  folds: conversionFolds,
  opened: conversionKept,
  stop: stopConversion,
  settle: (plan, { machine, store, words, done, corrections }) =>
    settleConversion(plan, machine, store, words, done, corrections),
}

/** What a trouble found is cured by: a trouble as it was told, and its cause. */
export const cureRequestSchema = troubleRequestSchema.extend({ cause: z.enum(CAUSES) })
export type CureRequest = z.infer<typeof cureRequestSchema>
const cure: JobRow<CureRequest, Changeover, 'cure'> = {
  ...change,
  askedBy: 'cause',
  ask: cureRequestSchema,
  keeps: ({ cause, symptoms }) => ({
    stage: 'decide',
    trouble: { told: { symptoms }, asked: true, curing: cause },
  }),
  asked: (_request, plan) => changeoverRequestSchema.parse({ machine: (plan as CurePlan).found }),
  build: ({ cause, ...request }) => {
    const c = prepareTrouble(request)
    if (!c.ok) return c
    const plan = planCure(c.value, cause, request.symptoms)
    return plan ? read(plan) : refuse('cause', say('job.nothingToDo'))
  },
  goal: (plan, steps = plan.steps) => {
    const work = cureRow((plan as CurePlan).cause).work!
    return proveCure(work, steps, plan.findings, plan.context)
  },
}

/** Another kind of job is another row: the compiler asks for all of it. */
const JOB_ROWS: { [K in JobKind]: JobRow<never, K extends 'convert' ? Conversion : Changeover, K> } = {
  change,
  'put-right': putRight,
  convert,
  cure,
}
/** The kind of job a request asks for: a wire is told with many a trouble, a cause with nothing else. */
export function kindAsked(request: unknown): JobKind {
  const has = (key?: string) =>
    key !== undefined && typeof request === 'object' && request !== null && key in request
  return JOB_KINDS.toReversed().find((kind) => has(JOB_ROWS[kind].askedBy)) ?? 'put-right'
}

/** The row of a kind, for plans of that kind. */
export const jobRow = (kind: JobKind) => JOB_ROWS[kind] as unknown as JobRow<unknown, Changeover | Conversion>
