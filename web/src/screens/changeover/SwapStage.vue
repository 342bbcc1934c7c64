<script setup lang="ts">
import { useRun } from '../../composables/useRun.ts'
import { useNow } from '@vueuse/core'
import { computed, markRaw, nextTick, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  formatMinutes,
  keptPlan,
  PLACE_NAMES,
  walkMinutes,
  type Changeover,
  type Conversion,
  type Machine,
  type Stage,
  type Station,
} from '@pepper-knot/core'
import StationEditor from '../../parts/StationEditor.vue'
import { usePageKeys } from '../../parts/keys.ts'
import { useOnePress } from '../../parts/onePress.ts'
import { leftOf, planOf, withUse } from '../../stores/plan.ts'
import { usePromised } from '../../stores/promised.ts'
import { useShop } from '../../stores/shop.ts'
import { useMachines } from '../../stores/machines.ts'
import { useParts } from '../../stores/parts.ts'
import { useRuns } from '../../stores/runs.ts'
import CaptiveChain from './CaptiveChain.vue'
import CrewSheet from './CrewSheet.vue'
import FeedGuide from './FeedGuide.vue'
import RunSide from './RunSide.vue'
import StopBox from './StopBox.vue'
import StepButtons from './StepButtons.vue'
import StepCard from './StepCard.vue'
import StepList from './StepList.vue'

const props = defineProps<{
  plan: Changeover | Conversion
}>()
const { run } = useRun()
const emit = defineEmits<{ next: []; dialIn: [] }>()
const { t } = useI18n()
const shop = useShop()
const machineStore = useMachines()
const partStore = useParts()
const promised = usePromised()
const runStore = useRuns()

const steps = computed(() => props.plan.steps)
const at = computed(() => steps.value.findIndex((s) => !run.value.done.includes(s.id)))
const step = computed(() => (at.value < 0 ? undefined : steps.value[at.value]))
const whole = ref(false)
const stopping = ref(false)
const card = ref<{ focus: () => void }>()

/** The list for two, where the practice asks for it. */
const shared = computed(() => ('crew' in props.plan && props.plan.crew ? props.plan : undefined))

/** What the mechanics have to say at a step. */
const GUIDED: Partial<Record<string, 'brake' | 'thread' | 'pressure'>> = {
  setBrake: 'brake',
  feedThrough: 'thread',
  setPressure: 'pressure',
}
const guided = computed(() =>
  'proof' in props.plan && 'gather' in props.plan && 'required' in props.plan ? props.plan : undefined,
)

/** The run of captive steps that the present step stands in. */
const chain = computed(() => {
  if (!step.value?.captive) return []
  const end = steps.value.findIndex((s, i) => i > at.value && !s.captive)
  return steps.value.slice(at.value, end < 0 ? undefined : end)
})

/** When the step now at hand was begun, for the shop's own minutes; the walk to it is not work. */
let since = Date.now()
const counts = useOnePress()
function done(event?: Event) {
  if (!step.value || !counts(event)) return
  const { id, task, place } = step.value
  const walk = walkMinutes(steps.value[at.value - 1]?.place ?? 'store', place)
  const minutes = Math.round(Math.max(0, (Date.now() - since) / 60_000 - walk) * 100) / 100
  since = Date.now()
  run.value.times = [...(run.value.times ?? []), { step: id, task, minutes: Math.min(600, minutes) }].slice(
    -500,
  )
  run.value.done = [...run.value.done, id]
}
function back(event?: Event) {
  if (!counts(event)) return
  const last = run.value.done.at(-1)
  if (last !== undefined) run.value.times = run.value.times?.filter((t) => t.step !== last)
  since = Date.now()
  run.value.done = run.value.done.slice(0, -1)
}
const doneBy = (id: string) => (run.value.done = [...run.value.done, id])
const backBy = (id: string) => (run.value.done = run.value.done.filter((d) => d !== id))
const writing = ref<Station | null>(null)
/**
 * What was read goes into the machine and the plan is made anew: readings come first, so nothing has been opened
 * yet. If it shows that a part is missing, Gather says so.
 */
function wrote(machine: Machine) {
  writing.value = null
  machineStore.put(machine)
  const { use: _use, ...frozen } = run.value.frozen!
  // The store as it is now: chosen parts are found again by their id.
  const store = leftOf(partStore.list, promised.takenFor(run.value.id))
  const request = withUse({ ...frozen, machine, store }, Object.entries(run.value.use ?? {}))
  const again = planOf({ ...run.value, planned: undefined, frozen: request }, shop.shop, shop.digest)
  const { plan } = again
  const { store: _store, ...asked } = request
  run.value.frozen = JSON.parse(JSON.stringify(asked)) as typeof asked
  run.value.planned = plan && markRaw(keptPlan(plan))
  const lacking =
    !plan || plan.problems.length > 0 || plan.gather.some((line) => !line.have && !line.ifNeeded)
  if (lacking) backTo(plan && plan.problems.length === 0 ? 'gather' : 'match')
}

function backTo(stage: Stage) {
  const { id } = run.value
  runStore.list = runStore.list.map((r) =>
    r.id === id
      ? { ...r, frozen: undefined, planned: undefined, swapStartedAt: undefined, done: [], stage }
      : r,
  )
}
/** What was found at the machine was not what was planned for: back to Match, and the sheet begins anew. */
function planAgain() {
  shop.undoable(t('run.plannedAgain'), () => backTo('match'))
}
watch(at, (now) => {
  if (now < 0) emit('next')
  else
    void nextTick(() => {
      window.scrollTo({ top: 0 })
      card.value?.focus()
    })
})
usePageKeys({
  ' ': (event) => {
    if (
      !step.value ||
      shared.value ||
      step.value.hold ||
      step.value.captive ||
      (event.target instanceof HTMLElement && event.target.closest('button, a'))
    )
      return
    event.preventDefault()
    done(event)
  },
  Backspace: (event) => {
    if (shared.value || (step.value?.captive && event.defaultPrevented)) return
    event.preventDefault()
    back(event)
  },
})

const now = useNow({ interval: 1000 })
const clock = computed(() => {
  const seconds = run.value.swapStartedAt
    ? Math.max(0, Math.floor((now.value.getTime() - Date.parse(run.value.swapStartedAt)) / 1000))
    : 0
  const [h, m, s] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60]
  return h > 99
    ? t('run.days', { n: Math.floor(h / 24) })
    : `${h ? `${h}:` : ''}${String(m).padStart(h ? 2 : 1, '0')}:${String(s).padStart(2, '0')}`
})
const left = computed(() => steps.value.slice(Math.max(0, at.value)).reduce((sum, s) => sum + s.minutes, 0))
</script>

<template>
  <div v-if="step" class="swap" :class="{ wide: shared }">
    <div class="main">
      <header class="head tabular" data-part="head">
        <b v-if="!shared" class="place" data-part="place">{{ PLACE_NAMES[step.place] }}</b>
        <span v-if="shared">{{ t('crew.count', { done: run.done.length, of: steps.length }) }}</span>
        <span v-else>{{ t('run.step', { n: at + 1, of: steps.length }) }}</span>
        <span v-if="!shared">{{ t('run.left', { minutes: formatMinutes(left) }) }}</span>
        <b class="clock" :aria-label="t('run.clock')" role="timer" aria-live="off">{{ clock }}</b>
      </header>
      <template v-if="whole">
        <h1>{{ t('run.wholeTitle') }}</h1>
        <StepList :steps="steps" :done="run.done" />
      </template>
      <CrewSheet v-else-if="shared" @done="doneBy" @back="backBy" @write="writing = $event.station ?? null" />
      <CaptiveChain
        v-else-if="chain.length"
        :key="chain.length > 0 ? chain[chain.length - 1]!.id : ''"
        :chain="chain"
        @done="done"
        @back="back"
      />
      <template v-else>
        <StepCard ref="card" :step="step" :findings="plan.findings">
          <v-btn
            v-if="step.task === 'readStation' && step.station && !step.facts.going && !run.stopped"
            class="write"
            @click="writing = step.station"
            >{{ t('run.write') }}</v-btn
          >
          <v-btn v-if="step.task === 'testWeld'" class="write" size="large" @click="$emit('dialIn')">{{
            t('run.toDialIn')
          }}</v-btn>
        </StepCard>
        <FeedGuide v-if="guided && GUIDED[step.task]" :show="GUIDED[step.task]!" />
        <StepButtons :step="step" :first="run.done.length === 0" @done="done" @back="back" />
      </template>
      <div class="row">
        <v-btn variant="text" :aria-pressed="whole" @click="whole = !whole">{{
          t(whole ? 'run.oneStep' : 'run.whole')
        }}</v-btn>
        <v-btn v-if="!run.conversion && !run.stopped" variant="text" @click="stopping = true">{{
          t('stop.offer')
        }}</v-btn>
        <v-btn v-if="!run.conversion && !run.stopped" variant="text" @click="planAgain">{{
          t('run.planAgain')
        }}</v-btn>
      </div>
    </div>
    <RunSide v-if="!shared" :steps="steps" :at="at" />
    <StopBox v-if="stopping" @close="stopping = false" />
    <StationEditor
      :machine="machineStore.asPlanned(plan.context.machine)"
      :station="writing"
      @save="wrote"
      @close="writing = null"
    />
  </div>
  <div v-else class="screen">
    <h1>{{ t('run.allDone') }}</h1>
    <div class="row">
      <v-btn variant="flat" color="primary" size="x-large" @click="$emit('next')">{{
        t('stage.sign-off')
      }}</v-btn>
      <v-btn size="x-large" @click="back">{{ t('run.back') }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.swap {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 330px;
  min-height: calc(100vh - 52px);
}
.swap.wide {
  grid-template-columns: minmax(0, 1fr);
}
.main {
  padding: 28px 40px 28px;
  display: flex;
  flex-direction: column;
  gap: 20px;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: center;
}
.place {
  background: var(--ink);
  color: var(--ground);
  padding: 6px 14px;
  font-size: 1.1rem;
}
.clock {
  margin-left: auto;
  font-size: 1.35rem;
}
.write {
  align-self: flex-start;
}
@media (max-width: 900px) {
  .swap {
    grid-template-columns: 1fr;
  }
  .main {
    padding: 16px;
    min-height: calc(100vh - 52px - 76px);
  }
}
@media (max-width: 700px) {
  .swap {
    padding-bottom: 84px;
  }
}
</style>
