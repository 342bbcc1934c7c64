import { computed, type ComputedRef } from 'vue'
import { nextTry, type Proposal, type Try, type WeldKind } from '@pepper-knot/core/arc'
import { benchOf, type Changeover } from '@pepper-knot/core/jobs'
import { type Machine } from '@pepper-knot/core/machine'
import { lastGood, type Run } from '@pepper-knot/core/record'
import { dialInFor, type DialInPlan } from '@pepper-knot/core/wire'
import { useMachines } from '../../../stores/machines.ts'
import { useRuns } from '../../../stores/runs.ts'
import { useShop } from '../../../stores/shop.ts'

/** What a run's dialling in stands on: where it starts, what the machine can be set to, the tries, the next one. */
export function useDialIn(
  run: () => Run,
  plan: () => Changeover,
  weld: () => WeldKind = () => 'bead',
): {
  /** The machine as it is now: its dial may have been learned since the plan was made. */
  machine: ComputedRef<Machine>
  tries: ComputedRef<Try[]>
  job: ComputedRef<Run['job']>
  bench: ComputedRef<ReturnType<typeof benchOf>>
  before: ComputedRef<{ settings: Try; at: string } | undefined>
  dialIn: ComputedRef<DialInPlan | undefined>
  next: ComputedRef<Proposal | undefined>
} {
  const machineStore = useMachines()
  const runStore = useRuns()
  const shop = useShop()
  const machine = computed(() => machineStore.byId(run().machineId) ?? plan().context.machine)
  const tries = computed(() => runStore.byId(run().id)?.tries ?? run().tries ?? [])
  /** What is welded: said, or what such a wire usually welds. A list made without a job is dialled in on that. */
  const job = computed<Run['job']>(() => {
    const [metal] = plan().context.wire.joins
    return { position: 'flat', ...(metal && { material: metal }), ...run().job }
  })
  const bench = computed(() => benchOf(plan(), job.value))
  const before = computed(() => {
    const { job } = bench.value
    // This run is not in it: it is open.
    return job && lastGood(shop.digest, run().machineId, plan().context.wire, job)
  })
  const dialIn = computed(() => {
    const { start, job, gas } = bench.value
    return start && job
      ? dialInFor(plan().context.wire, job, start, gas, machine.value, before.value?.settings)
      : undefined
  })
  const next = computed(
    () => dialIn.value && nextTry(tries.value, dialIn.value.model, dialIn.value.limits, weld()),
  )
  return { machine, tries, job, bench, before, dialIn, next }
}
