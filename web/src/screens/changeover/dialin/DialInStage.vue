<script setup lang="ts">
import LegalNote from '../../../parts/LegalNote.vue'
import TroubleLink from '../../../parts/TroubleLink.vue'
import { useRun } from '../../../composables/useRun.ts'
import { computed, nextTick, ref, shallowRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  lookedAt,
  simulatedArc,
  trySigns,
  usualExtensionMm,
  type Try,
  type WeldKind,
} from '@pepper-knot/core/arc'
import { begin } from '@pepper-knot/core/jobs'
import { formatLength, formatVolts } from '@pepper-knot/core/trade'
import { useShop } from '../../../stores/shop.ts'
import { useSettings } from '../../../stores/settings.ts'
import JobFields from '../../../parts/JobFields.vue'
import LastGood from '../../../parts/LastGood.vue'
import FeedDial from './FeedDial.vue'
import SettingsPlane from './SettingsPlane.vue'
import TryForm from './TryForm.vue'
import TryList from './TryList.vue'
import { useDialIn } from './useDialIn.ts'
import { useWords } from '../../../composables/useWords.ts'

type SimulatedArc = ReturnType<typeof simulatedArc>

const words = useWords()
/** The test welds that end a changeover: the next one, what it showed, until two in a row are good. */
defineProps<{
  finished: boolean
}>()
const { run, plan, read, title, set, change } = useRun()
const emit = defineEmits<{ next: []; back: [] }>()
const { t, d } = useI18n()
const shop = useShop()
const settings = useSettings()
const weld = ref<WeldKind>('bead')
const {
  machine,
  tries,
  job: saidJob,
  bench,
  before,
  dialIn,
  next,
} = useDialIn(
  () => run.value,
  () => plan.value,
  () => weld.value,
)
const proposal = computed(
  () =>
    dialIn.value && next.value && words.proposalWords(next.value, tries.value, dialIn.value, settings.units),
)
const start = computed(() => bench.value.start)
const signs = computed(() => trySigns(tries.value, dialIn.value?.model.gasless))
const from = computed(() =>
  before.value
    ? t('dialIn.from.last', { at: d(new Date(before.value.at), { dateStyle: 'medium' }) })
    : dialIn.value?.known
      ? t('dialIn.from.model')
      : t('dialIn.from.nothing'),
)
/** On the wire that is on, before any list has begun: what is welded is said here. */
const loose = computed(() => run.value.kind === 'put-right' && run.value.frozen === undefined)
/** A list that was made without a job, or is not begun: what is welded is asked on it. */
const asksJob = computed(() => loose.value || (run.value.kind === 'put-right' && !plan.value.context.job))
/** Opened where nothing was said yet, and left to whoever types in it. */
const unsaid = asksJob.value && !run.value.job.thicknessMm
const welded = computed(() => {
  const { material, thicknessMm } = saidJob.value
  return [
    material && words.MATERIAL_NAMES[material],
    thicknessMm && formatLength(thicknessMm, settings.units),
  ]
    .filter(Boolean)
    .join(', ')
})
const job = computed({ get: () => saidJob.value, set: (next) => set({ job: next }) })
/** With nothing to put right the list is empty, and the tries are written down at once. */
function writeDown() {
  const planned = plan.value
  const asked = read.value.request
  if (!asked || planned.steps.length) return emit('back')
  const at = new Date().toISOString()
  change((run) =>
    begin(run, { plan: planned, asked, at, wordsOf: (step) => words.stepTitle(step, settings.units) }),
  )
  emit('next')
}
const head = ref<HTMLElement>()
function keep(made: Try) {
  set({ tries: [...tries.value, made].slice(-200) })
  void nextTick(() => {
    head.value?.focus({ preventScroll: true })
    head.value?.scrollIntoView({ block: 'nearest' })
  })
}
function takeBack() {
  const made = run.value.tries
  if (!made?.length) return
  shop.undoable(t('dialIn.tookBack', { n: made.length }), () => set({ tries: made.slice(0, -1) }))
}

/** Practice without a machine: one simulated arc a run, the same however often it is opened. */
const mayPractise = computed(() => tries.value.every((made) => made.simulated))
const form = ref<InstanceType<typeof TryForm>>()
const gave = ref('')
const arc = shallowRef<SimulatedArc>()
watch(
  [() => run.value.id, start] as const,
  ([id]) => {
    const { context } = plan.value
    const { voltageV, wireSpeedMPerMin, transfer } = start.value ?? {}
    // Without a row there is nothing to practise from.
    if (!voltageV || !wireSpeedMPerMin || !transfer) return void (arc.value = undefined)
    const seed = [...id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 1_000_003, 7)
    const extensionMm = usualExtensionMm(context.wire.family, transfer)
    arc.value = simulatedArc(
      {
        wire: context.wire,
        gas: bench.value.gas,
        nominal: { voltageV: voltageV.value, wireSpeedMPerMin: wireSpeedMPerMin.value, extensionMm },
      },
      seed,
    )
  },
  { immediate: true },
)
function simulate() {
  const set = form.value?.settings()
  if (!arc.value || !dialIn.value || set?.voltageV === undefined || set.wireSpeedMPerMin === undefined) return
  const welded = arc.value.weld(set.voltageV, set.wireSpeedMPerMin)
  gave.value = t('dialIn.sim.gave', {
    amps: `${Math.round(welded.currentA / 5) * 5} A`,
    volts: formatVolts(welded.meterV),
    sound: welded.sound,
  })
  const made: Try = {
    voltageV: set.voltageV,
    wireSpeedMPerMin: set.wireSpeedMPerMin,
    weld: weld.value,
    ...welded.report,
    simulated: true,
  }
  keep(lookedAt(made, welded.again, tries.value, dialIn.value.model))
}
</script>

<template>
  <div class="screen stage">
    <h1>{{ t('dialIn.title') }}</h1>
    <p class="muted">{{ title }}</p>
    <TroubleLink class="trouble" :machine-id="run.machineId" :from="run" />
    <details v-if="asksJob" class="job" :open="unsaid">
      <summary>
        {{ t('dialIn.job') }}<template v-if="dialIn">: {{ welded }}</template>
      </summary>
      <JobFields v-model="job" />
    </details>
    <p v-if="asksJob && !start" role="status">{{ t('dialIn.jobFirst') }}</p>
    <p v-if="loose && plan.steps.length" class="problem">
      {{ t('dialIn.wrongFirst', { n: plan.steps.length }) }}
      <v-btn variant="text" @click="$emit('back')">{{ t('dialIn.toMatch') }}</v-btn>
    </p>
    <LastGood :machine-id="run.machineId" :wire="plan.context.wire" :job="job" />
    <template v-if="dialIn && next && proposal && start">
      <TryForm
        ref="form"
        v-model:weld="weld"
        :dial-in="dialIn"
        :tries="tries"
        :next="next"
        :transfer="start.transfer"
        @save="keep"
      >
        <template #intro>
          <p ref="head" class="answer tabular" role="status" tabindex="-1">{{ proposal.say }}</p>
          <p>{{ proposal.why }}</p>
          <p v-for="sign in signs" :key="sign" class="problem">{{ words.trySignText(sign) }}</p>
          <p v-if="tries.length === 0" class="muted">{{ from }}</p>
          <p v-if="!next.done" class="care">{{ t('dialIn.care') }}</p>
        </template>
        <template #plane>
          <SettingsPlane :dial-in="dialIn" :start="start" :tries="tries" :next="next" />
        </template>
        <v-btn
          v-if="loose"
          :variant="next.done ? 'flat' : 'outlined'"
          color="primary"
          size="x-large"
          :disabled="tries.length === 0"
          @click="writeDown"
          >{{ t(plan.steps.length ? 'dialIn.toMatch' : 'dialIn.toSignOff') }}</v-btn
        >
        <v-btn
          v-else-if="finished"
          :variant="next.done ? 'flat' : 'outlined'"
          color="primary"
          size="x-large"
          @click="$emit('next')"
          >{{ t('dialIn.toSignOff') }}</v-btn
        >
        <v-btn
          v-else
          :variant="next.done ? 'flat' : 'outlined'"
          color="primary"
          size="x-large"
          @click="$emit('back')"
          >{{ t('dialIn.toRun') }}</v-btn
        >
      </TryForm>
      <TryList :tries="tries" :dial-in="dialIn" @back="takeBack" />
      <details v-if="arc && mayPractise && !next.done" class="sim">
        <summary>{{ t('dialIn.sim.title') }}</summary>
        <p>{{ t('dialIn.sim.offer') }}</p>
        <v-btn @click="simulate">{{ t('dialIn.sim.weld') }}</v-btn>
        <p v-if="gave" class="tabular" role="status">{{ gave }}</p>
      </details>
      <FeedDial :machine="machine" />
    </template>
    <p v-else-if="start">{{ t('dialIn.none') }}</p>
    <LegalNote />
  </div>
</template>

<style scoped>
.trouble {
  justify-self: start;
}
.stage {
  display: grid;
  gap: 18px;
}
.answer {
  font-size: 1.35rem;
  line-height: 1.3;
  font-weight: 700;
  outline-offset: 4px;
  scroll-margin-top: 20px;
}
.care {
  border-left: 4px solid var(--paprika);
  padding-left: 10px;
}
</style>
