<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  CO2_M3_PER_KG,
  cylinderM3,
  formatFlow,
  formatGas,
  gasLeft,
  isLiquid,
  type Mixture,
} from '@pepper-knot/core'
import QuantityField from '../../parts/QuantityField.vue'
import { useShop } from '../../stores/shop.ts'
import DeskPanel from './DeskPanel.vue'

/** How long the cylinder lasts: by its gauge, or by weight for CO2, whose gauge says nothing. */
const props = defineProps<{ gas: Mixture | undefined }>()
const flow = defineModel<number>('flow', { required: true })
const { t, n } = useI18n()
const shop = useShop()
const litres = ref('20')
const bar = ref<number | undefined>(150)
const kg = ref<number | undefined>(5)
const seconds = ref('20')
const price = ref('')
const number = (text: string) => Number(text.replace(',', '.'))
const liquid = computed(() => props.gas !== undefined && isLiquid(props.gas))
const problem = computed(() => {
  if (!liquid.value && !(number(litres.value) > 0 && number(litres.value) <= 1000)) return t('desk.badLitres')
  return number(seconds.value) > 0 && number(seconds.value) <= 36_000 ? '' : t('desk.badSeconds')
})
const left = computed(() => {
  if (!props.gas || problem.value || !(flow.value > 0)) return undefined
  const m3 = liquid.value
    ? (kg.value ?? 0) * CO2_M3_PER_KG
    : cylinderM3(number(litres.value), bar.value ?? 0, props.gas)
  return gasLeft(m3, flow.value, number(seconds.value))
})
const answer = computed(
  () =>
    problem.value ||
    (left.value
      ? t('desk.lastsIs', {
          gas: formatGas(left.value.m3, shop.units),
          minutes: n(Number(left.value.minutes.toPrecision(2))),
          welds: n(Number(left.value.welds.toPrecision(2))),
          flow: formatFlow(flow.value, shop.units),
        })
      : t('desk.needGas')),
)
const money = computed(() => {
  const each = number(price.value)
  if (!left.value || !(each > 0) || left.value.minutes <= 0) return ''
  const hour = (each * 60) / left.value.minutes
  return t('desk.costs', {
    weld: n((hour * number(seconds.value)) / 3600, { maximumSignificantDigits: 2 }),
    hour: n(hour, { maximumSignificantDigits: 2 }),
  })
})
</script>

<template>
  <DeskPanel
    :ask="t('desk.cylinder')"
    :answer="answer"
    :note="t(liquid ? 'desk.weigh' : 'desk.cylinderOrigin')"
  >
    <v-text-field v-if="!liquid" v-model="litres" :label="t('desk.litres')" inputmode="decimal" />
    <QuantityField
      v-if="!liquid"
      v-model="bar"
      kind="pressure"
      :label="t('desk.gauge')"
      :units="shop.units"
      :max="400"
    />
    <QuantityField
      v-if="liquid"
      v-model="kg"
      kind="mass"
      :label="t('desk.co2Left')"
      :units="shop.units"
      :max="1000"
    />
    <QuantityField
      :model-value="flow"
      kind="flow"
      :label="t('desk.atFlow')"
      :units="shop.units"
      :min="1"
      :max="60"
      @update:model-value="$event !== undefined && (flow = $event)"
    />
    <v-text-field v-model="seconds" :label="t('desk.weldSeconds')" inputmode="numeric" />
    <v-text-field v-model="price" :label="t('desk.price')" inputmode="decimal" />
    <template #more>
      <p v-if="money" class="tabular">{{ money }}</p>
    </template>
  </DeskPanel>
</template>
