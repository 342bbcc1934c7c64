import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  begin as beginJob,
  cureDone as cureOver,
  dropList,
  endTrouble,
  jobOf,
  settleJob,
} from '@pepper-knot/core/jobs'
import { changeoverRequestSchema, jobSchema } from '@pepper-knot/core/machine'
import { isPlanCurrent, planKept, isRun, shopFinds, type Run } from '@pepper-knot/core/record'
import {
  machineInRun,
  type Cause,
  type Check,
  type Checked,
  type CurePlan,
  type Symptom,
  type TroubleRequest,
} from '@pepper-knot/core/trouble'
import { useTrouble } from '../../composables/useTrouble.ts'
import { signOffId } from '../../storage/head.ts'
import { leftOf } from '../../stores/plan.ts'
import { useMachines } from '../../stores/machines.ts'
import { useParts } from '../../stores/parts.ts'
import { usePromised } from '../../stores/promised.ts'
import { useRuns } from '../../stores/runs.ts'
import { useSettings } from '../../stores/settings.ts'
import { useShop } from '../../stores/shop.ts'
import { useWriteDown } from '../../stores/writeDown.ts'
import { settleWords } from '../changeover/settleWords.ts'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
const DAY_MS = 86_400_000
const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T

/** A trouble under way: what is asked of the finder, and what each touch makes of its run. */
export function useTroubleRun(id: () => string) {
  const { t } = useI18n()
  const shop = useShop()
  const settings = useSettings()
  const machineStore = useMachines()
  const partStore = useParts()
  const runStore = useRuns()
  const promised = usePromised()
  const writeDown = useWriteDown()

  const run = computed(() => {
    const found = runStore.byId(id())
    return found && isRun(found, 'cure') ? found : undefined
  })
  const origin = computed(() => {
    const from = run.value?.trouble.from
    const found = from ? runStore.byId(from) : undefined
    return found?.planned && found.frozen && !found.signedOffAt && isPlanCurrent(found.planned)
      ? found
      : undefined
  })
  const stopped = computed(() =>
    origin.value ? { plan: planKept(origin.value.planned!), done: origin.value.done } : undefined,
  )
  /** The machine as it stands: in the middle of a change, as its steps set it. */
  const machine = computed(() => {
    if (!run.value) return undefined
    if (stopped.value?.plan.proof) return machineInRun(stopped.value)
    // While its own cure is done the question stays the one that was answered.
    return machineStore.recorded(run.value.machineId)
  })
  const daysSinceBlowOut = computed(() => {
    const at = machine.value?.upkeep?.blowOutLiner
    return at === undefined ? undefined : Math.max(0, Math.floor((Date.now() - Date.parse(at)) / DAY_MS))
  })
  const request = computed<TroubleRequest | undefined>(() => {
    if (!run.value?.trouble.asked || run.value.signedOffAt || !machine.value) return undefined
    const { told } = run.value.trouble
    if (told.symptoms.length === 0) return undefined
    const job = jobSchema.safeParse(plain(run.value.job))
    const finds = shopFinds(shop.digest)
    const days = daysSinceBlowOut.value
    return {
      ...plain(told),
      ...((told.history || days !== undefined) && {
        history: { ...(days !== undefined && { daysSinceLinerBlowOut: days }), ...plain(told.history ?? {}) },
      }),
      machine: plain(machine.value),
      ...(origin.value?.frozen?.wire && { wire: plain(origin.value.frozen.wire) }),
      ...(job.success && { job: job.data }),
      // Of the store only a gun to try matters to a look.
      store: plain(partStore.list.filter((p) => p.kind === 'gun')),
      practice: settings.all.practice,
      ...(finds.length && { finds }),
    }
  })
  const store = computed(() => leftOf(partStore.list, promised.takenFor(id())))
  const { answer, cure, problems, state, ask } = useTrouble(
    computed(
      () => request.value && { request: request.value, from: { store: store.value, stopped: stopped.value } },
    ),
  )

  const told = computed({
    get: () => run.value!.trouble.told,
    set: (next) => set({ told: next }),
  })
  const welded = computed({
    get: () => run.value!.job,
    set: (job) => runStore.set(id(), { job }),
  })
  const change = (command: (run: Run) => Run) => runStore.change(id(), command)
  const withTrouble = (run: Run, more: Partial<Run<'cure'>['trouble']>): Run => {
    if (!isRun(run, 'cure')) return run
    const trouble = { ...run.trouble, ...more }
    for (const key of Object.keys(more) as (keyof typeof trouble)[])
      if (trouble[key] === undefined) delete trouble[key]
    return { ...run, trouble }
  }
  const set = (more: Partial<Run<'cure'>['trouble']>) => change((run) => withTrouble(run, more))
  const look = () => set({ asked: true })
  const sayAnew = () => set({ asked: undefined })
  function answered(check: Check, outcome: Checked['outcome']) {
    told.value = { ...told.value, checks: [...(told.value.checks ?? []), { id: check, outcome }] }
  }
  function takeBack(index: number) {
    told.value = { ...told.value, checks: (told.value.checks ?? []).filter((_, i) => i !== index) }
  }
  function takeBackCure(index: number) {
    told.value = { ...told.value, cured: (told.value.cured ?? []).filter((_, i) => i !== index) }
  }
  /** What was found is written down of the machine, and its list begins. */
  function begin(plan: CurePlan) {
    const kept = run.value!
    const found = plain(plan.found)
    const frozen = changeoverRequestSchema.safeParse({ machine: found })
    if (!frozen.success) return
    if (!origin.value)
      machineStore.record(plain({ ...machineStore.recorded(kept.machineId)!, fitted: found.fitted }))
    const at = new Date().toISOString()
    change((run) =>
      withTrouble(
        beginJob(run, {
          plan,
          asked: frozen.data,
          at,
          wordsOf: (step) => words.stepTitle(step, settings.units),
        }),
        { curing: plan.cause },
      ),
    )
  }
  const did = (cause: Cause) => set({ curing: cause, cured: true })
  /**
   * The last step of the list is done: the machine and the store are as they are now. Where it was broken off, nothing
   * was cured, and the finder looks again.
   */
  function cureDone() {
    const kept = run.value!
    const now = machineStore.recorded(kept.machineId)
    const job = jobOf(kept)
    if (!job) return
    const said = kept.stopped ? 'stop.told' : 'trouble.cured'
    shop.undoable(t(said, { machine: now?.name ?? '' }), () => {
      const at = new Date().toISOString()
      const done = now && settleJob(job, now, partStore.list, at, settleWords(t, settings.units))
      if (done) {
        // In the middle of a change the machine is written down when that is signed off.
        if (!origin.value) machineStore.record(plain(done.machine))
        partStore.lay(done.store)
      }
      if (kept.stopped) change((run) => withTrouble(dropList(run), { curing: undefined, cured: undefined }))
      else if (done) change(() => cureOver(job, done))
      else set({ cured: true })
    })
  }
  /** Its list is of an earlier version: the finder looks again. */
  const lookAgain = () =>
    shop.undoable(t('stale.told'), () => {
      writeDown(id())
      change((run) => withTrouble(dropList(run), { curing: undefined, cured: undefined }))
    })
  const notIt = (cause: Cause) => {
    change((run) => dropList(run))
    told.value = { ...told.value, cured: [...(told.value.cured ?? []), cause] }
    set({ curing: undefined, cured: undefined })
  }
  function gone(left: Symptom[]) {
    const kept = run.value!
    const cause = kept.trouble.curing!
    const minutes = Math.max(0, Math.round((Date.now() - Date.parse(kept.startedAt)) / 6000) / 10)
    set({ helped: [...(kept.trouble.helped ?? []), { cause, minutes: Math.min(100_000, minutes) }] })
    if (left.length === 0) return end()
    notIt(cause)
    told.value = { ...told.value, symptoms: left }
  }
  /** Into the log: what was found, and how long it took. */
  function end() {
    const kept = run.value!
    const label = (kept.trouble.helped ?? []).map((h) => words.causeName(h.cause)).join(', ')
    const { name = '?', fitted = {} } = machineStore.byId(kept.machineId) ?? machine.value ?? {}
    shop.undoable(
      t('trouble.told'),
      () => {
        writeDown(kept.id)
        change((run) => endTrouble(run, plain({ name, fitted }), label, new Date().toISOString()))
      },
      signOffId(kept.id),
    )
  }
  return {
    run,
    origin,
    machine,
    answer,
    cure,
    problems,
    state,
    ask,
    told,
    welded,
    look,
    sayAnew,
    answered,
    takeBack,
    takeBackCure,
    begin,
    did,
    cureDone,
    notIt,
    lookAgain,
    gone,
    end,
  }
}
