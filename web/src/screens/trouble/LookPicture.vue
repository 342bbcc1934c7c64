<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { type Station } from '@pepper-knot/core/machine'
import { type Check, type Trouble } from '@pepper-knot/core/trouble'
import CurlSection from '../../parts/sections/CurlSection.vue'
import LinerEndSection from '../../parts/sections/LinerEndSection.vue'
import SectionDrawing from '../../parts/sections/SectionDrawing.vue'
import SwingSection from '../../parts/sections/SwingSection.vue'
import { useSettings } from '../../stores/settings.ts'
import BeadSketch from '../changeover/dialin/BeadSketch.vue'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** What a drawing says quicker than words: the station as it should be, or what to compare with. */
const props = defineProps<{ check: Check; trouble: Trouble }>()
const { t } = useI18n()
const settings = useSettings()
const SECTIONS: Partial<Record<Check, Station>> = {
  'tip-off-and-jog': 'contactTip',
  'read-tip-stamp': 'contactTip',
  'look-tip-bore': 'contactTip',
  'read-roll-groove': 'driveRolls',
  'look-grooves': 'driveRolls',
  'look-wire-after-rolls': 'driveRolls',
  'guide-gap': 'outletGuide',
  'read-liner': 'liner',
  'liner-out-look': 'liner',
  'spool-side': 'spool',
  'trace-work-lead': 'polarity',
  'read-flow': 'gasFlow',
}
const BEADS: Partial<Record<Check, readonly ['good', 'cold' | 'hot']>> = {
  'volts-up': ['good', 'cold'],
  'speed-down': ['good', 'cold'],
  'volts-down': ['good', 'hot'],
  'speed-up': ['good', 'hot'],
}
const finding = computed(() => {
  const station = SECTIONS[props.check]
  return station && props.trouble.findings.find((f) => f.station === station)
})
const setup = computed(() => ({ ...props.trouble.context.machine.fitted, ...finding.value?.after }))
const wireMm = computed(() => props.trouble.context.wire.exactMm)
</script>

<template>
  <div v-if="finding" class="picture" data-part="picture">
    <SectionDrawing :finding="finding" :setup="setup" :wire-mm="wireMm" :scale="74 / wireMm" />
    <p class="tabular">{{ t('trouble.asItShould', { text: words.wantedShort(finding, settings.units) }) }}</p>
  </div>
  <LinerEndSection v-else-if="check === 'liner-reach'" class="picture" data-part="picture" end="seat" />
  <SwingSection v-else-if="check === 'feel-brake'" class="picture" data-part="picture" />
  <CurlSection
    v-else-if="check === 'pressure-test'"
    class="picture"
    data-part="picture"
    :school="trouble.context.practice.pressureTest"
  />
  <div v-else-if="BEADS[check]" class="beads" data-part="picture">
    <figure v-for="bead in BEADS[check]" :key="bead">
      <BeadSketch :bead="bead" />
      <figcaption>{{ t(`picture.bead.${bead}`) }}</figcaption>
    </figure>
  </div>
</template>

<style scoped>
.picture {
  max-width: 280px;
}
.picture :deep(svg) {
  width: 100%;
  max-height: 180px;
}
.beads {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  max-width: 320px;
}
figure {
  margin: 0;
}
</style>
