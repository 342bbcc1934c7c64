import { computed, inject, provide, type ComputedRef, type InjectionKey } from 'vue'
import { useI18n } from 'vue-i18n'
import { type Changeover } from '@pepper-knot/core/jobs'
import { type Machine } from '@pepper-knot/core/machine'
import { type JobKind, type Run } from '@pepper-knot/core/record'
import { usePlan, type RunPlan } from '../stores/plan.ts'
import { useSettings } from '../stores/settings.ts'
import { useShop } from '../stores/shop.ts'
import { useMachines } from '../stores/machines.ts'
import { usePromised } from '../stores/promised.ts'
import { useRuns } from '../stores/runs.ts'
import { useWords } from './useWords.ts'

const words = useWords()
/** A changeover and all that follows from it, for the parts of its screen. */
export interface RunContext<K extends JobKind = JobKind> {
  /** The run as it is kept. */
  run: ComputedRef<Run<K>>
  machine: ComputedRef<Machine>
  /** What was read and planned, and why it could not be. */
  read: ComputedRef<RunPlan>
  /** The plan: only stages that have one ask for it. */
  plan: ComputedRef<Changeover>
  /** `Gull to ER5356 1.2 mm`. */
  title: ComputedRef<string>
  /** Sets fields of the run; it is changed in no other way. */
  set: (more: Partial<Omit<Run<K>, 'kind' | 'id'>>) => void
  /** Carries out a command on it. */
  change: (command: (run: Run) => Run) => void
}
const KEY: InjectionKey<RunContext> = Symbol('run')

const NOTHING: Run = {
  kind: 'change',
  id: '-',
  machineId: '-',
  startedAt: '2000-01-01T00:00:00Z',
  stage: 'decide',
  label: '',
  job: {},
  gathered: [],
  done: [],
}

/** The machine of a signed-off change, where it is no more. */
const gone = ({ machineId, outcome }: Run): Machine | undefined =>
  outcome && { id: machineId, name: outcome.machine, fitted: outcome.end }

/** Gives a run to the parts below. @returns the same, where the run may be gone */
export function provideRun(id: () => string) {
  const { t } = useI18n()
  const shop = useShop()
  const settings = useSettings()
  const machineStore = useMachines()
  const runStore = useRuns()
  const promised = usePromised()
  const found = computed(() => runStore.byId(id()))
  const machine = computed(() =>
    found.value
      ? (found.value.frozen?.machine ?? machineStore.byId(found.value.machineId) ?? gone(found.value))
      : undefined,
  )
  const read = usePlan(
    () => found.value ?? NOTHING,
    () => machineStore.shopNow,
    () => shop.digest,
    () => promised.takenFor(id()),
  )
  const title = computed(() => {
    const { wire } = read.value
    return t(found.value?.kind === 'put-right' ? 'change.putRight' : 'change.title', {
      machine: machine.value?.name ?? '?',
      wire: wire.ok ? words.wireName(wire.value.wire, settings.units) : found.value?.label || '…',
    })
  })
  provide(KEY, {
    run: computed(() => found.value ?? NOTHING),
    machine: computed(() => machine.value!),
    read,
    plan: computed(() => read.value.plan!),
    title,
    set: (more) => runStore.set(id(), more),
    change: (command) => runStore.change(id(), command),
  })
  return { run: found, machine, read, title }
}

/** The run of the screen this stands on, of the kinds that come to it. @throws RangeError outside one */
export function useRun<K extends JobKind = JobKind>(): RunContext<K> {
  const context = inject(KEY)
  if (!context) throw new RangeError('no run is given here')
  return context as unknown as RunContext<K>
}
