<script setup lang="ts">
import type { Machine } from '@pepper-knot/core/machine'
import { computed } from 'vue'
import { type Finding } from '@pepper-knot/core/machine'
import { linerBoreMm, stampSizes, tipBoreMm } from '@pepper-knot/core/wire'
import BoreSection from './BoreSection.vue'
import FlowSection from './FlowSection.vue'
import GuideSection from './GuideSection.vue'
import PolaritySection from './PolaritySection.vue'
import RollSection from './RollSection.vue'
import SpoolSection from './SpoolSection.vue'
import TipSection from './TipSection.vue'

type Fitted = Machine['fitted']

/** The section of one station for one setup, with the new wire in it. */
const props = defineProps<{ finding: Finding; setup: Partial<Fitted>; wireMm: number; scale: number }>()
const f = computed(() => props.finding.facts)
const rolls = computed(() => props.setup.driveRolls)
const active = computed(
  () => rolls.value && (stampSizes(rolls.value.active ?? rolls.value.grooves[0]!)[0] ?? props.wireMm),
)
const guide = computed(() =>
  props.finding.station === 'inletGuide' ? props.setup.inletGuide : props.setup.outletGuide,
)
const num = (key: string) => Number(f.value[key])
</script>

<template>
  <div class="section">
    <RollSection
      v-if="finding.station === 'driveRolls' && rolls && active"
      :profile="rolls.profile"
      :groove-mm="active"
      :wire-mm="wireMm"
      :scale="scale"
    />
    <BoreSection
      v-else-if="finding.station === 'liner' && setup.liner"
      :bore-mm="linerBoreMm(setup.liner.maxMm)"
      :wire-mm="wireMm"
      :scale="scale * 0.6"
      :coil="setup.liner.material === 'steel-coil'"
    />
    <TipSection
      v-else-if="finding.station === 'contactTip' && setup.contactTip"
      :bore-mm="
        tipBoreMm(stampSizes(setup.contactTip.stamp)[0] ?? wireMm, setup.contactTip.aluminiumBore ?? false)
      "
      :wire-mm="wireMm"
      :scale="scale * 0.7"
    />
    <PolaritySection
      v-else-if="finding.station === 'polarity' && setup.polarity"
      :polarity="setup.polarity"
      :by="String(f.by)"
    />
    <SpoolSection
      v-else-if="finding.station === 'spool' && setup.spool"
      :type="setup.spool.type"
      :leaves="setup.spool.leaves"
      :pin="setup.spool.pinEngaged"
    />
    <GuideSection
      v-else-if="(finding.station === 'inletGuide' || finding.station === 'outletGuide') && guide"
      :material="guide.material"
      :gap-mm="guide.gapMm ?? 2"
      :wire-mm="wireMm"
      :outlet="finding.station === 'outletGuide'"
    />
    <BoreSection
      v-else-if="finding.station === 'nozzle' && setup.nozzle?.boreMm && setup.nozzle.kind === 'gas'"
      :bore-mm="setup.nozzle.boreMm"
      :wire-mm="wireMm"
      :wall-mm="1.5"
      :scale="5"
    />
    <FlowSection
      v-else-if="finding.station === 'gasFlow' && setup.gasFlowLPerMin != null"
      :flow="setup.gasFlowLPerMin"
      :low="num('low')"
      :high="num('high')"
      :ceiling="f.ceiling === undefined ? undefined : num('ceiling')"
    />
  </div>
</template>

<style>
.section .metal {
  fill: var(--metal);
  stroke: var(--ink);
  stroke-width: 2;
}
.section .tooth {
  fill: var(--ink);
}
.section .wire {
  fill: var(--copper-soft);
  stroke: var(--copper);
  stroke-width: 2.5;
}
.section .clash {
  stroke: var(--paprika);
  stroke-width: 4;
  fill-opacity: 0.75;
}
</style>
