<script setup lang="ts">
import { useMoney } from '../../composables/useMoney.ts'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useDraft } from '../../composables/useDraft.ts'
import { GAS_LEFT_BAND, gasCost, gasLeftM3, gasLeft, isLiquid, type Mixture } from '@pepper-knot/core/arc'
import { typedNumber, BAR, formatFlow, formatGas } from '@pepper-knot/core/trade'
import ChoiceRow from '../../parts/ChoiceRow.vue'
import QuantityField from '../../parts/QuantityField.vue'
import { useSettings } from '../../stores/settings.ts'
import DeskPanel from './DeskPanel.vue'
import FigureTable, { type Figure } from './FigureTable.vue'
import { useWords } from '../../composables/useWords.ts'

const words = useWords()
/** How long the cylinder lasts: by its gauge, or by weight for CO2, whose gauge says nothing. */
const props = defineProps<{ gas: Mixture | undefined }>()
const flow = defineModel<number>('flow', { required: true })
const { t, n } = useI18n()
const say = useMoney()
const settings = useSettings()
/** Cylinders are named by the water they hold, or by the gas they hold when full. */
const named = ref<'water' | 'content'>(settings.units === 'inch' ? 'content' : 'water')
const litres = useDraft<number | undefined>('desk.cylinder.litres', 20)
const content = useDraft<number | undefined>('desk.cylinder.content', 3.5)
const fullBar = useDraft<number | undefined>(
  'desk.cylinder.fullBar',
  settings.units === 'inch' ? 2200 * BAR.psi! : 200,
)
const bar = useDraft<number | undefined>(
  'desk.cylinder.bar',
  settings.units === 'inch' ? 2000 * BAR.psi! : 150,
)
const kg = useDraft<number | undefined>('desk.cylinder.kg', 5)
const seconds = useDraft<number | undefined>('desk.cylinder.seconds', 20)
const price = useDraft('desk.cylinder.price', '')
const money = computed(() => typedNumber(price.value) ?? 0)
const badMoney = computed(() => money.value !== 0 && !(money.value >= 0.01 && money.value <= 100_000))
const liquid = computed(() => props.gas !== undefined && isLiquid(props.gas))
const m3 = computed(
  () =>
    props.gas &&
    gasLeftM3(props.gas, {
      kg: kg.value,
      gaugeBar: bar.value,
      waterL: litres.value,
      full: named.value === 'content' ? { m3: content.value, bar: fullBar.value } : undefined,
    }),
)
const left = computed(() =>
  m3.value === undefined || !(flow.value > 0) || !seconds.value
    ? undefined
    : gasLeft(m3.value, flow.value, seconds.value),
)
const two = (x: number) => n(Number(x.toPrecision(2)))
const answer = computed(() => {
  if (!props.gas) return t('desk.needGas')
  if (!left.value) return t('desk.needCylinder')
  return t('desk.lastsIs', {
    gas: formatGas(left.value.m3, settings.units),
    minutes: two(left.value.minutes),
    low: two(left.value.minutes * (1 - GAS_LEFT_BAND)),
    high: two(left.value.minutes * (1 + GAS_LEFT_BAND)),
    welds: two(left.value.welds),
    flow: formatFlow(flow.value, settings.units),
  })
})
const costs = computed(() => {
  if (!left.value || badMoney.value || money.value === 0 || left.value.minutes <= 0 || !seconds.value)
    return ''
  const { hour, weld } = gasCost(money.value, left.value.minutes, seconds.value)
  return t('desk.costs', {
    weld: say(weld, 2),
    hour: say(hour, 2),
  })
})
const figures = computed<Figure[]>(() => {
  if (!left.value) return []
  const banded = (name: string, x: number, say: (y: number) => string, origin: string): Figure => ({
    name,
    value: say(x),
    band: words.bandWords(say(x * (1 - GAS_LEFT_BAND)), say(x * (1 + GAS_LEFT_BAND))),
    origin,
  })
  const by = t(liquid.value ? 'desk.weighOrigin' : 'desk.cylinderOrigin')
  return [
    banded(t('desk.gasLeft'), left.value.m3, (x) => formatGas(x, settings.units), by),
    banded(t('desk.minutesLeft'), left.value.minutes, two, t('desk.minutesOrigin')),
    banded(t('desk.weldsLeft'), left.value.welds, two, t('desk.weldsOrigin')),
  ]
})
</script>

<template>
  <DeskPanel :ask="t('desk.cylinder')" :answer="answer" :note="liquid ? t('desk.weigh') : undefined">
    <template v-if="!liquid">
      <ChoiceRow
        :model-value="named"
        :ask="t('desk.namedBy')"
        :choices="[
          { value: 'water', title: t('desk.byWater') },
          { value: 'content', title: t('desk.byContent') },
        ]"
        @update:model-value="$event && (named = $event)"
      />
      <QuantityField
        v-if="named === 'water'"
        v-model="litres"
        kind="water"
        :label="t('desk.litres')"
        :units="settings.units"
        :min="0.3"
        :max="1000"
      />
      <template v-else>
        <QuantityField
          v-model="content"
          kind="gas"
          :label="t('desk.content')"
          :units="settings.units"
          :min="0.1"
          :max="500"
        />
        <QuantityField
          v-model="fullBar"
          kind="pressure"
          :label="t('desk.fullAt')"
          :units="settings.units"
          :min="10"
          :max="400"
        />
      </template>
      <QuantityField
        v-model="bar"
        kind="pressure"
        :label="t('desk.gauge')"
        :units="settings.units"
        :max="400"
      />
    </template>
    <QuantityField
      v-else
      v-model="kg"
      kind="mass"
      :label="t('desk.co2Left')"
      :units="settings.units"
      :max="1000"
    />
    <QuantityField
      :model-value="flow"
      kind="flow"
      :label="t('desk.atFlow')"
      :units="settings.units"
      :min="1"
      :max="60"
      @update:model-value="$event !== undefined && (flow = $event)"
    />
    <QuantityField
      v-model="seconds"
      kind="time"
      :label="t('desk.weldSeconds')"
      :units="settings.units"
      :min="1"
      :max="36000"
    />
    <v-text-field
      v-model="price"
      :label="t('desk.price')"
      :hint="t('desk.priceHint')"
      persistent-hint
      inputmode="decimal"
      :error-messages="badMoney ? [t('field.range', { min: n(0.01), max: n(100_000) })] : []"
    />
    <template #more>
      <p v-if="costs" class="tabular">{{ costs }}</p>
      <FigureTable v-if="figures.length" :figures="figures" />
    </template>
  </DeskPanel>
</template>
