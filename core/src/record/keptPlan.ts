import { z } from 'zod'
import type { Conversion } from '../changeover/convert/conversion.ts'
import type { Changeover } from '../changeover/plan/plan.ts'
import { fittedSchema } from '../machine/fitted/fitted.ts'
import { isStation } from '../machine/stations.ts'
import type { Part } from '../machine/store.ts'
import { practiceSchema } from '../practice/practice.ts'
import { PLACES } from '../steps/places.ts'
import { isTask } from '../steps/step.ts'
import { isRule } from '../stations/index.ts'

/**
 * Plans are kept in this version. 1: facts with every step, no words. 2: what all steps share is kept once, and each step
 * carries its own words, so that a plan whose rules are no more can still be shown.
 */
export const PLAN_VERSION = 2

const name = z.string().max(100)
const keptStepSchema = z.looseObject({
  id: z.string().min(1).max(100),
  task: name,
  place: z.enum(PLACES),
  minutes: z.number().min(0),
  hazards: z.array(z.string().max(60)).max(40),
  hold: z.boolean(),
  captive: z.boolean(),
  station: name.optional(),
  facts: z.record(z.string(), z.json()),
  /** What it says, in the language it was planned in. */
  words: z.string().max(1000).optional(),
  /** The facts that all steps share go with it. */
  shares: z.boolean().optional(),
})
/** A plan as it was made: its steps with their order and facts, and all that its sentences stand on. */
export const keptPlanSchema = z.looseObject({
  planVersion: z.number().int().min(1).max(1000).optional(),
  steps: z.array(keptStepSchema).max(200),
  /** Facts of every step that shares them. */
  shared: z.record(z.string(), z.json()).optional(),
  findings: z
    .array(
      z.looseObject({
        station: name,
        rule: name,
        also: z
          .array(z.looseObject({ rule: name }))
          .max(50)
          .optional(),
      }),
    )
    .max(100),
  gather: z
    .array(z.looseObject({ kind: z.string().max(40), storeIndex: z.number().int().min(0).nullable() }))
    .max(200),
  context: z.looseObject({
    machine: z.looseObject({ id: z.string().max(100), name: z.string().max(100), fitted: fittedSchema }),
    wire: z.looseObject({ family: z.string().max(60) }),
    practice: practiceSchema,
  }),
})
export type KeptPlan = z.infer<typeof keptPlanSchema>
export type KeptStep = KeptPlan['steps'][number]

type Plan = Changeover | Conversion
interface Picks {
  storeIndex: number | null
}
const text = (value: unknown) => JSON.stringify(value)

/** The facts that most steps have alike. */
function sharedFacts(steps: readonly { facts: Record<string, unknown> }[]): Record<string, unknown> {
  const counts = new Map<string, number>()
  for (const { facts } of steps)
    for (const [key, value] of Object.entries(facts)) {
      const said = `${key} ${text(value)}`
      counts.set(said, (counts.get(said) ?? 0) + 1)
    }
  return Object.fromEntries(
    steps
      .flatMap(({ facts }) => Object.entries(facts))
      .filter(([key, value]) => counts.get(`${key} ${text(value)}`)! > steps.length / 2),
  )
}

/**
 * A plan to keep while its run is open. Of the store only the parts it counts on go with it: what else lies there is
 * no business of the run.
 * @param wordsOf what a step says, where somebody may have to read it after its words are no more
 */
export function keptPlan(plan: Plan, wordsOf?: (step: Plan['steps'][number]) => string): KeptPlan {
  const copy = JSON.parse(JSON.stringify(plan)) as Plan & {
    context: { store?: Part[] }
    gather: Picks[]
    findings: { parts: Picks[] }[]
  }
  const store = copy.context.store ?? []
  const lines = [...copy.gather, ...copy.findings.flatMap((f) => f.parts)]
  const picked = [...new Set(lines.flatMap((l) => (l.storeIndex === null ? [] : [l.storeIndex])))].sort(
    (a, b) => a - b,
  )
  for (const line of lines) if (line.storeIndex !== null) line.storeIndex = picked.indexOf(line.storeIndex)
  copy.context.store = picked.map((i) => store[i]!)
  const shared = sharedFacts(copy.steps as unknown as { facts: Record<string, unknown> }[])
  const keys = Object.keys(shared)
  const steps = (copy.steps as unknown as KeptStep[]).map((step, i) => {
    const shares = keys.length > 0 && keys.every((key) => text(step.facts[key]) === text(shared[key]))
    const own = Object.entries(step.facts).filter(([key]) => !shares || !(key in shared))
    const words = wordsOf?.(plan.steps[i]!).slice(0, 1000)
    return { ...step, facts: Object.fromEntries(own), ...(shares && { shares }), ...(words && { words }) }
  })
  return {
    ...(copy as unknown as KeptPlan),
    planVersion: PLAN_VERSION,
    steps,
    shared: shared as KeptPlan['shared'],
  }
}

/** A kept plan with its facts where a plan has them; of version 1, where nothing was shared. */
function unfolded(kept: KeptPlan): unknown {
  const { shared = {}, ...plan } = kept
  return {
    ...plan,
    steps: kept.steps.map(({ shares, ...step }) => ({
      ...step,
      facts: shares ? { ...shared, ...step.facts } : step.facts,
    })),
  }
}

const known = new WeakMap<KeptPlan, unknown>()
const plainOf = (kept: KeptPlan): unknown => {
  if (!known.has(kept)) known.set(kept, unfolded(kept))
  return known.get(kept)
}

/** A kept plan as the plan it was. */
export const planKept = (kept: KeptPlan): Changeover => plainOf(kept) as Changeover
/** Work on the machine, as it was planned; in version 1 what it sets was only in the machine it left. */
export function conversionKept(kept: KeptPlan): Conversion {
  const plan = plainOf(kept) as Conversion
  if (plan.sets) return plan
  const { gas, gun } = plan.after.fitted
  return {
    ...plan,
    sets: [
      { station: 'gas', after: plan.kind === 'to-gas' ? { gas } : {} },
      { station: 'gun', after: plan.kind === 'fit-gun' ? { gun } : {} },
    ],
  }
}

const isSaid = (rule: string): boolean => isRule(rule) || rule === 'kept'

/**
 * Whether a plan can be gone on with: all its tasks, stations and rules are still known. One that cannot is shown by its
 * own words, and planned again from where the machine stands.
 */
export const isPlanCurrent = (kept: KeptPlan): boolean =>
  (kept.planVersion ?? 1) <= PLAN_VERSION &&
  kept.steps.every(
    (s) =>
      isTask(s.task) &&
      (s.station === undefined || isStation(s.station)) &&
      (typeof s.facts.rule !== 'string' || isSaid(s.facts.rule)),
  ) &&
  kept.findings.every(
    ({ station, rule, also = [] }) => isStation(station) && isSaid(rule) && also.every((f) => isRule(f.rule)),
  )
