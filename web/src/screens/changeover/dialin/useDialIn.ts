import { computed, type ComputedRef } from 'vue'
import { nextTry, type Proposal, type Try, type WeldKind } from '@pepper-knot/core/arc'
import { arcGasAfter, type Changeover } from '@pepper-knot/core/jobs'
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
  before: ComputedRef<{ settings: Try; at: string } | undefined>
  dialIn: ComputedRef<DialInPlan | undefined>
  next: ComputedRef<Proposal | undefined>
} {
  const machineStore = useMachines()
  const runStore = useRuns()
  const shop = useShop()
  const machine = computed(() => machineStore.byId(run().machineId) ?? plan().context.machine)
  const tries = computed(() => runStore.byId(run().id)?.tries ?? run().tries ?? [])
  const before = computed(() => {
    const { wire, job } = plan().context
    // This run is not in it: it is open.
    return job && lastGood(shop.digest, run().machineId, wire, job)
  })
  const dialIn = computed(() => {
    const { start, context, findings } = plan()
    if (!start || !context.job) return undefined
    const gas = arcGasAfter(context, findings)
    return dialInFor(context.wire, context.job, start, gas, machine.value, before.value?.settings)
  })
  const next = computed(
    () => dialIn.value && nextTry(tries.value, dialIn.value.model, dialIn.value.limits, weld()),
  )
  return { machine, tries, before, dialIn, next }
}
