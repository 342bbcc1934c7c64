<script setup lang="ts">
import { useRun } from '../../composables/useRun.ts'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  formatMinutes,
  LANES,
  laneSteps,
  PLACE_NAMES,
  stepTitle,
  type Lane,
  type Step,
} from '@pepper-knot/core'
import HoldButton from '../../parts/HoldButton.vue'
import { noRepeat, useOnePress } from '../../parts/onePress.ts'
import { useSettings } from '../../stores/settings.ts'
import CaptiveChain from './CaptiveChain.vue'
import StepCard from './StepCard.vue'

/** Two people, two lists side by side; a step waits where it needs something of the other's. */
const { run, plan } = useRun()
const emit = defineEmits<{ done: [id: string]; back: [id: string]; write: [step: Step] }>()
const { t } = useI18n()
const settings = useSettings()
/** A press of the one is never the other's. */
const counts = { feeder: useOnePress(), gun: useOnePress() }
const crew = computed(() => plan.value.crew!)
const isDone = (id: string) => run.value.done.includes(id)

interface LaneNow {
  lane: Lane
  steps: Step[]
  step: Step | undefined
  waits: Step[]
  chain: Step[]
  last: string | undefined
}
const lanes = computed<LaneNow[]>(() =>
  LANES.map((lane) => {
    const steps = laneSteps(crew.value, lane, plan.value.steps)
    const at = steps.findIndex((s) => !isDone(s.id))
    const step = at < 0 ? undefined : steps[at]
    const before = crew.value.steps.find((s) => s.id === step?.id)?.before ?? []
    const end = steps.findIndex((s, i) => i > at && !s.captive)
    return {
      lane,
      steps,
      step,
      waits: before.filter((id) => !isDone(id)).map((id) => plan.value.steps.find((s) => s.id === id)!),
      chain: step?.captive ? steps.slice(at, end < 0 ? undefined : end) : [],
      last: steps.findLast((s) => isDone(s.id))?.id,
    }
  }),
)
/** Whose hand is on the wire: their chain has the whole screen until it is done. */
const holding = ref<Lane | null>(null)
const chainNow = computed(() => lanes.value.find((l) => l.lane === holding.value && l.chain.length > 0))
</script>

<template>
  <h1 v-if="!chainNow">{{ t('crew.title') }}</h1>
  <div v-if="chainNow">
    <p class="muted">{{ t(`crew.${chainNow.lane}`) }}</p>
    <CaptiveChain
      :key="chainNow.chain[chainNow.chain.length - 1]!.id"
      :chain="chainNow.chain"
      @done="emit('done', chainNow!.chain[0]!.id)"
      @back="chainNow!.last && emit('back', chainNow!.last)"
    />
    <v-btn variant="text" @click="holding = null">{{ t('crew.bothLists') }}</v-btn>
  </div>
  <div v-else class="lanes" data-part="lanes">
    <section v-for="l in lanes" :key="l.lane" :aria-label="t(`crew.${l.lane}`)">
      <header class="row">
        <b class="who">{{ t(`crew.${l.lane}`) }}</b>
        <span class="muted tabular">{{
          t('crew.count', { done: l.steps.filter((s) => isDone(s.id)).length, of: l.steps.length })
        }}</span>
      </header>
      <p v-if="!l.step" class="how">{{ t('crew.ready') }}</p>
      <template v-else-if="l.waits.length">
        <h2>{{ t('crew.wait') }}</h2>
        <ul class="waits">
          <li v-for="w in l.waits" :key="w.id">{{ stepTitle(w, settings.units) }}</li>
        </ul>
        <p class="muted">{{ t('crew.next', { step: stepTitle(l.step, settings.units) }) }}</p>
      </template>
      <template v-else>
        <p>{{ PLACE_NAMES[l.step.place] }}</p>
        <StepCard small :step="l.step" :findings="plan.findings">
          <v-btn v-if="l.step.task === 'readStation' && l.step.station" @click="emit('write', l.step)">{{
            t('run.write')
          }}</v-btn>
        </StepCard>
        <v-btn
          v-if="l.chain.length"
          variant="flat"
          color="primary"
          size="x-large"
          @click="holding = l.lane"
          >{{ t('crew.takeHold', { n: l.chain.length }) }}</v-btn
        >
        <HoldButton
          v-else-if="l.step.hold"
          :key="l.step.id"
          :label="t('run.done')"
          @held="emit('done', l.step.id)"
        />
        <v-btn
          v-else
          variant="flat"
          color="primary"
          size="x-large"
          class="big"
          @keydown.enter="noRepeat"
          @click="counts[l.lane]($event) && emit('done', l.step.id)"
          >{{ t('run.done') }}</v-btn
        >
      </template>
      <v-btn
        :disabled="!l.last"
        variant="text"
        @keydown.enter="noRepeat"
        @click="l.last && counts[l.lane]($event) && emit('back', l.last)"
        >{{ t('run.back') }}</v-btn
      >
    </section>
  </div>
  <p class="muted">
    {{ t('crew.together', { two: formatMinutes(crew.minutes), one: formatMinutes(plan.minutes!) }) }}
    {{ crew.exact ? '' : t('crew.notExact', { least: formatMinutes(crew.atLeast) }) }}
  </p>
</template>

<style scoped>
.lanes {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 32px;
}
section {
  display: flex;
  flex-direction: column;
  gap: 14px;
  border-top: 4px solid var(--copper);
  padding-top: 12px;
}
.who {
  background: var(--ink);
  color: var(--ground);
  padding: 4px 12px;
}
.how {
  font-size: 1.25rem;
}
.waits li {
  border-left: 4px solid var(--copper-soft);
  padding: 4px 12px;
}
.big {
  min-height: 72px;
  font-size: 1.3rem;
}
@media (max-width: 900px) {
  .lanes {
    grid-template-columns: 1fr;
  }
}
</style>
