import {
  canConvert,
  changeoverRequestSchema,
  CONVERSIONS,
  DEFAULT_PRACTICE,
  machineAfter,
  planChangeover,
  planConversion,
  settle,
  stopHere,
  storeSchema,
  type Changeover,
  type ChangeoverRequest,
  type Machine,
  type Part,
} from '../src/index.ts'
import { inventory, read } from './conserved.ts'
import { drawn } from './orderLaw.ts'
import { dice } from './otherSetups.ts'

const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T
const words = () => {
  let n = 0
  return { cameOff: () => 'came off', newId: () => `new-${++n}` }
}

/** What somebody may do next with a machine: go on, go back, do another wire, put it right, work on it. */
export function* nextPlans(
  machine: Machine,
  request: ChangeoverRequest,
  other: ChangeoverRequest,
): Generator<{ what: string; holds: boolean | 'problems' | 'refused'; plan?: Changeover }> {
  const base = { ...request, keep: undefined, use: undefined, upkeep: undefined }
  const job = request.job ?? other.job ?? { material: 'mild-steel', thicknessMm: 3 }
  const old = request.machine.fitted.wire
  const asks: [string, object][] = [
    ['on', { ...base, machine }],
    ...(old ? ([['back', { ...base, machine, job, wire: old }]] as [string, object][]) : []),
    ['other', { ...base, machine, job: other.job ?? job, wire: other.wire ?? { label: 'ER70S-6 0.8' } }],
    ...(machine.fitted.wire
      ? ([['right', { ...base, machine, wire: undefined }]] as [string, object][])
      : []),
  ]
  for (const [what, ask] of asks) {
    const plan = planChangeover(changeoverRequestSchema.parse(plain(ask)))
    if (!plan.ok) yield { what, holds: 'refused' }
    else if (plan.value.problems.length) yield { what, holds: 'problems' }
    else yield { what, holds: plan.value.proof!.holds, plan: plan.value }
  }
  for (const kind of CONVERSIONS.filter((k) => canConvert(machine, k)))
    yield {
      what: kind,
      holds: planConversion(machine, kind, undefined, request.store, DEFAULT_PRACTICE).proof.holds,
    }
}

/** A setup of the second generator by its seed, with ids on its parts. */
export function setupOf(
  seed: number,
  schools: Readonly<Record<string, readonly string[]>>,
): ChangeoverRequest {
  const request = drawn(seed, schools)
  return {
    ...request,
    machine: seed % 2 ? read(request.machine) : request.machine,
    store: storeSchema.parse(request.store ?? []).map((part, i) => ({ ...part, id: `p${i}` })),
  }
}

/** A plan left after some of its steps: folded, and stopped and written down. */
export function left(plan: Changeover, request: ChangeoverRequest, seed: number) {
  const d = dice(seed)
  const at = d.below(plan.steps.length + 1)
  const done = plan.steps.slice(0, at).map((s) => s.id)
  const store = (request.store ?? []) as Part[]
  const stopped = stopHere(plan, done)
  const settled = settle(plan === stopped ? plan : stopped, request.machine, store, {}, words())
  const before = inventory(request.machine, store)
  const after = inventory(settled.machine, settled.store, settled.scrapped)
  const lost = [...before].filter(([name, have]) => !name.includes('oRing') && (after.get(name) ?? 0) < have)
  const whole = plan.gather.some((line) => line.kind === 'gun' && !line.piece)
  const bought = plan.gather.filter((line) => line.storeIndex === null).length + (whole ? 2 : 0)
  const sum = (count: ReadonlyMap<string, number>) => [...count.values()].reduce((a, b) => a + b, 0)
  return {
    at,
    done,
    folded: machineAfter(request.machine, plan, done),
    stopped,
    settled,
    lost: lost.map(([name, have]) => `${name}: ${have}, now ${after.get(name) ?? 0}`),
    /** Parts that came from nowhere, beyond those the plan had to buy. */
    conjured: sum(after) - sum(before) - bought,
  }
}
