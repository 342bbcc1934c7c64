<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useDraft } from '../../composables/useDraft.ts'
import { type Machine } from '@pepper-knot/core/machine'
import { formatAmps } from '@pepper-knot/core/trade'
import {
  circuitVerdict,
  supplyAt,
  whatGives,
  type SizedWire,
  type StartSettings,
  type SupplyLine,
} from '@pepper-knot/core/wire'
import QuantityField from '../../parts/QuantityField.vue'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import { useSettings } from '../../stores/settings.ts'
import DeskPanel from './DeskPanel.vue'
import FigureTable, { type Figure } from './FigureTable.vue'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** Will the circuit hold: what the setting draws, against breaker, cord and duty; and what gives first. */
const props = defineProps<{
  start: StartSettings | undefined
  machine: Machine | undefined
  wire: SizedWire | undefined
  arcGas: string | null
}>()
const { t } = useI18n()
const settings = useSettings()
const volts = useDraft<number | undefined>('desk.circuit.volts', 230)
const phases = ref<1 | 3>(1)
const breaker = useDraft<number | undefined>('desk.circuit.breaker', 16)
const cord = useDraft<number | undefined>('desk.circuit.cord', 0)
const section = useDraft<number | undefined>('desk.circuit.section', 2.5)
watch(
  () => props.machine?.id,
  () => {
    const s = props.machine?.supply
    if (!s) return
    volts.value = s.voltageV ?? volts.value
    phases.value = s.phases ?? 1
    breaker.value = s.breakerA ?? breaker.value
    cord.value = s.cordLengthM ?? 0
    section.value = s.cordMm2 ?? section.value
  },
  { immediate: true },
)
const supply = computed<SupplyLine | undefined>(() =>
  volts.value && breaker.value && section.value
    ? {
        voltageV: volts.value,
        phases: phases.value,
        breakerA: breaker.value,
        cordLengthM: cord.value ?? 0,
        cordMm2: section.value,
      }
    : undefined,
)
const found = computed(() => {
  if (!props.start?.currentA || !props.wire || !supply.value) return undefined
  const at = supplyAt(props.wire, props.arcGas, props.start.currentA.value, props.machine ?? {}, supply.value)
  return { ...at, share: at.drop / supply.value.voltageV }
})
const gives = computed(() =>
  props.wire && supply.value
    ? words.givesSentence(whatGives(props.wire, props.arcGas, props.machine ?? {}, supply.value))
    : '',
)
const WORDS = {
  trips: 'trips',
  'cord-thin': 'cordThin',
  'may-hold': 'mayHold',
  holds: 'holds',
} as const satisfies Record<ReturnType<typeof circuitVerdict>, string>
const answer = computed(() => {
  if (!props.start) return t('desk.needStart')
  if (!props.start.currentA) return t('desk.noDraw')
  if (!found.value) return t('desk.badSupply')
  const { draw, share } = found.value
  const figures = { draw: Math.round(draw.value), low: Math.round(draw.low), high: Math.round(draw.high) }
  return t(`desk.${WORDS[circuitVerdict(found.value, supply.value!)]}`, {
    ...figures,
    share: Math.round(share * 100),
  })
})
const figures = computed<Figure[]>(() => {
  if (!found.value) return []
  const { draw, heatingA, duty, drop, share } = found.value
  const amps = (a: number) => formatAmps(Math.round(a))
  const list: Figure[] = [
    {
      name: t('desk.draw'),
      value: amps(draw.value),
      band: words.bandWords(amps(draw.low), amps(draw.high)),
      origin: t('desk.drawOrigin'),
    },
    { name: t('desk.heating'), value: amps(heatingA), origin: 'NEC 630.11(A)' },
  ]
  if (duty !== undefined)
    list.push({ name: t('desk.dutyName'), value: `${Math.round(duty)} %`, origin: 'IEC 60974-1' })
  if (drop)
    list.push({
      name: t('desk.dropName'),
      value: t('desk.drop', { v: Math.round(drop), share: Math.round(share * 100) }),
      origin: 'NEC Chapter 9 Table 8',
    })
  return list
})
</script>

<template>
  <DeskPanel :ask="t('desk.circuit')" :answer="answer" :note="t('desk.circuitOrigin')">
    <QuantityField
      v-model="volts"
      kind="volts"
      :label="t('fields.voltageV')"
      :units="settings.units"
      :min="50"
      :max="1000"
    />
    <QuantityField
      v-model="breaker"
      kind="amps"
      :label="t('fields.breakerA')"
      :units="settings.units"
      :min="1"
      :max="1000"
    />
    <QuantityField
      v-model="cord"
      kind="lead"
      :label="t('fields.cordLengthM')"
      :units="settings.units"
      :max="500"
    />
    <QuantityField
      v-model="section"
      kind="conductor"
      :label="t('desk.cordSection')"
      :units="settings.units"
      :min="0.5"
      :max="200"
    />
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
      <p v-if="gives" class="tabular">{{ gives }}</p>
      <FigureTable v-if="figures.length" :figures="figures" />
    </template>
  </DeskPanel>
</template>
