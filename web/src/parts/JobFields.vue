<script setup lang="ts">
import { computed } from 'vue'
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
/** Nothing typed is nothing said. */
const alloy = computed({
  get: () => job.value.alloy ?? '',
  set: (text: string) => {
    if (text.trim()) job.value.alloy = text
    else delete job.value.alloy
  },
})
const gaugeScale = computed(() => gaugeScaleOf(job.value.material))
</script>

<template>
  <div class="pairs">
    <v-select
      v-model="job.material"
      :label="t('decide.metal')"
      :items="MATERIALS.map((value) => ({ value, title: words.MATERIAL_NAMES[value] }))"
    />
    <QuantityField
      v-model="job.thicknessMm"
      kind="thickness"
      :label="t('decide.thickness')"
      :hint="t('decide.thicknessHint')"
      :units="settings.units"
      :gauge-scale="gaugeScale"
      :min="0.3"
      :max="200"
    />
    <v-text-field
      v-model="alloy"
      :label="t('decide.alloy')"
      :hint="t('decide.alloyHint')"
      persistent-hint
      maxlength="60"
      autocomplete="off"
    />
    <v-select
      v-model="job.position"
      :label="t('decide.position')"
      :items="POSITIONS.map((value) => ({ value, title: words.POSITION_NAMES[value] }))"
    />
    <QuantityField
      v-model="job.draughtMPerS"
      kind="draught"
      :label="t('decide.draught')"
      :hint="t('decide.draughtHint', { limit: formatDraught(2.2, settings.units) })"
      :units="settings.units"
      :max="50"
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
