<script setup lang="ts">
import { computed, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { type Run } from '@pepper-knot/core/record'
import { formatDraught, gaugeScaleOf, MATERIALS, POSITIONS } from '@pepper-knot/core/trade'
import { metalTyped } from '@pepper-knot/core/wire'
import { useMetals } from '../stores/metals.ts'
import { useSettings } from '../stores/settings.ts'
import MetalField from './MetalField.vue'
import QuantityField from './QuantityField.vue'
import { useWords } from '../composables/useWords.ts'

const words = useWords()
/** What is to be welded: metal, thickness, position, wind. */
const job = defineModel<Run['job']>({ required: true })
const { t } = useI18n()
const settings = useSettings()
const metals = useMetals()
/** What was given up last: two fields may say something before the page has come round. */
let latest = job.value
watch(job, (now) => (latest = now))
/** Each change makes the job anew; a field that says nothing is left out. */
function set(more: Partial<Record<keyof Run['job'], unknown>>) {
  const next = Object.entries({ ...latest, ...more }).filter(([, value]) => value !== undefined)
  latest = Object.fromEntries(next) as Run['job']
  job.value = latest
}
const asksWatch = computed(() =>
  [job.value.alloy, job.value.otherAlloy].some(
    (typed) => metalTyped(metals.read(typed)?.like ?? typed ?? '').asksWatch,
  ),
)
/** A grade says what the metal is, where nobody said it yet. */
function setAlloy(alloy: string | undefined) {
  const [material] = metalTyped(metals.read(alloy)?.like ?? alloy ?? '').materials
  set({ alloy, ...(!latest.material && material && { material }) })
}
const services = Object.entries(words.SERVICE_NAMES).map(([value, title]) => ({ value, title }))
/** Open where something of it is said already; a hand opens and closes it after that. */
const isMore = (({ alloy, otherAlloy, service, position, draughtMPerS }) =>
  Boolean(alloy || otherAlloy || service?.length || (position && position !== 'flat') || draughtMPerS))(
  job.value,
)
function setService(value: string, on: boolean) {
  const kept = (job.value.service ?? []).filter((one) => one !== value)
  const next = on ? [...kept, value] : kept
  set({ service: next.length ? next : undefined })
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
    <details class="more" :open="isMore">
      <summary>{{ t('decide.more') }}</summary>
      <div class="pairs">
        <MetalField
          :model-value="job.alloy"
          :label="t('decide.alloy')"
          :hint="t('decide.alloyHint')"
          :material="job.material"
          @update:model-value="setAlloy"
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
        <v-checkbox
          v-if="asksWatch"
          :model-value="job.surveillance ?? false"
          :label="t('decide.surveillance')"
          hide-details
          @update:model-value="set({ surveillance: $event === true ? true : undefined })"
        />
        <MetalField
          :model-value="job.otherAlloy"
          :label="t('decide.otherAlloy')"
          :hint="t('decide.otherAlloyHint')"
          @update:model-value="set({ otherAlloy: $event })"
        />
      </div>
      <fieldset>
        <legend>{{ t('decide.service') }}</legend>
        <label v-for="{ value, title } in services" :key="value">
          <input
            type="checkbox"
            :checked="job.service?.some((one) => one === value) ?? false"
            @change="setService(value, ($event.target as HTMLInputElement).checked)"
          />
          {{ title }}
        </label>
      </fieldset>
    </details>
  </div>
</template>

<style scoped>
.pairs {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
  align-items: start;
}
.more {
  grid-column: 1 / -1;
}
.more[open] summary {
  margin-bottom: 12px;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 14px 0 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
}
legend {
  font-weight: 600;
}
fieldset label {
  min-height: 46px;
  display: inline-flex;
  gap: 10px;
  align-items: center;
}
fieldset input {
  width: 22px;
  height: 22px;
  accent-color: var(--ink);
}
@media (max-width: 480px) {
  .pairs {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
