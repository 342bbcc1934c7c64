import { z } from 'zod'
import type { Conversion } from '../changeover/convert/conversion.ts'
import type { Changeover } from '../changeover/plan/plan.ts'
import { fittedSchema } from '../machine/fitted/fitted.ts'
import { STATIONS } from '../machine/stations.ts'
import type { Part } from '../machine/store.ts'
import { practiceSchema } from '../practice/practice.ts'
import { PLACES } from '../steps/places.ts'
import { TASKS } from '../steps/step.ts'

const keptStepSchema = z.looseObject({
  id: z.string().min(1).max(100),
  task: z.enum(TASKS),
  place: z.enum(PLACES),
  minutes: z.number().min(0),
  hazards: z.array(z.string().max(60)).max(40),
  hold: z.boolean(),
  captive: z.boolean(),
  station: z.enum(STATIONS).optional(),
  facts: z.record(z.string(), z.json()),
})
/** A plan as it was made: its steps with their order and facts, and all that its sentences stand on. */
export const keptPlanSchema = z.looseObject({
  steps: z.array(keptStepSchema).max(200),
  findings: z.array(z.looseObject({ station: z.enum(STATIONS), rule: z.string().max(100) })).max(100),
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

type Plan = Changeover | Conversion
interface Picks {
  storeIndex: number | null
}

/**
 * A plan to keep while its run is open. Of the store only the parts it counts on go with it: what else lies there is
 * no business of the run.
 */
export function keptPlan(plan: Plan): KeptPlan {
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
  return copy as unknown as KeptPlan
}

/** A kept plan as the plan it was. */
export const planKept = (kept: KeptPlan): Changeover => kept as unknown as Changeover
export const conversionKept = (kept: KeptPlan): Conversion => kept as unknown as Conversion
