import { atOnce } from '../base/atOnce.ts'
import { planConversion } from '../changeover/convert/conversion.ts'
import { planChangeover, type Changeover } from '../changeover/plan/plan.ts'
import type { Conversion } from '../changeover/convert/conversion.ts'
import { goodTry } from '../arc/tries.ts'
import { isTask, type Step } from '../steps/step.ts'
import { machineFacts, step } from '../work/steps.ts'
import { nameFor } from '../keep/hash.ts'
import { textOf, type Content } from '../keep/fields.ts'
import type { Kept } from '../keep/versions.ts'
import { practiceSchema } from '../practice/practice.ts'
import { entriesOf } from '../record/entries.ts'
import { keptPlan } from '../record/keptPlan.ts'
import type { RunOutcome } from '../record/outcome.ts'
import { JOB_KINDS, withJobKind, type JobKind, type olderRunSchema, type Run } from '../record/run.ts'
import { passedMark, plannedCentreN } from '../record/signOff.ts'
import { recordsOf, type RunEntries, type State } from '../record/state.ts'
import type { Key } from '../record/contents.ts'
import { emptyLists } from '../record/kinds/index.ts'
import type { Shop1 } from './version1.ts'
import type { z } from 'zod'

/** A run of version 1. */
type Run1 = z.infer<typeof olderRunSchema>
/** What a run of version 1 was planned to do; nothing where it cannot be planned any more. */
function planThen(run: Run1): Changeover | Conversion | undefined {
  const { frozen, conversion } = run
  if (!frozen) return undefined
  try {
    if (conversion)
      return planConversion(
        frozen.machine,
        conversion,
        run.gun,
        frozen.store ?? [],
        frozen.practice ?? practiceSchema.parse({}),
      )
    const plan = planChangeover(frozen)
    return plan.ok ? plan.value : undefined
  } catch {
    return undefined
  }
}

/**
 * Of a run under way: what is done stands first, as it was done, a step of its own version too; what its version did
 * not ask for is not asked for behind it.
 */
function asBegun<P extends Changeover | Conversion>(plan: P, done: readonly string[]): P {
  const last = plan.steps.findLastIndex((s) => done.includes(s.id))
  const did = done.flatMap((id): Step[] => {
    const known = plan.steps.find((s) => s.id === id)
    return known ? [known] : isTask(id) ? [step(id, machineFacts(plan.context))] : []
  })
  return { ...plan, steps: [...did, ...plan.steps.filter((s, i) => i > last && !done.includes(s.id))] }
}

/**
 * A run of version 1, which carried the whole store with it: an open one keeps its steps as they were planned, a
 * signed-off one what it was.
 */
export function migrateRun(run: Run1): Run {
  const { frozen, ...rest } = withJobKind(run) as Run & Run1
  if (!frozen) return rest
  const plan = planThen(run)
  const { store = [], ...asked } = frozen
  if (run.signedOffAt === undefined)
    return plan && plan.steps.length
      ? { ...rest, frozen: asked, planned: keptPlan(asBegun(plan, run.done)) }
      : { ...rest, frozen }
  const change = plan && 'required' in plan ? plan : undefined
  const { supply: _supply, ...end } = change?.proof?.end ?? {}
  const ran = goodTry(run.tries ?? [])
  const centreN = change && plannedCentreN(change)
  const outcome: RunOutcome = {
    machine: frozen.machine.name,
    ...(!run.conversion && { wire: frozen.wire }),
    before: frozen.machine.fitted,
    end: change?.proof ? end : plan && 'after' in plan ? plan.after.fitted : frozen.machine.fitted,
    findings: (plan?.findings ?? []).map(({ station, verdict, rule }) => ({ station, verdict, rule })),
    used: (plan?.gather ?? []).flatMap((l) => (l.storeIndex === null ? [] : [store[l.storeIndex]!])),
    returned: [],
    scrapped: [],
    minutes: run.times ?? [],
    ...(ran && { ran }),
    ...(change?.start && { start: change.start as unknown as RunOutcome['start'] }),
    ...passedMark(rest),
    ...(centreN && { centreN }),
  }
  return { ...rest, outcome: JSON.parse(JSON.stringify(outcome)) as RunOutcome }
}

/** A run without the kind it is given now: what an earlier program made of the same text has the same name. */
function asThen({ kind, ...content }: Content): Content {
  if (!JOB_KINDS.includes(kind as JobKind)) return { ...(kind !== undefined && { kind }), ...content }
  return { ...content, ...(kind === 'put-right' && { putRight: true }) }
}

/**
 * Makes records of a shop of version 1. What it said has the same version wherever it is migrated, so that the same
 * old text twice is no difference.
 * @param seen the clock a record of this content has
 * @yields how much of it is done, 0 to 1: planning a long record anew takes its time
 */
export function* migrating(
  shop: Shop1,
  at: string,
  seen: (key: string, content: Content) => Kept['versions'][number]['clock'] = (_key, content) => ({
    [`v1-${nameFor(textOf(content))}`]: 1,
  }),
): Generator<number, State> {
  const runs: Run[] = []
  for (const [i, run] of shop.runs.entries()) {
    runs.push(migrateRun(run))
    yield (i + 1) / shop.runs.length
  }
  const store = shop.store.map((part, i) => ({
    ...part,
    id: part.id ?? `v1-${nameFor(`${i} ${textOf(part)}`)}`,
  }))
  const kept = (key: string, content: Content, since: number): Kept => {
    const plain = JSON.parse(JSON.stringify(content)) as Content
    return { since, versions: [{ clock: seen(key, asThen(plain)), at, content: plain }] }
  }
  const records = new Map<Key, Kept>()
  for (const [key, content] of recordsOf({ ...emptyLists(), ...shop, store, runs }))
    records.set(key, kept(key, content, records.size))
  const entries = new Map<string, RunEntries>()
  for (const run of runs) {
    let tries = 0
    const of = entriesOf(run, new Map(), Date.parse(run.startedAt), () => `v1-${++tries}`)
    if (of.size)
      entries.set(
        run.id,
        new Map(
          [...of].map(([id, content], i) => [id, kept(`${run.id}/${id}`, content as unknown as Content, i)]),
        ),
      )
  }
  return { records, entries }
}
/** The same at once. */
export const migrate = (...args: Parameters<typeof migrating>): State => atOnce(migrating(...args))
