<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  heatInputKJPerMm,
  lensShade,
  START_NAMES,
  startBand,
  startNote,
  startValue,
  TRANSFER_NAMES,
  type Job,
  type StartKey,
  type StartSettings,
} from '@pepper-knot/core'
import { useShop } from '../../stores/shop.ts'

/** The settings with their bands and origins, the shade, the heat by either convention. */
const props = defineProps<{ start: StartSettings; job: Partial<Job> }>()
const { t, n } = useI18n()
const shop = useShop()
const KEYS: StartKey[] = ['voltageV', 'wireSpeedMPerMin', 'currentA', 'tipToWorkMm']
const bandOf = (key: StartKey) => props.start[key as keyof StartSettings] as StartSettings['currentA']
const shade = computed(() => lensShade(props.start.currentA.value))
const travel = ref('')
const mmPerMin = computed(() => {
  const value = Number(travel.value.replace(',', '.'))
  return value > 0 ? value * (shop.units === 'metric' ? 1 : 25.4) : undefined
})
const heat = (convention: 'en-1011' | 'aws-d1-1') =>
  n(
    heatInputKJPerMm(props.start.voltageV.value, props.start.currentA.value, mmPerMin.value!, convention) *
      (shop.units === 'metric' ? 1 : 25.4),
    { maximumSignificantDigits: 2 },
  )
</script>

<template>
  <div class="settings">
    <table class="tabular">
      <tbody>
        <tr v-for="key in KEYS" :key="key">
          <th scope="row">{{ START_NAMES[key] }}</th>
          <td>
            <b>{{ startValue(key, bandOf(key), shop.units) }}</b>
          </td>
          <td>{{ startBand(key, bandOf(key), shop.units) }}</td>
          <td class="muted">{{ bandOf(key).origin }}</td>
        </tr>
      </tbody>
    </table>
    <p>{{ t('desk.transfer', { name: TRANSFER_NAMES[start.transfer] }) }}</p>
    <p v-for="note in start.notes" :key="note">{{ startNote(note) }}</p>
    <p>
      {{ t('desk.shade', { least: shade.least }) }}
      {{ shade.comfort === null ? '' : t('desk.comfort', { n: shade.comfort }) }}
      {{ t('desk.fume') }}
    </p>
    <v-text-field
      v-model="travel"
      class="travel"
      :label="t(shop.units === 'metric' ? 'desk.travelMm' : 'desk.travelIn')"
      inputmode="decimal"
    />
    <p v-if="mmPerMin" class="tabular">
      {{
        t('desk.heat', {
          en: heat('en-1011'),
          aws: heat('aws-d1-1'),
          unit: shop.units === 'metric' ? 'kJ/mm' : 'kJ/in',
        })
      }}
    </p>
  </div>
</template>

<style scoped>
.settings {
  display: grid;
  gap: 8px;
}
table {
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  padding: 4px 14px 4px 0;
  border-bottom: 1px solid var(--rule);
  font-weight: 400;
}
.travel {
  max-width: 260px;
}
</style>
