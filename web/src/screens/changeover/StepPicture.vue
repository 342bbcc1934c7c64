<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { linerEnd, type Changeover, type Step } from '@pepper-knot/core/jobs'
import { type Station } from '@pepper-knot/core/machine'
import CurlSection from '../../parts/sections/CurlSection.vue'
import LinerEndSection from '../../parts/sections/LinerEndSection.vue'
import SectionDrawing from '../../parts/sections/SectionDrawing.vue'
import SwingSection from '../../parts/sections/SwingSection.vue'
import { useSettings } from '../../stores/settings.ts'
import BeadSketch from './dialin/BeadSketch.vue'
import { useWords } from '../../composables/useWords.ts'

type Task = Step['task']

const words = useWords()
/** What a drawing says quicker: the station as it must be once the step is done. */
const props = defineProps<{ step: Step; plan: Changeover }>()
const { t } = useI18n()
const settings = useSettings()

/** The section that a task brings about. */
const SECTIONS: Partial<Record<Task, Station>> = {
  mountSpool: 'spool',
  seatSpool: 'spool',
  inletGuideChange: 'inletGuide',
  inletGuideSet: 'inletGuide',
  rollsChange: 'driveRolls',
  rollsTurn: 'driveRolls',
  outletGuideChange: 'outletGuide',
  outletGuideSet: 'outletGuide',
  linerIn: 'liner',
  fitTip: 'contactTip',
  fitNozzle: 'nozzle',
  swapStuds: 'polarity',
  swapPlugs: 'polarity',
  turnSwitch: 'polarity',
  setFlow: 'gasFlow',
}
const BEADS = ['good', 'cold', 'hot'] as const
const finding = computed(() => {
  const station = SECTIONS[props.step.task]
  return station && props.plan.findings.find((f) => f.station === station)
})
const setup = computed(() => ({ ...props.plan.context.machine.fitted, ...finding.value?.after }))
const wireMm = computed(() => props.plan.context.wire.exactMm)
const trimmed = computed(() => {
  if (props.step.task !== 'linerTrim') return undefined
  const end = linerEnd(props.step.facts)
  // Flush or past the seat: in the picture it reaches the tip.
  return end === 'flush' ? 'seat' : end
})
</script>

<template>
  <div v-if="finding" class="picture" data-part="picture">
    <SectionDrawing :finding="finding" :setup="setup" :wire-mm="wireMm" :scale="74 / wireMm" />
    <p class="tabular">{{ words.wantedShort(finding, settings.units) }}</p>
  </div>
  <LinerEndSection v-else-if="trimmed" class="picture" data-part="picture" :end="trimmed" />
  <SwingSection v-else-if="step.task === 'setBrake'" class="wide" data-part="picture" />
  <CurlSection
    v-else-if="step.task === 'setPressure'"
    class="wide"
    data-part="picture"
    :school="plan.context.practice.pressureTest"
  />
  <div v-else-if="step.task === 'testWeld'" class="wide beads" data-part="picture">
    <figure v-for="bead in BEADS" :key="bead">
      <BeadSketch :bead="bead" />
      <figcaption>
        {{ t(`picture.bead.${bead}`) }}
      </figcaption>
    </figure>
  </div>
</template>

<style scoped>
.picture {
  max-width: 300px;
}
.picture :deep(svg) {
  width: 100%;
  max-height: 200px;
}
.picture:empty {
  display: none;
}
.wide {
  max-width: 640px;
}
.wide :deep(svg) {
  width: 100%;
  max-height: 130px;
}
.beads {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 10px;
}
figure {
  margin: 0;
}
</style>
