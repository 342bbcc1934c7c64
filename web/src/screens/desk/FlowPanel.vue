<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import {
  DRAUGHT_LIMIT_M_PER_S,
  flowmeterFactor,
  formatDraught,
  formatFlow,
  gasDesignation,
  hosePurgeSeconds,
  isoName,
  startingFlow,
  turbulentFlowLPerMin,
  type Mixture,
  type SizedWire,
  type Transfer,
} from '@pepper-knot/core'
import MixtureField from '../../parts/MixtureField.vue'
import QuantityField from '../../parts/QuantityField.vue'
import { useShop } from '../../stores/shop.ts'
import DeskPanel from './DeskPanel.vue'

/** What flow: by wire and nozzle, under the turbulent ceiling, and what a float made for argon then shows. */
const props = defineProps<{ wire: SizedWire | undefined; transfer: Transfer | undefined }>()
const flow = defineModel<number>({ required: true })
const gas = defineModel<Mixture | undefined>('gas', { required: true })
const { t } = useI18n()
const shop = useShop()
const bore = ref<number | undefined>(16)
const draught = ref<number | undefined>(0)
const hose = ref<number | undefined>(5)
const band = computed(() => {
  if (!props.wire) return undefined
  const sprays = props.transfer !== 'short-arc' || props.wire.family === 'aluminium'
  return startingFlow(
    { exactMm: props.wire.exactMm, transfer: sprays ? 'spray' : 'short-or-spray' },
    bore.value,
  )
})
watch(band, (now) => now && (flow.value = now.value), { immediate: true })
const say = (n: number) => formatFlow(n, shop.units)
const windy = computed(() => (draught.value ?? 0) > DRAUGHT_LIMIT_M_PER_S)
const answer = computed(() => {
  if (!props.wire) return t('desk.needWire')
  if (!props.wire.gas.needed) return t('desk.noGas')
  if (windy.value) return t('desk.windy', { limit: formatDraught(DRAUGHT_LIMIT_M_PER_S, shop.units) })
  return t('desk.flowIs', {
    flow: say(band.value!.value),
    low: say(band.value!.low),
    high: say(band.value!.high),
  })
})
const details = computed(() => {
  if (!props.wire?.gas.needed || !band.value) return []
  const list = bore.value ? [t('desk.ceiling', { flow: say(turbulentFlowLPerMin(bore.value)) })] : []
  if (gas.value) {
    list.push(isoName(gas.value, gasDesignation(gas.value)))
    const factor = flowmeterFactor({ Ar: 100 }, gas.value)
    if (Math.abs(factor - 1) > 0.02)
      list.push(t('desk.float', { reading: say(band.value.value / factor), flow: say(band.value.value) }))
  }
  if (hose.value)
    list.push(t('desk.purge', { s: Math.ceil(hosePurgeSeconds(hose.value, 6, band.value.value)) }))
  return list
})
</script>

<template>
  <DeskPanel :ask="t('desk.flow')" :answer="answer" :note="t('desk.flowOrigin')">
    <QuantityField
      v-model="bore"
      kind="length"
      :label="t('desk.bore')"
      :units="shop.units"
      :min="5"
      :max="50"
    />
    <QuantityField
      v-model="draught"
      kind="draught"
      :label="t('decide.draught')"
      :units="shop.units"
      :max="50"
    />
    <MixtureField v-model="gas" :label="t('desk.gas')" />
    <QuantityField v-model="hose" kind="lead" :label="t('desk.hose')" :units="shop.units" :max="100" />
    <template #more>
      <ul class="tabular">
        <li v-for="line in details" :key="line">{{ line }}</li>
      </ul>
    </template>
  </DeskPanel>
</template>
