<script setup lang="ts">
import { computed, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { type Run } from '@pepper-knot/core/record'
import { formatDraught, gaugeScaleOf, MATERIALS, POSITIONS } from '@pepper-knot/core/trade'
import { useSettings } from '../stores/settings.ts'
import QuantityField from './QuantityField.vue'
import { useWords } from '../composables/useWords.ts'

const words = useWords()
/** What is to be welded: metal, thickness, position, wind. */
const job = defineModel<Run['job']>({ required: true })
const { t } = useI18n()
const settings = useSettings()
/** What was given up last: two fields may say something before the page has come round. */
let latest = job.value
watch(job, (now) => (latest = now))
/** Each change makes the job anew; a field that says nothing is left out. */
function set(more: Partial<Record<keyof Run['job'], unknown>>) {
  const next = Object.entries({ ...latest, ...more }).filter(([, value]) => value !== undefined)
  latest = Object.fromEntries(next) as Run['job']
  job.value = latest
}
const gaugeScale = computed(() => gaugeScaleOf(job.value.material))
</script>

<template>
  <div class="pairs">
    <v-select
      :model-value="job.material"
      :label="t('decide.metal')"
      :items="MATERIALS.map((value) => ({ value, title: words.MATERIAL_NAMES[value] }))"
      @update:model-value="set({ material: $event })"
    />
    <QuantityField
      :model-value="job.thicknessMm"
      kind="thickness"
      :label="t('decide.thickness')"
      :hint="t('decide.thicknessHint')"
      :units="settings.units"
      :gauge-scale="gaugeScale"
      :min="0.3"
      :max="200"
      @update:model-value="set({ thicknessMm: $event })"
    />
    <v-text-field
      :model-value="job.alloy"
      :label="t('decide.alloy')"
      :hint="t('decide.alloyHint')"
      persistent-hint
      maxlength="60"
      autocomplete="off"
      @update:model-value="set({ alloy: $event.trim() ? $event : undefined })"
    />
    <v-select
      :model-value="job.position"
      :label="t('decide.position')"
      :items="POSITIONS.map((value) => ({ value, title: words.POSITION_NAMES[value] }))"
      @update:model-value="set({ position: $event })"
    />
    <QuantityField
      :model-value="job.draughtMPerS"
      kind="draught"
      :label="t('decide.draught')"
      :hint="t('decide.draughtHint', { limit: formatDraught(2.2, settings.units) })"
      :units="settings.units"
      :max="50"
      @update:model-value="set({ draughtMPerS: $event })"
    />
  </div>
</template>

<style scoped>
.pairs {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
  align-items: start;
}
@media (max-width: 480px) {
  .pairs {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
