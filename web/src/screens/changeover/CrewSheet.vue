<script setup lang="ts">
import { useRun } from '../../composables/useRun.ts'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { LANES, laneSteps, type Step } from '@pepper-knot/core/jobs'
import { formatMinutes } from '@pepper-knot/core/trade'
import { noRepeat, useOnePress } from '../../parts/onePress.ts'
import { useSettings } from '../../stores/settings.ts'
import CaptiveChain from './CaptiveChain.vue'
import { chainAround } from './chainAround.ts'
import StepButtons from './StepButtons.vue'
import StepCard from './StepCard.vue'
import { useWords } from '../../composables/useWords.ts'

type Lane = (typeof LANES)[number]

const words = useWords()
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
    return {
      lane,
      steps,
      step,
      waits: before.filter((id) => !isDone(id)).map((id) => plan.value.steps.find((s) => s.id === id)!),
      chain: chainAround(steps, at),
      last: steps.findLast((s) => isDone(s.id))?.id,
    }
  }),
)
/** Whose hand is on the wire: their chain has the whole screen until it is done. */
const holding = ref<Lane | null>(null)
const chainNow = computed(() => lanes.value.find((l) => l.lane === holding.value && l.chain.length > 0))
</script>

<template>
  <div v-if="chainNow" class="held">
    <p class="muted">{{ t(`crew.${chainNow.lane}`) }}</p>
    <CaptiveChain
      :key="chainNow.chain[chainNow.chain.length - 1]!.id"
      :chain="chainNow.chain"
      :done-count="chainNow.chain.filter((s) => isDone(s.id)).length"
      @done="chainNow!.step && emit('done', chainNow!.step.id)"
      @back="chainNow!.last && emit('back', chainNow!.last)"
    >
      <v-btn variant="text" @click="holding = null">{{ t('crew.bothLists') }}</v-btn>
    </CaptiveChain>
  </div>
  <div v-else class="both">
    <h1 class="visually-hidden">{{ t('crew.title') }}</h1>
    <div class="lanes" data-part="lanes">
      <section v-for="l in lanes" :key="l.lane" :aria-label="t(`crew.${l.lane}`)" data-part="lane">
        <div class="read" tabindex="0" role="group" :aria-label="t(`crew.${l.lane}`)">
          <header class="row">
            <b class="who">{{ t(`crew.${l.lane}`) }}</b>
            <span class="muted tabular">{{
              t('crew.count', { done: l.steps.filter((s) => isDone(s.id)).length, of: l.steps.length })
            }}</span>
            <span v-if="l.step && !l.waits.length" class="muted">{{ words.PLACE_NAMES[l.step.place] }}</span>
          </header>
          <p v-if="!l.step" class="how">{{ t('crew.ready') }}</p>
          <template v-else-if="l.waits.length">
            <h2>{{ t('crew.wait') }}</h2>
            <ul class="waits">
              <li v-for="w in l.waits" :key="w.id">{{ words.stepTitle(w, settings.units) }}</li>
            </ul>
            <p class="muted">{{ t('crew.next', { step: words.stepTitle(l.step, settings.units) }) }}</p>
          </template>
          <StepCard v-else small :step="l.step" :plan="plan">
            <template #act>
              <v-btn v-if="l.step.task === 'readStation' && l.step.station" @click="emit('write', l.step)">{{
                t('run.write')
              }}</v-btn>
            </template>
          </StepCard>
          <template v-if="l.lane === 'gun'">
            <p class="muted">
              {{
                t('crew.together', { two: formatMinutes(crew.minutes), one: formatMinutes(plan.minutes!) })
              }}
              {{ crew.exact ? '' : t('crew.notExact', { least: formatMinutes(crew.atLeast) }) }}
            </p>
            <slot />
          </template>
        </div>
        <div v-if="l.chain.length && !l.waits.length" class="row" data-part="buttons">
          <v-btn class="big" variant="flat" color="primary" @click="holding = l.lane">{{
            t('crew.takeHold', { n: l.chain.length })
          }}</v-btn>
        </div>
        <StepButtons
          v-else-if="l.step && !l.waits.length"
          :step="l.step"
          :first="!l.last"
          :of="t(`crew.${l.lane}`)"
          @done="(event) => counts[l.lane](event) && emit('done', l.step!.id)"
          @back="(event) => l.last && counts[l.lane](event) && emit('back', l.last)"
        />
        <v-btn
          v-else
          :disabled="!l.last"
          variant="text"
          @keydown.enter="noRepeat"
          @click="l.last && counts[l.lane]($event) && emit('back', l.last)"
          >{{ t('run.back') }}</v-btn
        >
      </section>
    </div>
  </div>
</template>

<style scoped>
.held {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  grid-row: 2 / 4;
  min-height: 0;
}
.both {
  grid-row: 2 / 4;
  min-height: 0;
  display: grid;
}
.lanes {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 32px;
  min-height: 0;
}
section {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  gap: 10px;
  border-top: 4px solid var(--copper);
  padding-top: 8px;
  min-height: 0;
}
.read {
  overflow-y: auto;
  display: flex;
  flex-direction: column;
  gap: 12px;
  min-height: 0;
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
  flex: 1;
  min-height: 72px !important;
  font-size: 1.2rem;
}
/* One phone between two: both lists and both buttons in sight, one above the other. */
@media (max-width: 900px) {
  .lanes {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: 1fr 1fr;
    gap: 6px;
  }
  section {
    gap: 6px;
    padding-top: 4px;
  }
  .who {
    padding: 1px 8px;
  }
}
</style>
