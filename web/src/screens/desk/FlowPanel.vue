<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useDraft } from '../../composables/useDraft.ts'
import {
  HOSE_BORE_MM,
  ARGON,
  heldBehindValveL,
  awsName,
  DRAUGHT_LIMIT_M_PER_S,
  CO2_CYLINDER_L_PER_MIN,
  flowmeterFactor,
  gasesFor,
  hosePurgeSeconds,
  isLiquid,
  isoName,
  leakLPerMin,
  lostInMonthL,
  shortMixture,
  turbulentFlowLPerMin,
  type Mixture,
} from '@pepper-knot/core/arc'
import { flowFor, type Job } from '@pepper-knot/core/machine'
import { formatDraught, formatFlow, formatGas, formatLeak } from '@pepper-knot/core/trade'
import { type SizedWire, type StartSettings } from '@pepper-knot/core/wire'
import MixtureField from '../../parts/MixtureField.vue'
import QuantityField from '../../parts/QuantityField.vue'
import { useSettings } from '../../stores/settings.ts'
import DeskPanel from './DeskPanel.vue'
import FigureTable, { type Figure } from './FigureTable.vue'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** What flow: by wire, nozzle and place, under the turbulent ceiling; what suits the wire; float, hose and leak. */
const props = defineProps<{
  wire: SizedWire | undefined
  start: StartSettings | undefined
  job: Partial<Job>
}>()
const flow = defineModel<number>({ required: true })
const gas = defineModel<Mixture | undefined>('gas', { required: true })
const { t, n } = useI18n()
const settings = useSettings()
const bore = useDraft<number | undefined>('desk.flow.bore', 16)
const draught = useDraft<number | undefined>('desk.flow.draught', 0)
const hose = useDraft<number | undefined>('desk.flow.hose', 5)
const tip = useDraft<number | undefined>('desk.flow.tip', undefined)
const madeFor = ref<Mixture | undefined>(ARGON)
const drop = useDraft<number | undefined>('desk.flow.drop', undefined)
const minutes = useDraft<number | undefined>('desk.flow.minutes', 600)
const band = computed(() =>
  props.wire
    ? flowFor(
        props.wire,
        props.start ?? null,
        gas.value ?? null,
        bore.value,
        { position: props.job.position, draughtMPerS: draught.value, tipToWorkMm: tip.value },
        madeFor.value,
      )
    : undefined,
)
/** What the figure leaves open: an unread bore, helium, and how much a CO2 cylinder gives. */
const asides = computed(() => {
  const b = band.value
  if (!b || !needsGas.value) return []
  const co2 = gas.value && isLiquid(gas.value) && b.value > CO2_CYLINDER_L_PER_MIN.while
  return [
    ...(b.boreAssumed ? [t('desk.boreAssumed', { bore: words.boreText(b.boreMm, settings.units) })] : []),
    ...(b.trueFlowLPerMin !== undefined
      ? [t('desk.trueFlow', { flow: say(b.trueFlowLPerMin), reads: say(b.value) })]
      : []),
    ...(co2 ? [words.startNote('co2-heater')] : []),
  ]
})
watch(band, (now) => now && (flow.value = now.value), { immediate: true })
const say = (x: number) => formatFlow(x, settings.units)
const windy = computed(() => (draught.value ?? 0) > DRAUGHT_LIMIT_M_PER_S)
const needsGas = computed(() => props.wire?.gas.needed === true)
const answer = computed(() => {
  if (!props.wire) return t('desk.needWire')
  if (!needsGas.value) return t('desk.noGas')
  if (windy.value) return t('desk.windy', { limit: formatDraught(DRAUGHT_LIMIT_M_PER_S, settings.units) })
  return t('desk.flowIs', {
    flow: say(band.value!.value),
    band: words.bandWords(say(band.value!.low), say(band.value!.high)),
  })
})
/** What may be connected under this wire, and how the metal then crosses. */
const suits = computed(() => {
  if (!props.wire || !needsGas.value) return ''
  return gasesFor(props.wire)
    .map(({ designation, mixture, transfers }) =>
      t('desk.suit', {
        gas: mixture ? shortMixture(mixture) : designation,
        designation,
        transfers: transfers.map((name) => words.TRANSFER_NAMES[name]).join(t('desk.or')) || '?',
      }),
    )
    .join('; ')
})
const factor = computed(() => (gas.value && madeFor.value ? flowmeterFactor(madeFor.value, gas.value) : 1))
const leak = computed(() =>
  drop.value !== undefined && minutes.value
    ? leakLPerMin(heldBehindValveL(hose.value ?? 0), drop.value, minutes.value / 60)
    : undefined,
)
const figures = computed<Figure[]>(() => {
  if (!needsGas.value || !band.value) return []
  const list: Figure[] = [
    {
      name: t('desk.flowName'),
      value: say(band.value.value),
      band: words.bandWords(say(band.value.low), say(band.value.high)),
      origin: t('desk.flowOrigin'),
    },
  ]
  if (bore.value)
    list.push({
      name: t('desk.ceiling'),
      value: say(turbulentFlowLPerMin(bore.value)),
      origin: t('desk.ceilingOrigin'),
    })
  if (gas.value)
    list.push(
      { name: t('desk.gas'), value: isoName(gas.value), origin: 'ISO 14175:2008, AWS A5.32:2011' },
      { name: t('desk.gasBefore'), value: awsName(gas.value), origin: 'AWS A5.32:1997' },
    )
  if (gas.value && madeFor.value)
    list.push({
      name: t('desk.floatName'),
      value: say(band.value.value / factor.value),
      origin: t('desk.floatOrigin', { factor: n(factor.value, { maximumFractionDigits: 2 }) }),
    })
  if (hose.value)
    list.push({
      name: t('desk.purge'),
      value: t('desk.seconds', {
        s: Math.max(1, Math.ceil(hosePurgeSeconds(hose.value, HOSE_BORE_MM, band.value.value))),
      }),
      origin: t('desk.purgeOrigin'),
    })
  return list
})
</script>

<template>
  <DeskPanel
    :ask="t('desk.flow')"
    :answer="answer"
    :note="suits ? t('desk.suits', { list: suits }) : undefined"
  >
    <QuantityField
      v-model="bore"
      kind="length"
      :label="t('desk.bore')"
      :units="settings.units"
      :min="5"
      :max="50"
    />
    <QuantityField
      v-model="draught"
      kind="draught"
      :label="t('decide.draught')"
      :units="settings.units"
      :max="50"
    />
    <QuantityField
      v-model="tip"
      kind="length"
      :label="t('desk.tip')"
      :units="settings.units"
      :min="3"
      :max="100"
    />
    <MixtureField v-model="gas" :label="t('desk.gas')" />
    <MixtureField v-model="madeFor" :label="t('desk.madeFor')" />
    <QuantityField v-model="hose" kind="lead" :label="t('desk.hose')" :units="settings.units" :max="100" />
    <template #more>
      <p v-for="aside in asides" :key="aside">{{ aside }}</p>
      <p v-if="needsGas && gas && band && band.trueFlowLPerMin === undefined && Math.abs(factor - 1) > 0.02">
        {{ t('desk.float', { reading: say(band.value / factor), flow: say(band.value) }) }}
      </p>
      <details v-if="needsGas">
        <summary>{{ t('desk.leak') }}</summary>
        <p>{{ t('desk.leakHow') }}</p>
        <div class="leak">
          <QuantityField
            v-model="drop"
            kind="pressure"
            :label="t('desk.leakDrop')"
            :units="settings.units"
            :max="400"
          />
          <QuantityField
            v-model="minutes"
            kind="time"
            :label="t('desk.leakTime')"
            :units="settings.units"
            :min="10"
            :max="90000"
          />
        </div>
        <p v-if="leak !== undefined" class="tabular" role="status">
          {{
            leak === 0
              ? t('desk.leakNone')
              : t('desk.leakIs', {
                  leak: formatLeak(leak, settings.units),
                  month: formatGas(lostInMonthL(leak) / 1000, settings.units),
                })
          }}
        </p>
      </details>
      <FigureTable v-if="figures.length" :figures="figures" />
    </template>
  </DeskPanel>
</template>

<style scoped>
.leak {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(190px, 100%), 1fr));
  gap: 12px;
  align-items: start;
  margin: 10px 0;
}
</style>
