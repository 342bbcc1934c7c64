<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  cordDropV,
  dutyAtPercent,
  dutyMultiplier,
  supplyCurrentA,
  type Machine,
  type StartSettings,
} from '@pepper-knot/core'
import QuantityField from '../../parts/QuantityField.vue'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import { useShop } from '../../stores/shop.ts'
import DeskPanel from './DeskPanel.vue'

/** Will the circuit hold: what the setting draws, against breaker, cord and duty; and what gives first. */
const props = defineProps<{ start: StartSettings | undefined; machine: Machine | undefined }>()
const { t } = useI18n()
const shop = useShop()
const volts = ref('230')
const phases = ref<1 | 3>(1)
const breaker = ref('16')
const cord = ref<number | undefined>(0)
const section = ref('2.5')
watch(
  () => props.machine?.id,
  () => {
    const s = props.machine?.supply
    if (!s) return
    volts.value = String(s.voltageV ?? volts.value)
    phases.value = s.phases ?? 1
    breaker.value = String(s.breakerA ?? breaker.value)
    cord.value = s.cordLengthM ?? 0
    section.value = String(s.cordMm2 ?? section.value)
  },
  { immediate: true },
)
const number = (text: string) => Number(text.replace(',', '.'))
const sound = computed(
  () =>
    number(volts.value) >= 50 &&
    number(volts.value) <= 1000 &&
    number(breaker.value) > 0 &&
    number(section.value) > 0,
)
const MOST_DROP = 0.05
const found = computed(() => {
  if (!props.start || !sound.value) return undefined
  const supply = { voltageV: number(volts.value), phases: phases.value }
  const draw = supplyCurrentA(
    { voltageV: props.start.voltageV.value, currentA: props.start.currentA.value },
    supply,
  )
  const { dutyAtA, dutyPercent } = props.machine?.output ?? {}
  const duty =
    dutyAtA && dutyPercent ? dutyAtPercent(dutyPercent, dutyAtA, props.start.currentA.value) : undefined
  const heating = draw.value * dutyMultiplier(duty ?? 60)
  const drop =
    (cord.value ?? 0) > 0
      ? cordDropV({ lengthM: cord.value!, mm2: number(section.value) }, draw.value, phases.value)
      : 0
  return { draw, duty, heating, drop, share: drop / supply.voltageV }
})
const answer = computed(() => {
  if (!props.start) return t('desk.needStart')
  if (!found.value) return t('desk.badSupply')
  const { draw, heating, share } = found.value
  const figures = { draw: Math.round(draw.value), low: Math.round(draw.low), high: Math.round(draw.high) }
  if (heating > number(breaker.value)) return t('desk.trips', figures)
  if (share > MOST_DROP) return t('desk.cordThin', { ...figures, share: Math.round(share * 100) })
  return t(draw.high > number(breaker.value) ? 'desk.mayHold' : 'desk.holds', figures)
})
</script>

<template>
  <DeskPanel :ask="t('desk.circuit')" :answer="answer" :note="t('desk.circuitOrigin')">
    <v-text-field v-model="volts" :label="t('fields.voltageV')" inputmode="numeric" />
    <v-text-field v-model="breaker" :label="t('fields.breakerA')" inputmode="numeric" />
    <QuantityField
      v-model="cord"
      kind="lead"
      :label="t('fields.cordLengthM')"
      :units="shop.units"
      :max="500"
    />
    <v-text-field v-model="section" :label="t('fields.cordMm2')" inputmode="decimal" />
    <ChoiceRow
      :model-value="phases"
      :ask="t('fields.phases')"
      :choices="[
        { value: 1, title: '1' },
        { value: 3, title: '3' },
      ]"
      @update:model-value="$event && (phases = $event)"
    />
    <template #more>
      <ul v-if="found" class="tabular">
        <li v-if="found.duty !== undefined">{{ t('desk.duty', { n: Math.round(found.duty) }) }}</li>
        <li v-if="found.drop">
          {{ t('desk.drop', { v: Math.round(found.drop), share: Math.round(found.share * 100) }) }}
        </li>
      </ul>
    </template>
  </DeskPanel>
</template>
