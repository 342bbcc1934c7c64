<script setup lang="ts">
import type { Run } from '@pepper-knot/core/record'
import { useRun } from '../../composables/useRun.ts'
import { pulled } from '../../composables/useWait.ts'
import {
  useEventListener,
  useLocalStorage,
  useMediaQuery,
  useNow,
  useVibrate,
  useWakeLock,
} from '@vueuse/core'
import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute } from 'vue-router'
import {
  cardsOf,
  doStep,
  dropList,
  undoStep,
  walkMinutes,
  type Changeover,
  type Conversion,
} from '@pepper-knot/core/jobs'
import { type Machine, type Station } from '@pepper-knot/core/machine'
import { keptPlan } from '@pepper-knot/core/record'
import { formatMinutes } from '@pepper-knot/core/trade'
import StationEditor from '../../parts/StationEditor.vue'
import SureBox from '../../parts/SureBox.vue'
import { viewChanged } from '../../parts/handsUp.ts'
import { usePageKeys } from '../../parts/keys.ts'
import { useOnePress } from '../../parts/onePress.ts'
import { leftOf, planOf, usedIn, withUse } from '../../stores/plan.ts'
import { usePromised } from '../../stores/promised.ts'
import { useShop } from '../../stores/shop.ts'
import { useMachines } from '../../stores/machines.ts'
import { useParts } from '../../stores/parts.ts'
import { useSettings } from '../../stores/settings.ts'
import { useWriteDown } from '../../stores/writeDown.ts'
import CaptiveChain from './CaptiveChain.vue'
import { chainAround } from './chainAround.ts'
import FoldedCard from './FoldedCard.vue'
import CrewSheet from './CrewSheet.vue'
import FeedGuide from './FeedGuide.vue'
import RunSide from './RunSide.vue'
import SheetWays from './SheetWays.vue'
import StopBox from './StopBox.vue'
import StepButtons from './StepButtons.vue'
import StepCard from './StepCard.vue'
import StepList from './StepList.vue'
import { useWords } from '../../composables/useWords.ts'

type Stage = Run['stage']

const words = useWords()
const props = defineProps<{
  plan: Changeover | Conversion
}>()
const { run, change } = useRun()
const emit = defineEmits<{ next: []; dialIn: []; stage: [stage: Stage] }>()
const { t } = useI18n()
const shop = useShop()
const machineStore = useMachines()
const partStore = useParts()
const promised = usePromised()
const settings = useSettings()
const writeDown = useWriteDown()

const steps = computed(() => props.plan.steps)
const at = computed(() => steps.value.findIndex((s) => !run.value.done.includes(s.id)))
const step = computed(() => (at.value < 0 ? undefined : steps.value[at.value]))
const whole = ref(false)
/** Steps folded by where they are done, for who knows them: chosen on the sheet, kept by this device. */
const folded = useLocalStorage('pepper-knot/folded', false)
const cards = computed(() => cardsOf(steps.value))
const cardAt = computed(() =>
  step.value ? cards.value.findIndex((card) => card.steps.includes(step.value!)) : -1,
)
function fold() {
  folded.value = !folded.value
  // The keys are the card's again.
  void nextTick(() => card.value?.focus())
}
/** The card now at hand, where it holds more than one step that is to be pressed. */
const folding = computed(() => {
  const now = folded.value && !shared.value ? cards.value[cardAt.value] : undefined
  return now && now.steps.length > 1 && !now.steps[0]!.captive ? now : undefined
})
/** Asked for from elsewhere: from the Bench. */
const route = useRoute()
const stopping = ref(route.query.stop !== undefined && !run.value.stopped && run.value.kind !== 'cure')
/** The walk stands beside the step where there is room, else below it. */
const beside = useMediaQuery('(min-width: 901px)')
const refocus = () => void nextTick(() => read.value?.focus())
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

/** The run of captive steps that the present step stands in, done ones too. */
const chain = computed(() => chainAround(steps.value, at.value))
const chainDone = computed(() => chain.value.filter((s) => run.value.done.includes(s.id)).length)

/** When the step now at hand was begun, for the shop's own minutes; the walk to it is not work. */
let since = Date.now()
const counts = useOnePress()
function done(event?: Event) {
  if (!step.value || !counts(event)) return
  if (folding.value) return doneAll(folding.value.steps.map(({ id }) => id))
  const { id, place } = step.value
  const walk = walkMinutes(steps.value[at.value - 1]?.place ?? 'store', place)
  const minutes = Math.round(Math.max(0, (Date.now() - since) / 60_000 - walk) * 100) / 100
  since = Date.now()
  if (step.value.task === 'unplug') pulled(run.value.id)
  change((run) => doStep(run, id, minutes, new Date().toISOString()))
}
/** Every line of a card, in its order; the minutes are shared by what each is planned to take. */
function doneAll(ids: readonly string[]) {
  const left = steps.value.filter((s) => ids.includes(s.id) && !run.value.done.includes(s.id))
  const planned = left.reduce((sum, s) => sum + s.minutes, 0)
  const took = (Date.now() - since) / 60_000
  since = Date.now()
  if (left.some(({ task }) => task === 'unplug')) pulled(run.value.id)
  change((run) =>
    left.reduce(
      (now, { id, minutes }) =>
        doStep(now, id, Math.round((took * minutes * 100) / planned) / 100, new Date().toISOString()),
      run,
    ),
  )
}
function back(event?: Event) {
  if (!counts(event)) return
  since = Date.now()
  const last = run.value.done.at(-1)
  // A card is taken back whole, as it was pressed.
  const card =
    folded.value && !shared.value ? cards.value.find((c) => c.steps.some((s) => s.id === last)) : undefined
  const ids = card && !card.steps[0]!.captive ? card.steps.map(({ id }) => id) : [last]
  change((run) =>
    run.done
      .filter((id) => ids.includes(id))
      .reverse()
      .reduce((now, id) => undoStep(now, id), run),
  )
}
const doneBy = (id: string) => change((run) => doStep(run, id, undefined, new Date().toISOString()))
const backBy = (id: string) => change((run) => undoStep(run, id))
const writing = ref<Station | null>(null)
/**
 * What was read goes into the machine and the plan is made anew: readings come first, so nothing has been opened
 * yet. If it shows that a part is missing, Gather says so.
 */
function wrote(machine: Machine) {
  writing.value = null
  const { use: _use, ...frozen } = run.value.frozen!
  const began = machineStore.read(frozen.machine, machine)
  // The store as it is now: chosen parts are found again by their id.
  const store = leftOf(partStore.list, promised.takenFor(run.value.id))
  const request = withUse({ ...frozen, machine: began, store }, usedIn(run.value))
  const again = planOf({ ...run.value, planned: undefined, frozen: request }, shop.shop, shop.digest)
  const { plan } = again
  const { store: _store, ...asked } = request
  change((run) => ({
    ...run,
    frozen: JSON.parse(JSON.stringify(asked)) as typeof asked,
    planned: plan && keptPlan(plan, (step) => words.stepTitle(step, settings.units)),
  }))
  const lacking =
    !plan || plan.problems.length > 0 || plan.gather.some((line) => !line.have && !line.ifNeeded)
  if (lacking) backTo(plan && plan.problems.length === 0 ? 'gather' : 'match')
}

function backTo(stage: Stage) {
  emit('stage', stage)
  change((run) => dropList(run, stage))
}
/**
 * What was found at the machine was not what was planned for: the machine is written down as it now stands, and the
 * sheet is planned anew from there.
 */
function planAgain() {
  sure.value = false
  shop.undoable(t('run.plannedAgain'), () => {
    writeDown(run.value.id)
    backTo('match')
  })
}
const sure = ref(false)
const print = () => window.print()

// A screen that goes dark wants a clean finger; a light tap of the phone says that the step was taken.
const awake = useWakeLock()
const { vibrate, isSupported: vibrates } = useVibrate({ pattern: [30] })
onMounted(() => void awake.request('screen').catch(() => undefined))
onBeforeUnmount(() => void awake.release().catch(() => undefined))

// A phone’s bar gives way to the sheet.
onMounted(() => document.documentElement.classList.add('on-sheet'))
onBeforeUnmount(() => document.documentElement.classList.remove('on-sheet'))

watch(at, (now) => {
  viewChanged()
  if (vibrates.value) vibrate()
  if (now < 0) emit('next')
  else
    // With the frame that draws it: asked for sooner, the browser lays the page out twice.
    requestAnimationFrame(() => {
      read.value?.scrollTo({ top: 0 })
      window.scrollTo({ top: 0 })
      card.value?.focus()
    })
})
// Back from the list, the keys are the step's again.
watch(whole, (list) => void nextTick(() => !list && card.value?.focus()))
const read = ref<HTMLElement>()
const buttons = ref<InstanceType<typeof StepButtons>>()
const captive = ref<InstanceType<typeof CaptiveChain>>()
/** Space and Enter do what the large button does, wherever the eye is: step done, hold, chain started. */
function press(event: KeyboardEvent) {
  if (!step.value || shared.value || whole.value) return
  if (event.target instanceof HTMLElement && event.target.closest('button, a, summary, label, [role=button]'))
    return
  event.preventDefault()
  if (event.repeat) return
  if (step.value.captive) captive.value?.start()
  else buttons.value?.press(event)
}
usePageKeys({
  ' ': press,
  Enter: press,
  Backspace: (event) => {
    if (shared.value || (step.value?.captive && event.defaultPrevented)) return
    event.preventDefault()
    back(event)
  },
})
useEventListener(window, ['keyup', 'blur'], () => buttons.value?.release())

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
  <div v-if="step" class="swap" :class="{ wide: shared }" data-part="sheet">
    <div class="main">
      <header class="head tabular" data-part="head">
        <b v-if="!shared && !folding" class="place" data-part="place">{{ words.PLACE_NAMES[step.place] }}</b>
        <span v-if="shared">{{ t('crew.count', { done: run.done.length, of: steps.length }) }}</span>
        <span v-else-if="folded">{{ t('run.card', { n: cardAt + 1, of: cards.length }) }}</span>
        <span v-else>{{ t('run.step', { n: at + 1, of: steps.length }) }}</span>
        <span v-if="!shared" class="left">{{ t('run.left', { minutes: formatMinutes(left) }) }}</span>
        <b class="clock" :aria-label="t('run.clock')" role="timer" aria-live="off">{{ clock }}</b>
      </header>
      <CrewSheet
        v-if="shared && !whole"
        @done="doneBy"
        @back="backBy"
        @write="writing = $event.station ?? null"
      >
        <SheetWays :whole="whole" @whole="whole = !whole" @stop="stopping = true" @again="sure = true" />
      </CrewSheet>
      <CaptiveChain
        v-else-if="chain.length && !whole"
        :key="chain[chain.length - 1]!.id"
        ref="captive"
        :chain="chain"
        :done-count="chainDone"
        @done="done"
        @back="back"
        @leave="refocus"
      >
        <SheetWays
          :whole="whole"
          :folded="folded"
          @whole="whole = !whole"
          @fold="fold"
          @stop="stopping = true"
          @again="sure = true"
        />
      </CaptiveChain>
      <template v-else>
        <div ref="read" class="read" data-part="read" tabindex="0" role="group" :aria-label="t('run.sheet')">
          <template v-if="whole">
            <h1>{{ t('run.wholeTitle') }}</h1>
            <v-btn class="write no-print" @click="print">{{ t('gather.print') }}</v-btn>
            <StepList :steps="steps" :done="run.done" />
          </template>
          <FoldedCard v-else-if="folding" ref="card" :card="folding" :done="run.done" />
          <StepCard v-else ref="card" :step="step" :plan="plan">
            <template #act>
              <v-btn
                v-if="step.task === 'readStation' && step.station && !step.facts.going && !run.stopped"
                class="write"
                @click="writing = step.station"
                >{{ t('run.write') }}</v-btn
              >
              <v-btn v-if="step.task === 'testWeld'" class="write" size="large" @click="$emit('dialIn')">{{
                t('run.toDialIn')
              }}</v-btn>
            </template>
            <FeedGuide v-if="guided && GUIDED[step.task]" :show="GUIDED[step.task]!" />
          </StepCard>
          <SheetWays
            :whole="whole"
            :folded="folded"
            @whole="whole = !whole"
            @fold="fold"
            @stop="stopping = true"
            @again="sure = true"
          />
          <RunSide v-if="!beside && !shared" :steps="steps" :at="at" />
        </div>
        <StepButtons
          v-if="!whole"
          ref="buttons"
          :step="step"
          :first="run.done.length === 0"
          @done="done"
          @back="back"
        />
      </template>
    </div>
    <RunSide v-if="beside && !shared" :steps="steps" :at="at" />
    <StopBox v-if="stopping" @close="stopping = false" />
    <SureBox
      v-if="sure"
      :title="t('sure.planAgain.title')"
      :text="t('sure.planAgain.text')"
      :take="t('sure.planAgain.take')"
      @take="planAgain"
      @close="sure = false"
    />
    <StationEditor
      :machine="machineStore.byId(run.machineId) ?? plan.context.machine"
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
/* The sheet is as high as the screen leaves it: what is to be read scrolls, what is to be pressed stays. */
.swap {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 330px;
  grid-template-rows: minmax(0, 1fr);
  height: max(240px, calc(100dvh - var(--above) - var(--below)));
}
.swap.wide {
  grid-template-columns: minmax(0, 1fr);
}
.main {
  padding: 16px 40px 16px;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  gap: 14px;
  min-height: 0;
}
.main > .chain {
  grid-row: 2 / 4;
}
.read {
  overflow-y: auto;
  display: flex;
  flex-direction: column;
  gap: 16px;
  min-height: 0;
  padding: 2px;
}
.read:focus-visible {
  outline-offset: -3px;
}
/* A glove's targets. */
.swap
  :deep(
    :is(button:not(.done, .hold, .go), summary, .v-btn, .v-field, .v-field__input, .v-selection-control)
  ) {
  min-height: 64px;
}
.swap :deep(:is(button, .v-btn)) {
  min-width: 64px;
}
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
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
/* A phone on its side, or large letters: the sheet keeps its words and its button. */
@media (max-height: 520px) {
  .main {
    padding: 4px 16px !important;
    gap: 4px !important;
  }
  .head {
    flex-wrap: nowrap !important;
    overflow: hidden;
    max-height: 40px;
  }
  .place {
    padding: 2px 8px !important;
    font-size: 1rem !important;
  }
}
@media (max-width: 900px) {
  .swap {
    grid-template-columns: minmax(0, 1fr);
  }
  .main {
    padding: 8px 16px 8px;
    gap: 8px;
  }
  .head {
    gap: 4px 12px;
  }
  .left {
    display: none;
  }
  .place {
    font-size: 1rem;
    padding: 3px 10px;
  }
}
</style>
