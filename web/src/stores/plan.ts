import { computed, type ComputedRef } from 'vue'
import { PlanRefused, onShelf, fromTheLog, planChangeover, type Changeover } from '@pepper-knot/core/jobs'
import {
  changeoverRequestSchema,
  readWire,
  type Job,
  type Part,
  type ChangeoverRequest,
} from '@pepper-knot/core/machine'
import { isPlanCurrent, isRun, planKept, type Digest, type Run, type Shop } from '@pepper-knot/core/record'
import { problemAt, problemsOf, say, type Problem, type Read } from '@pepper-knot/core/trade'
import { isSized, readLabel, type Wire } from '@pepper-knot/core/wire'

import { metalsNamed } from './metals.ts'

export interface RunPlan {
  /** The wire the box names, or why it cannot be read. */
  wire: Read<{ wire: Wire }>
  /** What would be sent to the planner, once everything is known. */
  request: ChangeoverRequest | undefined
  plan: Changeover | undefined
  problems: Problem[]
}

function wireInput(run: Run, shop: Shop | undefined) {
  const { byHand, wireCondition } = isRun(run, 'change') ? run : ({} as Partial<Run<'change'>>)
  const condition = wireCondition && { condition: wireCondition }
  return {
    ...(byHand ?? { label: run.label }),
    ...(shop && onShelf(run.label, shop)),
    ...condition,
  }
}

/** Everything that follows from what a run holds. The planner takes milliseconds, so nothing of it is kept. */
export function planOf(run: Run, everything: Shop, digest: Digest, taken?: Taken): RunPlan {
  const shop = taken?.size ? { ...everything, store: leftOf(everything.store, taken) } : everything
  // What has begun or is over asks nothing of the shelf.
  const putRight = run.kind === 'put-right'
  const on = putRight
    ? (run.frozen?.machine ?? shop.machines.find((m) => m.id === run.machineId))?.fitted.wire
    : undefined
  const input = on ?? wireInput(run, run.frozen || run.outcome ? undefined : shop)
  const wire = 'label' in input ? readLabel(input.label, 'label') : readWire(input, 'wire')
  if (run.outcome) return { wire, request: undefined, plan: undefined, problems: [] }
  // A run that has begun keeps its steps as they were planned then.
  if (run.planned && run.frozen)
    return {
      wire,
      request: run.frozen,
      plan: isPlanCurrent(run.planned) ? planKept(run.planned) : undefined,
      problems: [],
    }
  if (run.frozen) return withPlan(wire, run.frozen)
  const machine = shop.machines.find((m) => m.id === run.machineId)
  const job = run.job.material && run.job.thicknessMm ? run.job : undefined
  if (!wire.ok || !isSized(wire.value.wire) || !machine)
    return { wire, request: undefined, plan: undefined, problems: [] }
  const whole = JSON.parse(
    JSON.stringify({
      machine,
      ...(!putRight && { wire: input }),
      ...(job && { job: { ...job, metals: metalsNamed(job, shop.metals) } }),
      store: shop.store,
      practice: { ...shop.settings.practice, ...run.practice },
      upkeep: run.upkeep,
      keep: isRun(run, 'change', 'put-right') ? run.keep : undefined,
      ...fromTheLog(digest, machine.id, wire.value.wire, job as Job | undefined),
    }),
  ) as { store: Part[]; use?: Record<string, number> }
  const used = usedIn(run)
  let request = changeoverRequestSchema.safeParse(withUse(whole, used), { reportInput: true })
  // A part of the shelf that cannot be taken as it stands is not offered; it stops no plan.
  const bad = new Set(request.error?.issues.flatMap(({ path: [list, at] }) => (list === 'store' ? [at] : [])))
  if (bad.size) {
    const store = whole.store.filter((_part, at) => !bad.has(at))
    request = changeoverRequestSchema.safeParse(withUse({ ...whole, store }, used), { reportInput: true })
  }
  return request.success
    ? withPlan(wire, request.data)
    : {
        wire,
        request: undefined,
        plan: undefined,
        problems: problemsOf(request.error),
      }
}

/** Parts of the store that are chosen instead of the usual. */
export const usedIn = (run: Run): [string, string][] =>
  Object.entries((isRun(run, 'change', 'put-right') && run.use) || {})

/** How many of each part other changeovers have, by id. */
export type Taken = ReadonlyMap<string, number>
/** What is left in the store of what others do not have. */
export const leftOf = (store: readonly Part[], taken: Taken): Part[] =>
  store.map((part) => {
    const gone = part.id === undefined ? 0 : (taken.get(part.id) ?? 0)
    return gone ? { ...part, count: Math.max(0, part.count - gone) } : part
  })
/** Parts chosen by their id, as the index they have in the store that is sent; one that is gone is not chosen. */
export function withUse<R extends { store: readonly Part[] }>(
  request: R,
  used: readonly (readonly [string, string])[],
): R {
  const use = used.flatMap(([station, id]) => {
    const at = request.store.findIndex((part) => part.id === id && part.count > 0)
    return at < 0 ? [] : [[station, at] as const]
  })
  return use.length ? { ...request, use: Object.fromEntries(use) } : request
}

/** The last few plans by their whole request: a touch on the run sheet asks for the same one again. */
const known = new Map<string, ReturnType<typeof planChangeover>>()
const MOST_KNOWN = 12
function planned(request: ChangeoverRequest) {
  const text = JSON.stringify(request)
  const before = known.get(text)
  if (before) return before
  const plan = planChangeover(request)
  if (known.size >= MOST_KNOWN) known.delete(known.keys().next().value!)
  known.set(text, plan)
  return plan
}

function withPlan(wire: RunPlan['wire'], request: ChangeoverRequest): RunPlan {
  try {
    const asked = planned(request)
    // A choice that cannot be followed any more, since the machine is another now, falls away.
    const stale = !asked.ok && asked.problems.every(({ path }) => /^(keep|use)\./.test(path))
    const plan = stale ? planned({ ...request, keep: undefined, use: undefined }) : asked
    return plan.ok
      ? { wire, request, plan: plan.value, problems: [] }
      : { wire, request, plan: undefined, problems: plan.problems }
  } catch (error) {
    console.error(error)
    return {
      wire,
      request,
      plan: undefined,
      problems: [problemAt('', say(error instanceof PlanRefused ? 'request.notProved' : 'request.ourFault'))],
    }
  }
}

export const usePlan = (
  run: () => Run,
  shop: () => Shop,
  digest: () => Digest,
  taken: () => Taken,
): ComputedRef<RunPlan> => computed(() => planOf(run(), shop(), digest(), taken()))
